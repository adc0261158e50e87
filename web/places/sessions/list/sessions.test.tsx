import { screen, waitFor, within } from '@testing-library/react';
import type { SessionSummary } from '../../../../core/formats/api/api';
import { session } from '../../../../core/testing/sample';
import { today } from '../../../app/machine/clock';
import { api } from '../../../app/server/api';
import { store } from '../../../app/store';
import { renderWith } from '../../../testing/renderDesk';
import { closed, opened } from '../draft/draft';
import { Sessions } from './Sessions';

const ASKED = { when: 'all', from: 0, size: 25, today: today() } as const;
const row = (id: string): SessionSummary => ({
  id,
  title: `Class ${id}`,
  groupId: null,
  date: ASKED.today,
  startsAt: '19:00',
  slotMinutes: 60,
  doors: { before: 0, after: 0 },
  family: null,
  course: null,
  totalMs: 3_000_000,
  safeMs: 3_300_000,
  lines: 3,
  movementIds: [],
  revision: 1,
  changedAt: '2026-12-01T10:00:00.000Z',
});

/** The list, with what the server has answered to each question so far. */
async function open(answers: readonly [asked: object, ids: readonly string[]][]) {
  await store.dispatch(api.util.upsertQueryData('groups', undefined, []));
  await store.dispatch(api.util.upsertQueryData('courses', undefined, []));
  for (const [asked, ids] of answers)
    await store.dispatch(
      api.util.upsertQueryData('sessionsPage', { ...ASKED, ...asked }, { total: ids.length, rows: ids.map(row) }),
    );
  return renderWith(<Sessions />);
}
const titles = () => screen.queryAllByRole('link', { name: /^Class / }).map(({ textContent }) => textContent);

test('a list under a filter holds what the filter asks for, and says so where that is nothing: it is not the list of somebody new', async () => {
  const { user } = await open([
    [{}, ['a', 'b', 'c']],
    [{ when: 'past' }, ['c']],
    [{ when: 'coming' }, []],
  ]);
  expect(titles()).toEqual(['Class a', 'Class b', 'Class c']);
  await user.click(screen.getByText('Past'));
  await waitFor(() => expect(titles()).toEqual(['Class c']));
  await user.click(screen.getByText('Coming'));
  await screen.findByText('No class is like that.');
  expect(screen.queryByText(/Make the first class/)).toBeNull();
});

test('two classes are chosen to be compared, and no third', async () => {
  const { user } = await open([[{}, ['a', 'b', 'c']]]);
  const box = (id: string) => screen.getByRole<HTMLInputElement>('checkbox', { name: `Choose Class ${id}` });
  await user.click(box('a'));
  expect(screen.queryByRole('button', { name: 'Compare the two' })).toBeNull();
  await user.click(box('c'));
  screen.getByRole('button', { name: 'Compare the two' });
  expect(box('b').disabled).toBe(true);
  await user.click(box('a'));
  expect(box('b').disabled).toBe(false);
  expect(within(document.body).queryByRole('button', { name: 'Compare the two' })).toBeNull();
});

test('a class whose changes the server does not have stands above the list, and leads to it', async () => {
  const { act } = await open([[{}, ['a']]]);
  expect(screen.queryByRole('region', { name: 'Not saved yet' })).toBeNull();
  const unsaved = session({ id: 'tuesday', title: 'Tuesday' });
  await act(async () => {
    store.dispatch(
      opened({ session: unsaved, revision: 1, saveState: { kind: 'refused', reason: 'It has no name.' } }),
    );
    store.dispatch(closed());
  });
  const there = await screen.findByRole('region', { name: 'Not saved yet' });
  expect(there.textContent).toMatch(/Tuesday Not saved: It has no name\./);
  expect(within(there).getByRole('link', { name: 'Tuesday' }).getAttribute('href')).toBe('/sessions/tuesday');
});
