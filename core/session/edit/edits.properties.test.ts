import { anyRequest, editedClass, findEdited, idsInRow } from '../../testing/madeUpEdits';
import { fc } from '../../testing/properties';
import { Session } from '../plan/session';
import { applyToClass } from './applyEdits';
import { between } from './between';
import { describeEdits } from './describeEdits';
import { resolveEdits } from './resolveEdits';

/** The class after each of some requests that could be made, with the edits they came to. */
function played(requests: readonly Parameters<typeof resolveEdits>[1][number][]) {
  const context = { find: findEdited, freshId: idsInRow() };
  const steps: { readonly before: Session; readonly after: Session; readonly words: readonly string[] }[] = [];
  let now = editedClass();
  for (const request of requests) {
    const resolved = resolveEdits(now, [request], context);
    if (!resolved.ok || resolved.edits.length === 0) continue;
    const after = applyToClass(now, resolved.edits);
    steps.push({ before: now, after, words: describeEdits(now, resolved.edits, findEdited) });
    now = after;
  }
  return steps;
}
const requests = fc.array(anyRequest, { minLength: 1, maxLength: 12 });

test('whatever is asked of a class, what becomes of it can be kept', () => {
  fc.assert(
    fc.property(requests, (asked) => {
      for (const { after } of played(asked)) expect(Session.safeParse(after).error?.issues ?? []).toEqual([]);
    }),
  );
});

test('what lies between two versions of a class makes one the other, and back', () => {
  fc.assert(
    fc.property(requests, (asked) => {
      const steps = played(asked);
      const [first, last] = [steps[0]?.before ?? editedClass(), steps.at(-1)?.after ?? editedClass()];
      expect(applyToClass(first, between(first, last))).toEqual(last);
      expect(applyToClass(last, between(last, first))).toEqual(first);
    }),
  );
});

test('every edit that changes something has its words', () => {
  fc.assert(
    fc.property(requests, (asked) => {
      for (const { words } of played(asked))
        expect(words.filter((said) => said.trim() !== '').length).toBeGreaterThan(0);
    }),
  );
});
