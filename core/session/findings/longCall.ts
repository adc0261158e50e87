import { WORDS_PER_SECOND } from '../constants';
import type { Segment } from '../segment';
import { speechSeconds } from '../speech';
import type { Check, Finding, Judged } from './finding';
import { firstThatClears } from './mending';
import { nameOf } from './nameOf';
import { weigh } from './weigh';

/** Calls said while moving: naming, rests and talks have their own time. */
const MOVING: readonly Segment['kind'][] = ['entry', 'move', 'side-change', 'exit'];

const look = (judged: Judged): Finding[] => {
  const worst = new Map<string, { segment: Segment; beyond: number }>();
  for (const segment of judged.timeline.segments) {
    if (segment.call === '' || segment.part === null || !MOVING.includes(segment.kind)) continue;
    const beyond = speechSeconds(segment.call) - segment.lengthMs / 1000;
    if (beyond > (worst.get(segment.itemId)?.beyond ?? 0)) worst.set(segment.itemId, { segment, beyond });
  }
  return [...worst].flatMap(([itemId, { segment }]): Finding[] => {
    const key = `call-long ${itemId}`;
    const needs = speechSeconds(segment.call);
    const weighed = weigh(judged, key, needs, { limit: segment.lengthMs / 1000, severity: ['warn', 'notice'] });
    if (!weighed) return [];
    return [
      {
        code: 'call-long',
        key,
        ...weighed,
        itemId,
        atMs: segment.startMs,
        what: `“${segment.call}” takes ${needs.toFixed(1)} s to say; its phase in ${nameOf(judged, itemId)} lasts ${(segment.lengthMs / 1000).toFixed(1)} s.`,
        why: [`At ${WORDS_PER_SECOND} words a second.`],
      },
    ];
  });
};

/** A call that is still being said when the next phase begins. */
export const longCall: Check = {
  codes: ['call-long'],
  look,
  remedies: (judged, finding) => {
    const { itemId } = finding;
    if (itemId === null) return [];
    const name = nameOf(judged, itemId);
    const paces = [8, 7, 6, 5, 4].filter((pace) => pace >= judged.pace.least);
    return [
      ...firstThatClears(
        look,
        judged,
        finding,
        paces.map((pace) => ({
          label: `${name} at ${pace} breaths a minute`,
          edits: [{ kind: 'change', itemId, to: { pace } }],
        })),
      ),
      ...firstThatClears(look, judged, finding, [
        { label: `${name} led without words`, edits: [{ kind: 'change', itemId, to: { manner: 'quiet' } }] },
      ]),
    ];
  },
};
