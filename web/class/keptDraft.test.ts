import { session } from '../../core/testing/sample';
import { tabId } from '../app/machine/tab';
import { adoptDraft, draftsOf, forgetSaved, keepDraft, partDrafts } from './keptDraft';

const kept = new Map<string, string>();
Object.assign(globalThis, {
  localStorage: {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => kept.set(key, value),
    removeItem: (key: string) => kept.delete(key),
    key: (place: number) => [...kept.keys()][place] ?? null,
    get length() {
      return kept.size;
    },
  },
});
Object.defineProperty(globalThis, 'navigator', {
  value: { locks: { query: async () => ({ held: [{ name: 'vesperum.tab.open' }] }) } },
});

const tuesday = session();
/** A draft as another page left it. */
const leave = (tab: string, title: string, at: number) =>
  kept.set(`vesperum.draft.tuesday.${tab}`, JSON.stringify({ session: { ...tuesday, title }, revision: 3, at }));
const titles = (drafts: readonly { session: { title: string } }[]) => drafts.map((draft) => draft.session.title);

beforeEach(() => kept.clear());

test('every page keeps its own, and the newest comes first', () => {
  leave('gone', 'An older idea', 1000);
  leave('open', 'Next door', 2000);
  expect(keepDraft({ session: { ...tuesday, title: 'Here' }, revision: 3 })).toBe(true);
  expect(titles(draftsOf('tuesday'))).toEqual(['Here', 'Next door', 'An older idea']);
});

test('a class whose id begins like another one keeps its drafts apart', () => {
  kept.set('vesperum.draft.tuesday-2.gone', JSON.stringify({ session: { ...tuesday, id: 'tuesday-2' }, revision: 1 }));
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
  kept.set('vesperum.draft.tuesday', JSON.stringify({ session: tuesday, revision: 2 }));
  kept.set('vesperum.draft.tuesday.broken', '{"session":');
  expect(draftsOf('tuesday')).toMatchObject([{ key: 'tuesday', tab: '', revision: 2 }]);
});
