import { usualName } from '../../../movement/schema/movement';
import { paceAt } from '../../../timing/pace';
import { newMovementItem } from '../../plan/defaults';
import { THRESHOLDS } from '../../report/thresholds';
import type { Check, Finding, Judged, Remedy } from '../finding/finding';
import { nameOf } from '../finding/nameOf';
import { weigh } from '../finding/weigh';
import { easierWays } from '../remedies/easing';
import { firstThatClears, freshId } from '../remedies/mending';

const indexOf = ({ plan }: Judged, kind: string): number => plan.sections.findIndex((section) => section.kind === kind);

/** The pace a section ends at; null where it is empty. */
function endingPace(judged: Judged, kind: string): number | null {
  const index = indexOf(judged, kind);
  const section = judged.plan.sections[index];
  const stretch = judged.timeline.sections[index];
  return section && stretch && stretch.lengthMs > 0 ? paceAt(section.pace, stretch.lengthMs / 1000) : null;
}

function tooFast(judged: Judged): Finding[] {
  const [main, ending] = [endingPace(judged, 'main'), endingPace(judged, 'cool-down')];
  if (main === null || ending === null) return [];
  const weighed = weigh(judged, 'cool-down-fast', ending, { limit: main + 1e-9 });
  if (!weighed) return [];
  return [
    {
      code: 'cool-down-fast',
      key: 'cool-down-fast',
      ...weighed,
      itemId: null,
      atMs: judged.timeline.sections[indexOf(judged, 'cool-down')]?.startMs ?? null,
      what: `The cool-down ends at ${ending.toFixed(1)} breaths a minute, quicker than the main part at ${main.toFixed(1)}.`,
      why: ['The pace slows towards the end, so that the class leaves calmer than it worked.'],
    },
  ];
}

function tooLow(judged: Judged): Finding[] {
  const index = indexOf(judged, 'cool-down');
  const lines = new Set(judged.plan.sections[index]?.items.map(({ id }) => id));
  const low = new Map<string, { seconds: number; atMs: number }>();
  for (const { itemId, demand, seconds, startMs } of judged.pieces) {
    if (!lines.has(itemId) || demand.sink <= THRESHOLDS.coolDownSink) continue;
    const known = low.get(itemId) ?? { seconds: 0, atMs: startMs };
    low.set(itemId, { ...known, seconds: known.seconds + seconds });
  }
  return [...low].flatMap(([itemId, { seconds, atMs }]): Finding[] => {
    const key = `cool-down-low ${itemId}`;
    const weighed = weigh(judged, key, seconds, {
      limit: THRESHOLDS.coolDownLow,
      grave: 3 * THRESHOLDS.coolDownLow,
      severity: ['warn', 'notice'],
    });
    if (!weighed) return [];
    return [
      {
        code: 'cool-down-low',
        key,
        ...weighed,
        itemId,
        atMs,
        what: `${nameOf(judged, itemId)} stands low for ${Math.round(seconds)} s in the cool-down.`,
        why: [
          `Over ${THRESHOLDS.coolDownSink}° of knee bend; ${THRESHOLDS.coolDownLow} s are let pass. The stance rises towards the end.`,
        ],
      },
    ];
  });
}

/** Whether nothing moves and little is asked. */
const isStill = ({ mobilised, demand }: Judged['pieces'][number]): boolean =>
  demand.sink <= THRESHOLDS.coolDownSink && mobilised.every((moved) => moved < 0.12);

function notStill(judged: Judged): Finding[] {
  const { pieces, timeline, plan } = judged;
  const last = timeline.items.at(-1);
  if (!last || timeline.totalMs < plan.slotMinutes * 60_000 * THRESHOLDS.writtenShare) return [];
  const from = timeline.totalMs - THRESHOLDS.stillWithin * 1000;
  let [longest, run] = [0, 0];
  for (const piece of pieces) {
    run = isStill(piece) && piece.startMs + piece.seconds * 1000 > from ? run + piece.seconds : 0;
    longest = Math.max(longest, run);
  }
  const weighed = weigh(judged, 'ends-moving', longest, {
    limit: THRESHOLDS.still,
    under: true,
    severity: ['warn', 'notice'],
  });
  if (!weighed) return [];
  return [
    {
      code: 'ends-moving',
      key: 'ends-moving',
      ...weighed,
      itemId: last.itemId,
      atMs: last.startMs,
      what: `The class does not end still: ${Math.round(longest)} s without moving in its last ${THRESHOLDS.stillWithin} s.`,
      why: [`${THRESHOLDS.still} s of standing or sitting quietly let it sink in.`],
    },
  ];
}

const look = (judged: Judged): Finding[] => [...tooFast(judged), ...tooLow(judged), ...notStill(judged)];

function stillEndings(judged: Judged): Remedy[] {
  const section = judged.plan.sections.length - 1;
  const index = judged.plan.sections[section]?.items.length ?? 0;
  return judged.offered
    .filter((movement) => movement.roles.includes('closing'))
    .map((movement) => {
      const item = newMovementItem(freshId(judged, movement.id, 'end'), movement, 'closing');
      return {
        label: `${usualName(movement)}, ${item.count} ${movement.count.unit}, at the end`,
        edits: [{ kind: 'add', at: { section, index }, item }],
      };
    });
}

/** The cool-down is where a class comes down: its pace slows, its stance rises, it ends still. */
export const coolDown: Check = {
  codes: ['cool-down-fast', 'cool-down-low', 'ends-moving'],
  look,
  remedies: (judged, finding) => {
    if (finding.code === 'ends-moving') return firstThatClears(look, judged, finding, stillEndings(judged));
    if (finding.code === 'cool-down-low')
      return finding.itemId === null ? [] : firstThatClears(look, judged, finding, easierWays(judged, finding.itemId));
    const section = indexOf(judged, 'cool-down');
    const pace = judged.plan.sections[section]?.pace;
    const to = Math.max(judged.pace.least, Math.floor(2 * (endingPace(judged, 'main') ?? 6)) / 2 - 0.5);
    if (!pace) return [];
    return firstThatClears(look, judged, finding, [
      {
        label: `The cool-down easing to ${to} breaths a minute`,
        edits: [{ kind: 'pace', section, pace: { from: Math.max(to, Math.min(pace.from, to + 1)), to, easing: 120 } }],
      },
    ]);
  },
};
