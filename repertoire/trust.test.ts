import { footworkFindings } from '../core/movement/footwork/footwork';
import type { Movement } from '../core/movement/schema/movement';
import { walkMovement, waysOf } from '../core/movement/walk/walkMovement';
import { NOBODY, type Present } from '../core/needs/present';
import { analyseClass } from '../core/session/findings/finding/analyseClass';
import { contextFor, type FindingCode } from '../core/session/findings/finding/finding';
import { CHECKS, findingsOf, judgeClass, PATIENT_CHECKS } from '../core/session/findings/judge';
import type { Item, MovementItem, Plan } from '../core/session/plan/session';
import { needOf, presentWith } from '../core/testing/needs';
import { timedAtPace } from '../core/timing/trackAtPace';
import { movementTraits } from '../core/traits/movementTraits';
import { shippedRepertoire } from '../server/shippedRepertoire';
import { JUDGED } from './judged/classes';
import { readClass, type WrittenClass } from './judged/readClass';
import { ARMS, LEGS, type Pair, STANDING, TRUNK } from './orderedPairs';

/** Whether the figures can be trusted: held against what an instructor knows of these movements without measuring. */

const { movements, find } = shippedRepertoire();
const known = (id: string): Movement => {
  const movement = find(id);
  if (!movement) throw new Error(`there is no movement "${id}"`);
  return movement;
};

describe.each([
  ['what bears and bends', LEGS],
  ['what keeps upright', STANDING],
  ['what carries and turns', TRUNK],
  ['what reaches and presses', ARMS],
])('thirty pairs of %s stand in an instructor’s order', (_, pairs) => {
  const asks = (region: Pair[0], id: string): number => {
    const { balance, regions } = movementTraits(known(id));
    return region === 'balance' ? balance : (regions.find((one) => one.region === region)?.mean ?? 0);
  };
  test('each asks more than the other', () => {
    expect(pairs.length).toBeGreaterThanOrEqual(30);
    const wrong = pairs.filter(([region, more, less]) => asks(region, more) <= asks(region, less));
    expect(wrong).toEqual([]);
  });
});

describe('over the loop', () => {
  test('breaths take turns: never two in-breaths or two out-breaths in a row, and none cut short', () => {
    const wrong = movements.filter(({ parts: { cycle } }) => {
      const halves: { breath: string; share: number }[] = [];
      for (const { breath, length } of cycle) {
        const last = halves.at(-1);
        const share = length.kind === 'span' ? length.share : 1;
        if (last?.breath === breath && length.kind === 'span') last.share += share;
        else halves.push({ breath, share });
      }
      const drawn = halves.filter(({ breath }) => breath === 'in' || breath === 'out');
      const repeats = drawn.length > 0 && drawn.some(({ breath }, place) => drawn.at(place - 1)?.breath === breath);
      return (drawn.length > 1 && repeats) || drawn.some(({ share }) => Math.abs(share - 1) > 0.02);
    });
    expect(wrong.map(({ id }) => id)).toEqual([]);
  });

  test('the second repetition goes where the first went, on feet that are flat where they bear', () => {
    // What is done once and no more has no second repetition.
    const repeated = movements.filter(({ count }) => count.most > count.least);
    const wrong = repeated.flatMap((movement) =>
      waysOf(movement).flatMap((way) => {
        const walked = walkMovement(movement, { ...way, cycles: 4 }).filter(({ part }) => part === 'cycle');
        const faults = footworkFindings(timedAtPace(walked.map(({ stride }) => stride))).filter(
          ({ severity }) => severity !== 'notice',
        );
        // By turns every other repetition is the other side's.
        const length = movement.parts.cycle.length * 2;
        const stands = (from: number) => walked[from]?.stride.posture;
        const differs = walked.slice(length).some((_, place) => {
          const [now, before] = [stands(place + length), stands(place)];
          return now?.sink !== before?.sink || now?.load.left !== before?.load.left || now?.stance !== before?.stance;
        });
        return faults.length > 0 || differs ? [movement.id] : [];
      }),
    );
    expect(wrong).toEqual([]);
  });
});

