import { type Change, classWith, contextWith, line } from '../../testing/cleanClass';
import { needOf, presentWith } from '../../testing/needs';
import { applyEdits } from '../edit/applyEdits';
import type { Plan } from '../plan/session';
import { analyseClass } from './finding/analyseClass';
import type { Asked, Finding, FindingCode } from './finding/finding';
import { CHECKS, findingsOf, PATIENT_CHECKS, remediesFor } from './judge';

/** From one clean class, one fault for each check: exactly that check speaks, and what it offers mends it. */

const ALL = [...CHECKS, ...PATIENT_CHECKS];
const analysed = (plan: Plan, more: Partial<Asked> = {}) => {
  const answer = analyseClass(plan, contextWith(more));
  if (!answer) throw new Error('a class of known movements');
  return answer;
};
const found = (plan: Plan, more: Partial<Asked> = {}): Finding[] => findingsOf(analysed(plan, more), ALL);
const codesOf = (findings: readonly Finding[]) => [...new Set(findings.map(({ code }) => code))];

test('the clean class has nothing to object to', () => {
  expect(found(classWith()).map(({ what }) => what)).toEqual([]);
});

interface Fault {
  readonly code: FindingCode;
  readonly change: Change;
  readonly context?: Partial<Asked>;
  /** Whether there is something Vesperum can do about it by itself. */
  readonly mends: boolean;
}

const FAULTS: readonly Fault[] = [
  { code: 'slot-over', change: { main: [line('lift', 22)] }, mends: true },
  { code: 'slot-under', change: { slotMinutes: 24, coolDown: [line('quiet', 240)] }, mends: false },
  { code: 'section-share', change: { closing: [line('quiet', 200)], opening: [] }, mends: false },
  {
    code: 'strained',
    change: { main: [line('horse', 60)], opening: [] },
    context: { strength: 'gentle' },
    mends: true,
  },
  {
    code: 'not-ready',
    change: { main: [line('look', 20)], warmUp: [line('quiet', 200), line('lift', 6)] },
    mends: true,
  },
  { code: 'overhead-long', change: { main: [line('up', 65)] }, mends: true },
  { code: 'one-leg-long', change: { main: [line('alone', 50)] }, mends: true },
  { code: 'head-low-long', change: { main: [line('low', 20)] }, mends: true },
  { code: 'rising-fast', change: { main: [line('bow-down', 1)] }, mends: true },
  { code: 'dropping-fast', change: { main: [line('plunge', 1)] }, mends: true },
  {
    code: 'fast-cold',
    change: { opening: [], warmUp: [line('swing', 100), line('loosen', 200), line('lift', 6)] },
    mends: true,
  },
  {
    code: 'stretch-cold',
    change: { warmUp: [line('stretch', 30), line('loosen', 200), line('lift', 6)] },
    mends: true,
  },
  {
    code: 'arms-round-long',
    change: { slotMinutes: 27, main: [line('round', 400)] },
    context: { strength: 'steady' },
    mends: true,
  },
  { code: 'head-back', change: { main: [line('thrown-back', 5)] }, context: { strength: 'steady' }, mends: true },
  { code: 'fold-twisted', change: { main: [line('wrung', 5)] }, context: { strength: 'steady' }, mends: true },
  { code: 'eyes-closed', change: { main: [line('blind', 5)] }, context: { strength: 'steady' }, mends: true },
  { code: 'heels-free', change: { main: [line('tiptoe', 5)] }, context: { strength: 'gentle' }, mends: true },
  { code: 'sides-unequal', change: { main: [line('sides', 4, { sides: 'left-only' })] }, mends: true },
  { code: 'footwork', change: { main: [line('twisted', 2)] }, mends: false },
  { code: 'drift', change: { slotMinutes: 23, main: [line('sidesteps', 16, { pace: 10 })] }, mends: true },
  { code: 'turned-away', change: { main: [line('turned', 20)] }, mends: false },
  { code: 'bridge-missing', change: { main: [line('tangled', 5)] }, mends: true },
  { code: 'bridge-long', change: { main: [line('lift', 3), line('splayed', 2)] }, mends: true },
  { code: 'breath-parity', change: { main: [line('lift', 3), line('push-out', 2)] }, mends: true },
  { code: 'second-lower', change: { main: [line('quiet', 10)] }, mends: true },
  { code: 'breath-flips', change: { main: [line('push-in', 4)] }, mends: true },
  { code: 'pace-outside', change: { main: [line('lift', 3, { pace: 12 })] }, mends: true },
  { code: 'retention-long', change: { main: [line('stopped', 2)] }, mends: false },
  { code: 'call-long', change: { main: [line('wordy', 3, { manner: 'follow-along', pace: 10 })] }, mends: true },
  { code: 'words-long', change: { main: [line('lift', 3, { script: 'one two '.repeat(40) })] }, mends: true },
  {
    code: 'cue-never',
    change: { main: [line('lift', 3, { cues: [{ at: { unit: 'repetitions', at: 9 }, say: 'Slowly' }] })] },
    mends: true,
  },
  { code: 'breath-reversed', change: { main: [line('drawn-in', 3)] }, context: { strength: 'gentle' }, mends: true },
  { code: 'not-taught', change: { main: [] }, context: { known: new Set(['lift', 'sides', 'squat']) }, mends: true },
  {
    code: 'cool-down-short',
    change: { slotMinutes: 20, opening: [line('quiet', 160)], coolDown: [line('quiet', 100)] },
    mends: true,
  },
  {
    code: 'one-leg-free',
    change: {
      slotMinutes: 28,
      main: [line('alone', 15, { rounds: 13, roundRest: 15 })],
      coolDown: [line('quiet', 300)],
    },
    context: { strength: 'steady' },
    mends: true,
  },
  { code: 'turning-long', change: { slotMinutes: 26, main: [line('planted', 250)] }, mends: true },
  { code: 'cool-down-fast', change: { coolDownPace: { from: 8, to: 8, easing: 0 } }, mends: true },
  {
    code: 'cool-down-low',
    change: { slotMinutes: 21, coolDown: [line('quiet', 180), line('half-horse', 40)] },
    mends: false,
  },
  { code: 'ends-moving', change: { closing: [], coolDown: [line('quiet', 200), line('lift', 12)] }, mends: true },
  {
    code: 'no-way-for',
    change: { main: [line('planted', 20)] },
    context: { present: presentWith([needOf('no-twist', { side: 'right' })]) },
    mends: true,
  },
  {
    code: 'support-missing',
    change: { main: [line('alone', 20)] },
    context: { present: presentWith([needOf('chair-near')], [needOf('chair-near')]) },
    mends: true,
  },
];

