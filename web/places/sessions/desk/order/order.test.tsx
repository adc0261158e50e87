import { act, screen, waitFor, within } from '@testing-library/react';
import { Session } from '../../../../../core/session/plan/session';
import { classWith, line } from '../../../../../core/testing/cleanClass';
import { renderDesk } from '../../../../testing/renderDesk';
import { selectSession, selectTimeline, useDeskSelector } from '../../draft/draftStore';
import { lineViewsOf, sharedViews } from './lineViews';
import { OrderDrag } from './OrderDrag';
import { RunningOrder } from './RunningOrder';

const lines = { lift: line('lift', 6, { id: 'lift-a' }), sides: line('sides', 4, { id: 'sides-a' }) };
const tuesday = (change: Record<string, unknown> = {}) =>
  Session.parse({
    ...classWith({ opening: [], warmUp: [], coolDown: [], closing: [] }),
    sections: [
      { kind: 'main', pace: { from: 6, to: 6, easing: 0 }, items: [lines.lift, lines.sides] },
      { kind: 'closing', pace: { from: 6, to: 6, easing: 0 }, items: [] },
    ],
    id: 'tuesday',
    title: 'Tuesday',
    groupId: null,
    date: null,
    startsAt: '19:00',
    ...change,
  });

function Order() {
  const [session, timeline] = [useDeskSelector(selectSession), useDeskSelector(selectTimeline)];
  return session && timeline && <RunningOrder session={session} timeline={timeline} />;
}
const open = (session = tuesday()) =>
  renderDesk(
    <OrderDrag>
      <Order />
    </OrderDrag>,
    session,
  );
const shown = (name: RegExp) => screen.getByRole('listitem', { name });
/** Puts the keyboard on the first line of a name. */
const take = (name: RegExp) => act(async () => screen.getAllByRole('listitem', { name })[0]?.focus());

/** Waits until the keyboard has followed to a line. */
const follows = (name: RegExp) =>
  waitFor(() => expect(document.activeElement?.getAttribute('aria-label')).toMatch(name));

test('every line says when it begins, how often it is done, and how long it takes', async () => {
  await open();
  // 6 repetitions of a breath at 6 a minute are a minute; then four each side.
  expect(shown(/^lift, 6, from 19:00:00, 1 min$/)).toBeTruthy();
  const sides = shown(/^sides, 4, from 19:01/);
  expect(sides.textContent).toContain('each side');
  expect(within(sides).getByRole('spinbutton').getAttribute('aria-valuenow')).toBe('4');
});

test('a key counts up the line that has the keyboard, and every later line begins later', async () => {
  const { user, now } = await open();
  const before = shown(/^sides/).getAttribute('aria-label');
  await take(/^lift/);
  await user.keyboard('++');
  expect(now().sections[0]?.items[0]).toMatchObject({ id: 'lift-a', count: 8 });
  expect(shown(/^lift, 8, from 19:00:00/)).toBeTruthy();
  expect(shown(/^sides/).getAttribute('aria-label')).not.toBe(before);
});

test('lines are doubled, moved, put to rest between and taken out by the keyboard alone', async () => {
  const { user, now } = await open();
  const order = () => now().sections[0]?.items.map((item) => (item.kind === 'movement' ? item.movementId : item.kind));
  await take(/^lift/);
  await user.keyboard('{Alt>}{ArrowDown}{/Alt}');
  expect(order()).toEqual(['sides', 'lift']);
  await follows(/^lift/);
  await take(/^sides/);
  await user.keyboard('d');
  await follows(/^sides/);
  expect(order()).toEqual(['sides', 'sides', 'lift']);
  await take(/^lift/);
  await user.keyboard('r');
  await follows(/^Rest/);
  expect(order()).toEqual(['sides', 'sides', 'lift', 'rest']);
  await take(/^Rest, 30/);
  await user.keyboard('{Delete}');
  expect(order()).toEqual(['sides', 'sides', 'lift']);
});

test('chosen lines are counted and shifted together, and let go with Escape', async () => {
  const { user, now } = await open();
  await user.click(screen.getByRole('checkbox', { name: 'Choose lift with others' }));
  await user.click(screen.getByRole('checkbox', { name: 'Choose sides with others' }));
  const bar = screen.getByRole('region', { name: 'Chosen lines' });
  expect(bar.textContent).toContain('2 lines chosen');
  await user.click(within(bar).getByRole('button', { name: 'As rounds' }));
  expect(now().sections[0]?.blocks).toMatchObject([{ rounds: 2, roundRest: 20 }]);
  expect(screen.queryByRole('region', { name: 'Chosen lines' })).toBeNull();
});

test('a line whose movement is gone says so, and takes no time', async () => {
  await open(
    tuesday({
      sections: [
        { kind: 'main', pace: { from: 6, to: 6, easing: 0 }, items: [line('vanished', 6, { id: 'v' }), lines.sides] },
      ],
    }),
  );
  expect(shown(/^vanished/).textContent).toContain('is not in the repertoire; it takes no time here');
  expect(shown(/^sides, 4, from 19:00:00/)).toBeTruthy();
});

test('what a line shows is the same object as long as it says the same', async () => {
  const { store } = await open();
  const state = store.getState() as Parameters<typeof selectTimeline>[0];
  const [session, timeline] = [selectSession(state), selectTimeline(state)];
  if (!session || !timeline) throw new Error('a class on the desk');
  const repertoire = { find: () => undefined } as unknown as Parameters<typeof lineViewsOf>[2];
  const before = lineViewsOf(session, timeline, repertoire);
  const now = lineViewsOf({ ...session, title: 'Renamed' }, timeline, repertoire);
  expect(now.get('lift-a')).not.toBe(before.get('lift-a'));
  expect(sharedViews(before, now).get('lift-a')).toBe(before.get('lift-a'));
  const later = lineViewsOf({ ...session, startsAt: '20:00' }, timeline, repertoire);
  expect(sharedViews(before, later).get('lift-a')?.startsAt).toBe('20:00:00');
});
