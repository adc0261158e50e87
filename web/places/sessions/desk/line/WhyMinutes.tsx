import { memo } from 'react';
import { type Takes, timesOf } from '../../../../../core/session/plan/takes';
import { explainItem, type MinutesPart } from '../../../../../core/session/report/explain';
import { lineTimes } from '../../../../../core/session/timeline/lineTimes';
import { partKind } from '../../../../../core/session/timeline/partKind';
import type { Timeline } from '../../../../../core/session/timeline/segment';
import { breathsPerMinute } from '../../../../../core/words/breathsPerMinute';
import { minutes } from '../../../../../core/words/clockWords';

const KIND_WORDS: Readonly<Record<MinutesPart['kind'], string>> = {
  naming: 'Naming it',
  showing: 'Showing it once',
  bridge: 'Steps into it',
  entry: 'Coming into it',
  move: 'Moving',
  'side-change': 'Changing sides',
  'direction-change': 'Changing direction',
  'round-rest': 'Rest between rounds',
  'last-word': 'A word at the end',
  exit: 'Coming out of it',
  settle: 'Settling after',
  rest: 'Rest',
  talk: 'Talk',
  clock: 'By the clock',
};

const DIRECTION_WORDS = { first: 'first way', reversed: 'other way' } as const;

function nameOf({ kind, side, direction }: MinutesPart): string {
  const where = [side, direction && DIRECTION_WORDS[direction]].filter(Boolean).join(', ');
  return where === '' ? KIND_WORDS[kind] : `${KIND_WORDS[kind]}, ${where}`;
}

/** How a part came to its time: how often, and at which breath on the average. */
function reckoning({ kind, times, breaths, ms }: MinutesPart, takes: Takes | undefined): string {
  const measured = timesOf(takes, partKind({ kind }));
  if (measured !== 1) return `${measured} times as long as usual, as measured with this group`;
  const often = kind !== 'bridge' && times > 1 ? `${times} times` : kind === 'move' ? 'once' : '';
  if (breaths === null || ms === 0) return often;
  const rounded = Math.round(breaths * 10) / 10;
  const breathing = `${rounded} breaths at ${breathsPerMinute(breaths / (ms / 60_000))} a minute`;
  return often === '' ? breathing : `${often}, ${breathing}`;
}

/** Why a line takes its minutes: its parts, which add up exactly. */
export const WhyMinutes = memo(function WhyMinutes({
  timeline,
  itemId,
  takes,
}: {
  readonly timeline: Timeline;
  readonly itemId: string;
  /** How long its parts take by a measure of its own. */
  readonly takes: Takes | undefined;
}) {
  const parts = explainItem(timeline, itemId);
  const total = lineTimes(timeline).get(itemId)?.lengthMs ?? 0;
  return (
    <section className="why" aria-label="Why these minutes">
      <h3>Why {minutes(total)}?</h3>
      <table>
        <tbody>
          {parts.map((part) => (
            <tr key={nameOf(part)}>
              <th scope="row">
                {nameOf(part)}
                <small>{reckoning(part, takes)}</small>
              </th>
              <td className="number">{minutes(part.ms)}</td>
            </tr>
          ))}
          <tr className="why-total">
            <th scope="row">Together</th>
            <td className="number">{minutes(total)}</td>
          </tr>
        </tbody>
      </table>
    </section>
  );
});