test('there is a fault for every check', () => {
  expect(FAULTS.map(({ code }) => code).toSorted()).toEqual(ALL.flatMap(({ codes }) => codes).toSorted());
});

const planOf = ({ code, change }: Fault): Plan => {
  const plan = classWith(change);
  if (code !== 'second-lower') return plan;
  // The squat comes again twice as deep, right after it came first.
  return {
    ...plan,
    sections: plan.sections.map((section) =>
      section.kind === 'main'
        ? {
            ...section,
            items: [
              line('squat', 4),
              line('squat', 2, { variant: 'deep' }),
              ...section.items.filter((item) => !('movementId' in item && item.movementId === 'squat')),
            ],
          }
        : section,
    ),
  };
};

describe.each(FAULTS.map((fault) => [fault.code, fault] as const))('%s', (code, fault) => {
  const plan = planOf(fault);
  const findings = found(plan, fault.context);

  test('is found, and nothing else', () => expect(codesOf(findings)).toEqual([code]));

  test('says what and why in full sentences, and keeps its name from one judging to the next', () => {
    for (const { what, why, key } of findings) {
      expect(what).toMatch(/^[“A-Za-z0-9].*\.$/);
      expect(why.length).toBeGreaterThan(0);
      expect(key).not.toMatch(/undefined|null/);
    }
    expect(found(plan, fault.context).map(({ key }) => key)).toEqual(findings.map(({ key }) => key));
  });

  test(fault.mends ? 'is mended by everything that is offered' : 'has nothing offered that would not mend it', () => {
    const [finding] = findings;
    if (!finding) throw new Error('it is found');
    const remedies = remediesFor(analysed(plan, fault.context), finding);
    expect(remedies.length > 0).toBe(fault.mends);
    // Judged in one thread, mended in another: what it has seen goes along as plain data.
    expect(remediesFor(analysed(plan, fault.context), structuredClone(finding))).toEqual(remedies);
    for (const { edits, label } of remedies) {
      expect(label).not.toBe('');
      const after = found(applyEdits(plan, edits), fault.context);
      expect(after.map(({ key }) => key)).not.toContain(finding.key);
    }
  });
});
