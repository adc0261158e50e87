import { screen } from '@testing-library/react';
import { Group } from '../../../core/group/group';
import { USUAL_SCHOOLS } from '../../../core/movement/adapt/schools';
import { renderWith } from '../../testing/renderDesk';
import { GroupForm } from './GroupForm';

/** As somebody begins one: everything but a name. */
const wednesday: Group = {
  ...Group.parse({
    id: 'wednesday',
    name: 'Wednesday',
    place: 'Side room',
    meets: '',
    about: '',
    asked: { strength: 'steady', paceLeast: 4, paceMost: 9 },
    schools: USUAL_SCHOOLS,
  }),
  name: '',
};

async function open(group: Group) {
  const saved: Group[] = [];
  const drawn = await renderWith(
    <GroupForm group={group} title="A group" onSave={(one) => saved.push(one)} onCancel={() => undefined} />,
  );
  return { ...drawn, saved };
}
const save = () => screen.getByRole('button', { name: 'Save' });

test('a form that is refused keeps what was typed, says where it is wrong once it was tried, and goes out once it is right', async () => {
  const { user, saved } = await open(wednesday);
  await user.click(screen.getByLabelText('Where, in words'));
  await user.paste(', upstairs');
  expect(screen.queryByText('a group needs a name')).toBeNull();
  await user.click(save());
  expect(saved).toEqual([]);
  screen.getByText('a group needs a name');
  expect(screen.getByLabelText<HTMLInputElement>('Where, in words').value).toBe('Side room, upstairs');
  await user.click(screen.getByLabelText('Name'));
  await user.paste('Wednesdays');
  expect(screen.queryByText('a group needs a name')).toBeNull();
  await user.click(save());
  expect(saved).toEqual([{ ...wednesday, name: 'Wednesdays', place: 'Side room, upstairs' }]);
});

test('two numbers that do not go together are told beside the second', async () => {
  const { user, saved } = await open({ ...wednesday, name: 'Wednesdays' });
  const quickest = screen.getByLabelText('Quickest breaths a minute');
  await user.clear(quickest);
  await user.type(quickest, '3');
  await user.click(save());
  screen.getByText('the quickest pace must be quicker than the slowest');
  expect(saved).toEqual([]);
});