describe('every check', () => {
  type Change = (line: MovementItem) => Partial<MovementItem>;
  const withLine = (written: WrittenClass, change: Change = () => ({})): Plan => {
    const plan = readClass(written, find);
    const changed = (item: Item): Item => (item.kind === 'movement' ? { ...item, ...change(item) } : item);
    return {
      ...plan,
      sections: plan.sections.map((section) =>
        section.kind === 'main' ? { ...section, items: section.items.map(changed) } : section,
      ),
    };
  };
  const main = (text: string, change?: Change) => withLine({ main: text }, change);
  const wider = { what: 'range', from: 0.8, to: 2 } as const;

  /** What the judged classes do not have, on movements of the repertoire as an instructor may lead them. */
  const LED: readonly (readonly [FindingCode, Plan, 'gentle' | 'steady', Present?])[] = [
    ['slot-over', { ...main('cloud-hands 9 x6'), slotMinutes: 10 }, 'steady'],
    ['slot-under', { ...main('cloud-hands 9 x6'), slotMinutes: 90 }, 'steady'],
    ['fast-cold', withLine({ warmUp: 'arm-swings 120', main: 'cloud-hands 6' }), 'steady'],
    ['stretch-cold', withLine({ warmUp: 'calf-stretch 30', main: 'cloud-hands 6' }), 'steady'],
    ['one-leg-long', main('one-leg-stand 2 (free) p2'), 'gentle'],
    ['cool-down-low', withLine({ main: 'cloud-hands 6', coolDown: 'horse-shifts 8' }), 'steady'],
    ['eyes-closed', main('reed-sways 6'), 'gentle'],
    ['fold-twisted', main('spinning-wheel 6', () => ({ ramp: wider })), 'steady'],
    ['head-back', main('gaze-at-the-moon 6', () => ({ ramp: wider })), 'steady'],
    ['second-lower', main('lift-the-sky 2, horse-shifts 3 x3 v12, lift-the-sky 8 x3'), 'steady'],
    ['bridge-long', main('snake-creeps-down 1 follow-along, brush-knee 2 follow-along'), 'steady'],
    ['breath-parity', main('back-walking 4 follow-along, brush-knee 2 follow-along'), 'steady'],
    ['call-long', main('grasp-the-tail 1 p30'), 'steady'],
    ['words-long', main('lift-the-sky 2', () => ({ script: 'and then '.repeat(60) })), 'steady'],
    [
      'cue-never',
      main('lift-the-sky 2', () => ({ cues: [{ at: { unit: 'repetitions', at: 5 }, say: 'Last one' }] })),
      'steady',
    ],
    ['footwork', main('brush-knee 2 x4 v20'), 'steady'],
    ['turned-away', main('cloud-hands 6', () => ({ facing: 180 })), 'steady'],
    ['no-way-for', main('comb-the-hair 6'), 'steady', presentWith([needOf('arm-low')])],
    ['support-missing', main('heel-kick 4'), 'steady', presentWith([needOf('chair-near')], [needOf('chair-near')])],
  ];

  /** What no movement of the repertoire does, so that nobody should ever be told of it here; the seeded faults show these. */
  const NONE: readonly FindingCode[] = ['retention-long', 'breath-reversed', 'bridge-missing'];

  test.each(LED.map(([code, plan, strength, present = NOBODY]) => [code, plan, strength, present] as const))(
    '%s is said',
    (code, plan, strength, present) => {
      const asked = { strength, pace: { least: 4, most: 10 }, known: null, present };
      const context = contextFor(asked, find, movements);
      const analysed = analyseClass(plan, context);
      if (!analysed) throw new Error('a class of known movements');
      expect(findingsOf(analysed, [...CHECKS, ...PATIENT_CHECKS]).map((finding) => finding.code)).toContain(code);
    },
  );

  test('speaks of some movement of the repertoire, or of none that is in it', () => {
    const judged = JUDGED.flatMap((one) => {
      const taught = movements.map(({ id }) => id).filter((id) => !one.unknown?.includes(id));
      const asked = {
        strength: one.strength,
        pace: { least: 4, most: 10 },
        known: one.unknown ? new Set(taught) : null,
      };
      return judgeClass(readClass(one.class, find), contextFor(asked, find, movements));
    });
    const said = new Set<FindingCode>([...judged.map(({ code }) => code), ...LED.map(([code]) => code)]);
    const all = [...CHECKS, ...PATIENT_CHECKS].flatMap(({ codes }) => codes);
    expect(all.filter((code) => !said.has(code)).toSorted()).toEqual([...NONE].toSorted());
  });
});
