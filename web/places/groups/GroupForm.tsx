import { Button, Input, InputNumber, Select } from 'antd';
import { useState } from 'react';
import { unique } from 'remeda';
import { STRENGTHS } from '../../../core/demand/ceilings';
import { Group } from '../../../core/group/group';
import { schoolsWords } from '../../../core/movement/adapt/schoolWords';
import { classMinutes } from '../../../core/session/plan/slotTime';
import { api } from '../../app/server/api';
import { MeetingFields } from '../../fields/MeetingFields';
import { NameField } from '../../fields/NameField';
import { PiecesField } from '../../fields/PiecesField';
import { SchoolQuestions } from '../../fields/SchoolQuestions';
import { TaughtSoFar } from './TaughtSoFar';

const STRENGTH_WORDS = {
  gentle: 'Gentle: little at a time',
  steady: 'Steady: as most groups',
  strong: 'Strong: used to long and low',
} as const;

/** The doors with so many minutes it may run on; null where the end is hard. */
function withRunsOn({ before, after }: Group['doors'], runsOn: number | null): Group['doors'] {
  return runsOn === null ? { before, after } : { before, after, runsOn };
}

/** How much of a slot is class: "50 min of class in 60". */
function ClassOf({ meetings, doors }: Pick<Group, 'meetings' | 'doors'>) {
  const slots = unique(meetings.map(({ minutes }) => minutes));
  return (
    <span className="faded number">
      {slots.map((slotMinutes) => `${classMinutes({ slotMinutes, doors })} min of class in ${slotMinutes}`).join(', ')}
    </span>
  );
}

interface Props {
  readonly group: Group;
  readonly title: string;
  readonly onSave: (group: Group) => void;
  readonly onCancel: () => void;
}

/** Everything about a group, in one form; what does not hold is said beside its field. */
export function GroupForm({ group, title, onSave, onCancel }: Props) {
  const [now, setNow] = useState(group);
  const [isTried, setTried] = useState(false);
  const { data: halls = [] } = api.useHallsQuery();
  const change = (part: Partial<Group>) => setNow((before) => ({ ...before, ...part }));
  const answer = Group.safeParse(now);
  const fault = (field: string): string | undefined =>
    isTried ? answer.error?.issues.find(({ path }) => path.join('.') === field)?.message : undefined;
  return (
    <form
      className="place group-form"
      onSubmit={(event) => {
        event.preventDefault();
        setTried(true);
        if (answer.success) onSave(answer.data);
      }}
    >
      <h1>{title}</h1>
      <NameField id="group-name" value={now.name} fault={fault('name')} onChange={(name) => change({ name })} />
      <label htmlFor="group-hall">Hall</label>
      <Select
        id="group-hall"
        value={now.hallId ?? ''}
        options={[
          { value: '', label: 'not written down' },
          ...halls.map(({ id, name }) => ({ value: id, label: name })),
        ]}
        onChange={(id) =>
          change({ hallId: id || null, place: halls.find((hall) => hall.id === id)?.name ?? now.place })
        }
      />
      <label htmlFor="group-place">Where, in words</label>
      <Input
        id="group-place"
        maxLength={120}
        value={now.place}
        onChange={({ target }) => change({ place: target.value })}
      />
      <span>Meets</span>
      <MeetingFields meetings={now.meetings} onChange={(meetings) => change({ meetings })} />
      <label htmlFor="group-before">Of it not class</label>
      <div className="group-row">
        <InputNumber
          id="group-before"
          min={0}
          max={60}
          suffix="min before"
          value={now.doors.before}
          onChange={(before) => before !== null && change({ doors: { ...now.doors, before } })}
        />
        <InputNumber
          aria-label="Minutes after"
          min={0}
          max={60}
          suffix="min after"
          value={now.doors.after}
          onChange={(after) => after !== null && change({ doors: { ...now.doors, after } })}
        />
        <InputNumber
          aria-label="Minutes it may run on, where nobody follows"
          placeholder="hard end"
          min={1}
          max={30}
          suffix="min may run on"
          value={now.doors.runsOn ?? null}
          onChange={(runsOn) => change({ doors: withRunsOn(now.doors, runsOn) })}
        />
        <ClassOf meetings={now.meetings} doors={now.doors} />
      </div>
      <label htmlFor="group-strength">What may be asked</label>
      <Select
        id="group-strength"
        value={now.asked.strength}
        options={STRENGTHS.map((value) => ({ value, label: STRENGTH_WORDS[value] }))}
        onChange={(strength) => change({ asked: { ...now.asked, strength } })}
      />
      <label htmlFor="group-slowest">Breaths a minute</label>
      <div>
        <div className="group-row">
          <InputNumber
            id="group-slowest"
            min={2}
            max={30}
            step={0.5}
            value={now.asked.paceLeast}
            onChange={(paceLeast) => paceLeast !== null && change({ asked: { ...now.asked, paceLeast } })}
          />
          <span>to</span>
          <InputNumber
            aria-label="Quickest breaths a minute"
            min={2}
            max={30}
            step={0.5}
            value={now.asked.paceMost}
            onChange={(paceMost) => paceMost !== null && change({ asked: { ...now.asked, paceMost } })}
          />
        </div>
        <p role="alert">{fault('asked.paceMost')}</p>
      </div>
      <span>They know</span>
      <div>
        <PiecesField label="what they know" pieces={now.knows} onChange={(knows) => change({ knows })} />
        <TaughtSoFar groupId={group.id} />
      </div>
      <span>Where schools disagree</span>
      <details className="group-schools">
        <summary>{schoolsWords(now.schools).join('; ') || 'As usual'}</summary>
        <div className="schools-form">
          <SchoolQuestions schools={now.schools} onAnswer={(schools) => change({ schools })} />
        </div>
      </details>
      <label htmlFor="group-papers">Forms and contacts</label>
      <Input
        id="group-papers"
        maxLength={200}
        placeholder="Where they are kept, on paper"
        value={now.papers}
        onChange={({ target }) => change({ papers: target.value })}
      />
      <label htmlFor="group-about">About them</label>
      <Input.TextArea
        id="group-about"
        maxLength={400}
        autoSize={{ minRows: 2 }}
        value={now.about}
        onChange={({ target }) => change({ about: target.value })}
      />
      <div className="group-form-acts">
        <Button type="primary" htmlType="submit">
          Save
        </Button>
        <Button onClick={onCancel}>Cancel</Button>
      </div>
    </form>
  );
}
