import { changeLine, removeLine } from '../../../../core/session/edit/editPlan';
import type { Session } from '../../../../core/session/plan/session';
import { constant, line, session } from '../../../../core/testing/sample';
import { historyOf, keepHistory, packHistory, unpackHistory } from './keptHistory';

const before = session({
  sections: [{ kind: 'main', pace: constant(6), items: Array.from({ length: 60 }, (_, n) => line({ id: `l${n}` })) }],
});
/** A hundred steps, each changing one line. */
const steps: Session[] = [before];
for (let step = 0; step < 100; step += 1)
  steps.push(changeLine(steps.at(-1) as Session, `l${step % 60}`, (item) => ({ ...item, note: `step ${step}` })));

test('a hundred steps come back as they were, in little room', () => {
  const history = { past: steps.slice(0, -1), present: steps.at(-1) as Session, future: [removeLine(before, 'l3')] };
  const text = packHistory(history);
  expect(unpackHistory(text)).toEqual(history);
  expect(text.length).toBeLessThan(JSON.stringify(history).length / 10);
});

test.each([
  ['nothing', ''],
  ['another thing', '{"past": 3}'],
  [
    'a line that is not there',
    packHistory({ past: [], present: before, future: [] }).replace('"items":[0,1', '"items":[0,700'),
  ],
])('%s is no history', (_what, text) => expect(unpackHistory(text)).toBeNull());

describe('kept for this tab', () => {
  /** A tab's storage with room for so many letters. */
  const tab = (room: number) => {
    const kept = new Map<string, string>();
    return {
      getItem: (key: string) => kept.get(key) ?? null,
      removeItem: (key: string) => kept.delete(key),
      setItem: (key: string, text: string) => {
        if (text.length > room) throw new DOMException('full', 'QuotaExceededError');
        kept.set(key, text);
      },
    };
  };
  const withTab = (room: number) => Object.assign(globalThis, { sessionStorage: tab(room) });
  afterAll(() => Reflect.deleteProperty(globalThis, 'sessionStorage'));
  const history = { past: steps.slice(0, 3), present: steps[3] as Session, future: [] };

  test('steps are there after a reload, for the class as it was left and for no other', () => {
    withTab(1e7);
    keepHistory(history);
    expect(historyOf(JSON.parse(JSON.stringify(history.present)))).toEqual(history);
    expect(historyOf({ ...history.present, title: 'Changed elsewhere' })).toBeNull();
    expect(historyOf({ ...history.present, id: 'another-class' })).toBeNull();
  });

  test('where there is no room, the newest is held until the page is left, and an old one does not come back', () => {
    withTab(packHistory(history).length);
    keepHistory(history);
    const longer = { ...history.present, title: 'A much longer name than before'.repeat(3) };
    keepHistory({ past: [...history.past, history.present], present: longer, future: [] });
    expect(historyOf(longer)?.present).toEqual(longer);
    expect(historyOf(history.present)).toBeNull();
  });
});
