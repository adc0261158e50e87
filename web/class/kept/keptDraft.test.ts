import { session } from '../../../core/testing/sample';
import { tabId } from '../../app/machine/tab';
import { fakeStorage } from '../../testing/fakeStorage';
import { adoptDraft, draftsOf, forgetSaved, keepDraft, partDrafts, versionNow } from './keptDraft';

const kept = fakeStorage();
Object.assign(globalThis, { localStorage: kept });
Object.defineProperty(globalThis, 'navigator', {
  value: { locks: { query: async () => ({ held: [{ name: 'vesperum.tab.open' }] }) } },
});

const tuesday = session();
/** A draft as another page left it. */
const leave = (tab: string, title: string, at: number) =>
  kept.setItem(`vesperum.draft.tuesday.${tab}`, JSON.stringify({ session: { ...tuesday, title }, revision: 3, at }));
const titles = (drafts: readonly { session: { title: string } }[]) => drafts.map((draft) => draft.session.title);

beforeEach(() => kept.clear());

test('every page keeps its own, and the newest comes first', () => {
  leave('gone', 'An older idea', 1000);
  leave('open', 'Next door', 2000);
  expect(keepDraft({ session: { ...tuesday, title: 'Here' }, revision: 3 })).toBe(true);
  expect(titles(draftsOf('tuesday'))).toEqual(['Here', 'Next door', 'An older idea']);
});

test('a class whose id begins like another one keeps its drafts apart', () => {
  kept.setItem(
    'vesperum.draft.tuesday-2.gone',
    JSON.stringify({ session: { ...tuesday, id: 'tuesday-2' }, revision: 1 }),
  );
  leave('gone', 'Mine', 1000);
  expect(titles(draftsOf('tuesday'))).toEqual(['Mine']);
});

test('what a page that is gone left behind is taken up, what an open one keeps is its own', async () => {
  leave('gone', 'Left behind', 1000);
  leave('open', 'Next door', 2000);
  const { left, elsewhere } = await partDrafts('tuesday');
  expect([titles(left), titles(elsewhere)]).toEqual([['Left behind'], ['Next door']]);
  for (const draft of left) adoptDraft(draft);
  expect(draftsOf('tuesday').map(({ tab, session: { title } }) => `${tab}: ${title}`)).toEqual([
    `${tabId}: Left behind`,
    'open: Next door',
  ]);
});

test('a save forgets what it carried, and nothing that came after it or from another page', () => {
  leave('gone', 'Left behind', 1000);
  const [first, second] = [
    { ...tuesday, title: 'First' },
    { ...tuesday, title: 'Second' },
  ];
  keepDraft({ session: first, revision: 3 });
  keepDraft({ session: second, revision: 3 });
  forgetSaved(first);
  expect(titles(draftsOf('tuesday'))).toEqual(['Second', 'Left behind']);
  forgetSaved({ ...second });
  expect(titles(draftsOf('tuesday'))).toEqual(['Left behind']);
});

test('a draft from before there was one for each page is found too; one that cannot be read is not in the way', () => {
  kept.setItem('vesperum.draft.tuesday', JSON.stringify({ session: tuesday, revision: 2 }));
  kept.setItem('vesperum.draft.tuesday.broken', '{"session":');
  expect(draftsOf('tuesday')).toMatchObject([{ key: 'tuesday', tab: '', revision: 2 }]);
});

test('what a window left behind before the class was saved again is not the class as it is now', () => {
  leave('gone', 'An older idea', 1000);
  const stored = { session: { ...tuesday, title: 'Saved' }, revision: 4, changedAt: '', isKept: false };
  const titleNow = (now: typeof stored | null) => versionNow(now, draftsOf('tuesday'))?.title;
  expect(titleNow(stored)).toBe('Saved');
  expect(titleNow({ ...stored, revision: 3 })).toBe('An older idea');
  expect(titleNow({ ...stored, isKept: true })).toBe('An older idea');
  expect(titleNow(null)).toBe('An older idea');
});
