import { usualName } from '../../../../movement/schema/movement';
import { paceAt } from '../../../../timing/pace';
import { THRESHOLDS } from '../../../limits/thresholds';
import { newMovementItem } from '../../../plan/defaults';
import { classSeconds } from '../../../plan/slotTime';
import { type AnalysedClass, type Check, checkFor, type FindingOf, type Remedy } from '../../finding/finding';
import { nameOf } from '../../finding/nameOf';
import { weigh } from '../../finding/weigh';
import { easierWays } from '../../remedies/easing';
import { firstThatClears, freshId } from '../../remedies/mending';

const indexOf = ({ plan }: AnalysedClass, kind: string): number =>
  plan.sections.findIndex((section) => section.kind === kind);

/** The pace a section ends at; null where it is empty. */
function endingPace(analysed: AnalysedClass, kind: string): number | null {
  const index = indexOf(analysed, kind);
  const section = analysed.plan.sections[index];
  const stretch = analysed.timeline.sections[index];
  return section && stretch && stretch.lengthMs > 0 ? paceAt(section.pace, stretch.lengthMs / 1000) : null;
}

function tooFast(analysed: AnalysedClass): FindingOf<'cool-down-fast'>[] {
  const [main, ending] = [endingPace(analysed, 'main'), endingPace(analysed, 'cool-down')];
  if (main === null || ending === null) return [];
  const section = indexOf(analysed, 'cool-down');
  const weighed = weigh(analysed, 'cool-down-fast', ending, { limit: Math.max(main, THRESHOLDS.slowPace) + 1e-9 });
  if (!weighed) return [];
  return [
    {
      code: 'cool-down-fast',
      evidence: { mainPace: main, section },
      key: 'cool-down-fast',
      ...weighed,
      itemId: null,
      atMs: analysed.timeline.sections[section]?.startMs ?? null,
      what: `The cool-down ends at ${ending.toFixed(1)} breaths a minute, quicker than the main part at ${main.toFixed(1)}.`,
      why: ['The pace slows towards the end, so that the class leaves calmer than it worked.'],
    },
  ];
}

function tooLow(analysed: AnalysedClass): FindingOf<'cool-down-low'>[] {
  const index = indexOf(analysed, 'cool-down');
  const lines = new Set(analysed.plan.sections[index]?.items.map(({ id }) => id));
  const low = new Map<string, { seconds: number; atMs: number }>();
  for (const { itemId, demand, seconds, startMs } of analysed.pieces) {
    if (!lines.has(itemId) || demand.sink <= THRESHOLDS.coolDownSink) continue;
    const known = low.get(itemId) ?? { seconds: 0, atMs: startMs };
    low.set(itemId, { ...known, seconds: known.seconds + seconds });
  }
  return [...low].flatMap(([itemId, { seconds, atMs }]): FindingOf<'cool-down-low'>[] => {
    const key = `cool-down-low ${itemId}`;
    const weighed = weigh(analysed, key, seconds, {
      limit: THRESHOLDS.coolDownLow,
      grave: 3 * THRESHOLDS.coolDownLow,
      severity: ['warn', 'notice'],
    });
    if (!weighed) return [];
    return [
      {
        code: 'cool-down-low',
        evidence: null,
        key,
        ...weighed,
        itemId,
        atMs,
        what: `${nameOf(analysed, itemId)} stands low for ${Math.round(seconds)} s in the cool-down.`,
        why: [
          `Over ${THRESHOLDS.coolDownSink}° of knee bend; ${THRESHOLDS.coolDownLow} s are let pass. The stance rises towards the end.`,
        ],
      },
    ];
  });
}

/** Whether nothing moves and little is asked. */
const isStill = ({ mobilised, demand }: AnalysedClass['pieces'][number]): boolean =>
  demand.sink <= THRESHOLDS.coolDownSink && mobilised.every((moved) => moved < 0.12);

/** Whether the last line is one that belongs in the main part alone: the class ends in the middle of its work. */
function endsOnWork({ movements }: AnalysedClass, itemId: string): boolean {
  const roles = movements.get(itemId)?.roles ?? [];
  return roles.includes('main') && !roles.includes('cool-down') && !roles.includes('closing');
}

function notStill(analysed: AnalysedClass): FindingOf<'ends-moving'>[] {
  const { pieces, timeline, plan } = analysed;
  const last = timeline.items.at(-1);
  if (!last || timeline.totalMs < classSeconds(plan) * 1000 * THRESHOLDS.writtenShare) return [];
  const from = timeline.totalMs - THRESHOLDS.stillWithin * 1000;
  let [longest, run] = [0, 0];
  for (const piece of pieces) {
    run = isStill(piece) && piece.startMs + piece.seconds * 1000 > from ? run + piece.seconds : 0;
    longest = Math.max(longest, run);
  }
  const weighed = weigh(analysed, 'ends-moving', longest, {
    limit: THRESHOLDS.still,
    under: true,
    severity: ['warn', 'notice'],
  });
  if (!weighed) return [];
  return [
    {
      code: 'ends-moving',
      evidence: null,
      key: 'ends-moving',
      ...weighed,
      severity: endsOnWork(analysed, last.itemId) ? 'warn' : weighed.severity,
      itemId: last.itemId,
      atMs: last.startMs,
      what: `The class does not end still: ${Math.round(longest)} s without moving in its last ${THRESHOLDS.stillWithin} s.`,
      why: [`${THRESHOLDS.still} s of standing or sitting quietly let it sink in.`],
    },
  ];
}

const look = (analysed: AnalysedClass): FindingOf<'cool-down-fast' | 'cool-down-low' | 'ends-moving'>[] => [
  ...tooFast(analysed),
  ...tooLow(analysed),
  ...notStill(analysed),
];

function stillEndings(analysed: AnalysedClass): Remedy[] {
  const section = analysed.plan.sections.length - 1;
  const index = analysed.plan.sections[section]?.items.length ?? 0;
  return analysed.offered
    .filter((movement) => movement.roles.includes('closing'))
    .map((movement) => {
      const item = newMovementItem(freshId(analysed, movement.id, 'end'), movement, 'closing');
      return {
        label: `${usualName(movement)}, ${item.count} ${movement.count.unit}, at the end`,
        edits: [{ kind: 'add', at: { section, index }, item }],
      };
    });
}

/** The cool-down is where a class comes down: its pace slows, its stance rises, it ends still. */
export const coolDown: Check = checkFor({
  codes: ['cool-down-fast', 'cool-down-low', 'ends-moving'],
  look,
  remedies: (analysed, finding) => {
    if (finding.code === 'ends-moving') return firstThatClears(look, analysed, finding, stillEndings(analysed));
    if (finding.code === 'cool-down-low')
      return finding.itemId === null
        ? []
        : firstThatClears(look, analysed, finding, easierWays(analysed, finding.itemId));
    const { mainPace, section } = finding.evidence;
    const pace = analysed.plan.sections[section]?.pace;
    const to = Math.max(analysed.limits.pace.least, Math.floor(2 * mainPace) / 2 - 0.5);
    if (!pace) return [];
    return firstThatClears(look, analysed, finding, [
      {
        label: `The cool-down easing to ${to} breaths a minute`,
        edits: [
          {
            kind: 'section',
            section,
            to: { pace: { from: Math.max(to, Math.min(pace.from, to + 1)), to, easing: 120 } },
          },
        ],
      },
    ]);
  },
});
