import { usualName } from '../../../movement/schema/movement';
import { speechSeconds } from '../../../timing/speech';
import { WORDS_PER_SECOND } from '../../../timing/timingConstants';
import { isRoutine } from '../../schedule/settleItem';
import type { Segment } from '../../timeline/segment';
import { type AnalysedClass, type Check, checkFor, type FindingOf } from '../finding/finding';
import { nameOf } from '../finding/nameOf';
import { weigh } from '../finding/weigh';
import { atPaces } from '../remedies/easing';
import { firstThatClears } from '../remedies/mending';

/** Calls said while moving: naming, rests and talks have their own time. */
const MOVING: readonly Segment['kind'][] = ['entry', 'move', 'side-change', 'exit', 'settle'];

/** What a call belongs to: its line, or the routine of its section, which says the same after every line. */
const saidBy = (segment: Segment): string =>
  isRoutine(segment) ? `settle ${segment.section} ${segment.movementId}` : segment.itemId;

const look = (analysed: AnalysedClass): FindingOf<'call-long'>[] => {
  const worst = new Map<string, { segment: Segment; beyond: number }>();
  for (const segment of analysed.timeline.segments) {
    if (segment.call === '' || segment.part === null || !MOVING.includes(segment.kind)) continue;
    const beyond = speechSeconds(segment.call) - segment.lengthMs / 1000;
    const by = saidBy(segment);
    if (beyond > (worst.get(by)?.beyond ?? 0)) worst.set(by, { segment, beyond });
  }
  return [...worst].flatMap(([by, { segment }]): FindingOf<'call-long'>[] => {
    const { itemId } = segment;
    const key = `call-long ${by}`;
    const settling = isRoutine(segment) && segment.movementId !== null ? analysed.find(segment.movementId) : undefined;
    const name = settling ? usualName(settling) : nameOf(analysed, itemId);
    const needs = speechSeconds(segment.call);
    const weighed = weigh(analysed, key, needs, { limit: segment.lengthMs / 1000, severity: ['warn', 'notice'] });
    if (!weighed) return [];
    return [
      {
        code: 'call-long',
        evidence: { section: segment.section },
        key,
        ...weighed,
        itemId,
        atMs: segment.startMs,
        what: `“${segment.call}” takes ${needs.toFixed(1)} s to say; its phase in ${name} lasts ${(segment.lengthMs / 1000).toFixed(1)} s.`,
        why: [`At ${WORDS_PER_SECOND} words a second.`],
      },
    ];
  });
};

/** A call that is still being said when the next phase begins. */
export const longCall: Check = checkFor({
  codes: ['call-long'],
  look,
  remedies: (analysed, finding) => {
    const { itemId } = finding;
    if (itemId === null) return [];
    const name = nameOf(analysed, itemId);
    const paces = [8, 7, 6, 5, 4].filter((pace) => pace >= analysed.limits.pace.least);
    const ofLine = [
      ...firstThatClears(look, analysed, finding, atPaces(analysed, itemId, paces)),
      ...firstThatClears(look, analysed, finding, [
        { label: `${name} led without words`, edits: [{ kind: 'change', itemId, to: { manner: 'quiet' } }] },
      ]),
    ];
    if (ofLine.length > 0) return ofLine;
    // A routine breathes as its section does.
    const { section } = finding.evidence;
    return firstThatClears(
      look,
      analysed,
      finding,
      paces.map((pace) => ({
        label: `The whole section at ${pace} breaths a minute`,
        edits: [{ kind: 'section', section, to: { pace: { from: pace, to: pace, easing: 0 } } }],
      })),
    );
  },
});
