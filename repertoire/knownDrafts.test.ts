import { USUAL_SCHOOLS } from '../core/movement/adapt/schools';
import { usualName } from '../core/movement/schema/movement';
import { baseId } from '../core/movement/schema/version';
import { USUAL_DOORS } from '../core/session/plan/slotTime';
import { AIMS } from '../core/session/propose/aims';
import { isNew } from '../core/session/propose/newness';
import { proposeDraft } from '../core/session/propose/proposeDraft';
import { sampled } from '../core/testing/sweep';
import { contextWith, find, forms, preferences } from './proposalBench';

/** What a group knows after a term: twenty-four movements. */
const KNOWN = new Set(
  'quiet-standing belly-breathing neck-turns shoulder-rolls waist-turns hip-circles knee-circles ankle-circles small-squats knee-lifts raise-and-sink open-the-chest lift-the-sky parting-clouds clouds-in-place rolling-arms pushing-waves commence brush-knee side-stretch calf-stretch settling-walk gather-and-pour stillness'.split(
    ' ',
  ),
);

test.each(sampled(AIMS, 3, 5))(
  'a draft of 45 minutes for a group that knows 24 movements, for %s, has one that is new at most',
  (aim) => {
    const context = contextWith({ known: KNOWN });
    const { plan, left } = proposeDraft(context, {
      aim,
      slotMinutes: 45,
      doors: USUAL_DOORS,
      schools: USUAL_SCHOOLS,
      forms,
      preferences: { ...preferences, level: 2 },
    });
    const led = plan.sections.flatMap(({ items }) =>
      items.flatMap((item) => (item.kind === 'movement' ? [{ item, movement: find(item.movementId) }] : [])),
    );
    const fresh = led.flatMap(({ movement }) => (movement && isNew(movement, context) ? [usualName(movement)] : []));
    expect(new Set(fresh).size).toBeLessThanOrEqual(1);
    expect(left).toEqual([]);
    // What is not known and not new is followed along.
    const untaught = led.filter(
      ({ movement }) => movement && !KNOWN.has(baseId(movement.id)) && !isNew(movement, context),
    );
    const main = plan.sections.find(({ kind }) => kind === 'main')?.items ?? [];
    for (const { item } of untaught) if (main.includes(item)) expect(item.manner).toBe('follow-along');
  },
);
