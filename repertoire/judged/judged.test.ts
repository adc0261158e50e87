import { baseId } from '../../core/movement/schema/version';
import { contextFor, type Finding } from '../../core/session/findings/finding/finding';
import { isGrave, isOfSlot } from '../../core/session/findings/finding/isGrave';
import { judgeClass } from '../../core/session/findings/judge';
import { shippedRepertoire } from '../../server/shippedRepertoire';
import { JUDGED, type JudgedClass, type Wanted } from './classes';
import { readClass } from './readClass';

/** What the checks say of classes that were judged by hand before the checks were written anew. */

const { movements, find } = shippedRepertoire();

/** How many findings may be false in a hundred. */
const MAY_BE_FALSE = 5;
/** How many dangers may be missed. */
const MAY_BE_MISSED = 0;

function judged(one: JudgedClass) {
  const plan = readClass(one.class, find);
  const taught = movements.map(({ id }) => baseId(id)).filter((id) => !one.unknown?.includes(id));
  const asked = { strength: one.strength, pace: { least: 4, most: 10 }, known: one.unknown ? new Set(taught) : null };
  const said = judgeClass(plan, contextFor(asked, find, movements)).filter(
    (found) => isGrave(found) && !isOfSlot(found),
  );
  const lines = plan.sections.flatMap(({ items }) => items);
  const movementOf = ({ itemId }: Finding) => {
    const item = lines.find(({ id }) => id === itemId);
    return item?.kind === 'movement' ? item.movementId : null;
  };
  const meets = ({ codes, of }: Pick<Wanted, 'codes' | 'of'>, found: Finding) =>
    codes.includes(found.code) && (of === undefined || of === movementOf(found));
  return {
    said,
    wrong: said.filter((found) => ![...one.wanted, ...(one.allowed ?? [])].some((wanted) => meets(wanted, found))),
    missed: one.wanted.filter((wanted) => !said.some((found) => meets(wanted, found))),
  };
}

const all = JUDGED.map((one) => ({ ...judged(one), name: one.name }));

test('few of all stops and warnings are false alarms', () => {
  const said = all.flatMap((one) => one.said);
  const wrong = all.flatMap((one) => one.wrong.map(({ code, what }) => `${one.name}: ${code}: ${what}`));
  expect(wrong.slice(Math.floor((said.length * MAY_BE_FALSE) / 100))).toEqual([]);
});

test('what was planted is found', () => {
  const missed = all.flatMap((one) => one.missed.map(({ why }) => `${one.name}: ${why}`));
  expect(missed.slice(MAY_BE_MISSED)).toEqual([]);
});
