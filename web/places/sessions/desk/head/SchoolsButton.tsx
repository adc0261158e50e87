import { App, Button, Popover } from 'antd';
import equal from 'fast-deep-equal';
import { memo } from 'react';
import type { Group } from '../../../../../core/group/group';
import { type Schools, USUAL_SCHOOLS } from '../../../../../core/movement/adapt/schools';
import { schoolsWords } from '../../../../../core/movement/adapt/schoolWords';
import { api } from '../../../../app/server/api';
import { SchoolQuestions } from '../../../../fields/SchoolQuestions';
import { useEdits } from '../../draft/useEdits';

interface Props {
  readonly schools: Schools;
  /** The group the class is for; null while it is nobody's. */
  readonly group: Group | null;
}

const said = (schools: Schools): string => {
  const otherwise = schoolsWords(schools);
  if (otherwise.length === 0) return 'Schools: as usual';
  return otherwise.length === 1 ? (otherwise[0] as string) : `Schools: ${otherwise.length} answered otherwise`;
};

/** How the class is done where schools disagree, opened to be changed. */
export const SchoolsButton = memo(function SchoolsButton({ schools, group }: Props) {
  return (
    <Popover
      content={<SchoolsForm schools={schools} group={group} />}
      trigger="click"
      placement="bottomLeft"
      title="Where schools disagree, this class does"
    >
      <Button type="text" size="small" title={schoolsWords(schools).join('; ')}>
        {said(schools)}
      </Button>
    </Popover>
  );
});

function SchoolsForm({ schools, group }: Props) {
  const edit = useEdits();
  const answer = (to: Schools) => void edit([{ kind: 'head', to: { schools: to } }]);
  return (
    <div className="schools-form">
      <SchoolQuestions schools={schools} onAnswer={answer} />
      <p className="schools-foot">
        {!equal(schools, USUAL_SCHOOLS) && (
          <Button size="small" onClick={() => answer(USUAL_SCHOOLS)}>
            All as usual
          </Button>
        )}
        {group && !equal(schools, group.schools) && <GroupWays schools={schools} group={group} onTake={answer} />}
      </p>
    </div>
  );
}

interface GroupWaysProps {
  readonly schools: Schools;
  readonly group: Group;
  readonly onTake: (schools: Schools) => void;
}

/** The class is done otherwise than its group is taught: one may follow the other, either way. */
function GroupWays({ schools, group, onTake }: GroupWaysProps) {
  const [teachGroup, { isLoading }] = api.useTeachGroupMutation();
  const { message } = App.useApp();
  const teach = async () => {
    const answer = await teachGroup({ id: group.id, schools });
    if (answer.error) message.error('The server does not answer, so the group stays as it was.');
    else message.success(`New classes of ${group.name} begin like this one.`);
  };
  return (
    <>
      <Button size="small" onClick={() => onTake(group.schools)}>
        As {group.name} is taught
      </Button>
      <Button size="small" loading={isLoading} onClick={() => void teach()}>
        Teach {group.name} this way
      </Button>
    </>
  );
}
