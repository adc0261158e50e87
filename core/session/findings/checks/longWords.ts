import { clamp } from 'remeda';
import { minutes } from '../../../words/clockWords';
import { THRESHOLDS } from '../../limits/thresholds';
import type { Item } from '../../plan/session';
import { lineTimes } from '../../timeline/lineTimes';
import { type LineSpeech, lineSpeech } from '../../words/lineSpeech';
import { type AnalysedClass, type Check, checkFor, type FindingOf, type Remedy } from '../finding/finding';
import { nameOf } from '../finding/nameOf';
import { firstThatClears } from '../remedies/mending';

type Words = 'words-long' | 'cue-never';

/** Every line that says something besides its calls, with what it says. */
function speaking({ plan, movements, timeline }: AnalysedClass): { item: Item; speech: LineSpeech }[] {
  const times = lineTimes(timeline);
  return plan.sections.flatMap(({ items }) =>
    items.flatMap((item) => {
      const time = times.get(item.id);
      return time ? [{ item, speech: lineSpeech(item, movements.get(item.id), timeline, time) }] : [];
    }),
  );
}

const look = (analysed: AnalysedClass): FindingOf<Words>[] =>
  speaking(analysed).flatMap(({ item, speech }): FindingOf<Words>[] => {
    const { id: itemId } = item;
    const name = nameOf(analysed, itemId);
    const { overMs, never, spoken } = speech;
    const shared = { severity: 'notice', itemId, borderline: false } as const;
    const found: FindingOf<Words>[] = [];
    if (overMs > THRESHOLDS.trailingWords * 1000)
      found.push({
        ...shared,
        code: 'words-long',
        evidence: { overMs },
        key: `words-long ${itemId}`,
        atMs: spoken.at(-1)?.startMs ?? null,
        what: `The words of ${name} take ${minutes(overMs)} longer than it lasts.`,
        why: ['Cues are reckoned at the pace of calls, a script as it is read out, with its pauses.'],
        amount: overMs / 1000,
      });
    if (item.kind === 'movement' && never.length > 0)
      found.push({
        ...shared,
        code: 'cue-never',
        evidence: { places: never.map((cue) => item.cues.indexOf(cue)) },
        key: `cue-never ${itemId}`,
        atMs: null,
        what: `“${never[0]?.say}” is never said: ${name} has no such moment.`,
        why: never.map(
          ({ say, at }) => `“${say}”: ${'at' in at ? `${at.unit} ${at.at}` : `after ${at.after} ${at.unit}`}.`,
        ),
        amount: never.length,
      });
    return found;
  });

/** A line made long enough for its words. */
function longer({ plan, movements, timeline }: AnalysedClass, itemId: string, overMs: number): Remedy[] {
  const item = plan.sections.flatMap(({ items }) => items).find(({ id }) => id === itemId);
  const time = lineTimes(timeline).get(itemId);
  if (!item || !time) return [];
  if (item.kind !== 'movement') {
    const seconds = Math.ceil(item.seconds + overMs / 1000);
    const label = `${minutes(seconds * 1000)} instead of ${minutes(item.seconds * 1000)}`;
    return [{ label, edits: [{ kind: 'change', itemId, to: { seconds } }] }];
  }
  const movement = movements.get(itemId);
  if (!movement) return [];
  const { step, most } = movement.count;
  const share = (time.lengthMs + overMs) / time.lengthMs;
  return [1, 1.1, 1.25].flatMap((more): Remedy[] => {
    const count = clamp(Math.ceil((item.count * share * more) / step) * step, { max: most });
    return count > item.count
      ? [{ label: `${count} instead of ${item.count}`, edits: [{ kind: 'change', itemId, to: { count } }] }]
      : [];
  });
}

/** Words that have no time: they go on after their line, or their moment never comes. */
export const longWords: Check = checkFor<Words>({
  codes: ['words-long', 'cue-never'],
  look,
  remedies: (analysed, finding) => {
    const { itemId } = finding;
    if (itemId === null) return [];
    if (finding.code === 'words-long')
      return firstThatClears(look, analysed, finding, longer(analysed, itemId, finding.evidence.overMs));
    const item = analysed.plan.sections.flatMap(({ items }) => items).find(({ id }) => id === itemId);
    if (item?.kind !== 'movement') return [];
    const cues = item.cues.filter((_, place) => !finding.evidence.places.includes(place));
    return [{ label: 'Take out what is never said', edits: [{ kind: 'change', itemId, to: { cues } }] }];
  },
});
