import { screen, within } from '@testing-library/react';
import { USUAL_ASKED } from '../../../../../core/group/group';
import { newPause } from '../../../../../core/session/plan/defaults';
import { Session } from '../../../../../core/session/plan/session';
import { classWith, line } from '../../../../../core/testing/cleanClass';
import { renderDesk } from '../../../../testing/renderDesk';
import { selectSession, selectTimeline, useDeskSelector } from '../../draft/draftStore';
import { taken } from '../../draft/hand';
import { LinePanel } from './LinePanel';

const main = [line('sides', 4, { id: 'sides-a' }), newPause('talk', 'talk-a', 60, 'knees')];
const tuesday = Session.parse({
  ...classWith(),
  sections: [{ kind: 'main', pace: { from: 6, to: 6, easing: 0 }, items: main }],
  id: 'tuesday',
  title: 'Tuesday',
  groupId: null,
  date: null,
  startsAt: '19:00',
});
const { strength, paceLeast, paceMost } = USUAL_ASKED;
const asked = { strength, pace: { least: paceLeast, most: paceMost }, known: null };

function Panel() {
  const [session, timeline] = [useDeskSelector(selectSession), useDeskSelector(selectTimeline)];
  return (
    session &&
    timeline && (
      <LinePanel
        session={session}
        timeline={timeline}
        askedOf={{ asked, group: null, hall: null, recent: new Set() }}
        findings={{ open: [], aside: [] }}
      />
    )
  );
}
const open = async (inHand: string | null) => {
  const drawn = await renderDesk(<Panel />, tuesday);
  await drawn.act(async () => void drawn.store.dispatch(taken(inHand)));
  return drawn;
};

test('with nothing in hand it tells the keys, and that there is nothing to object to', async () => {
  await open(null);
  expect(screen.getByRole('heading', { name: 'Nothing in hand' })).toBeTruthy();
  expect(screen.getByText('Nothing to object to.')).toBeTruthy();
});

test('a line in hand says how it is done, why it takes its minutes, and what to mind', async () => {
  await open('sides-a');
  expect(screen.getByRole('heading', { name: /sides/ })).toBeTruthy();
  const why = screen.getByRole('table');
  // Four breaths each side at 6 a minute: 40 s on either.
  expect(within(why).getAllByText('0:40')).toHaveLength(2);
});

test('what is said of a line goes into the class, and the panel follows', async () => {
  const { user, now } = await open('sides-a');
  await user.type(screen.getByRole('textbox', { name: 'Note' }), 'slowly');
  expect(now().sections[0]?.items[0]).toMatchObject({ note: 'slowly' });
});

test('a talk is called a talk, and its note is what it is about', async () => {
  await open('talk-a');
  expect(screen.getByRole('heading', { name: 'Talk' })).toBeTruthy();
  expect(screen.getByPlaceholderText('What about')).toHaveProperty('value', 'knees');
});

test('from a line in hand one press leads back to the whole class and what is worth a look in it', async () => {
  const { user } = await open('sides-a');
  await user.click(screen.getByRole('button', { name: 'The whole class' }));
  expect(screen.getByRole('heading', { name: 'Nothing in hand' })).toBeTruthy();
  expect(screen.getByText('Nothing to object to.')).toBeTruthy();
});
