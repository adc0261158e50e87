import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { edgeWords, elsewhereWords, headingWords } from '../../core/hall/hallWords';
import type { Front, HallReport } from '../../core/hall/layClass';
import type { Segment } from '../../core/session/timeline/segment';
import { minutes } from '../../core/words/clockWords';

interface Props {
  readonly report: HallReport;
  readonly people: number;
  readonly groupId: string | null;
  readonly nameOf: (itemId: string) => string;
  readonly segments: readonly Segment[];
  /** What those who could be anchors are called, for some lines; asked for each time. */
  readonly knowing: ((lines: readonly string[]) => readonly string[]) | null;
  readonly onShow: (atMs: number) => void;
  /** What else keeps the rows from the wall, to be taken. */
  readonly mends: ReactNode;
}

const percent = (share: number): string => `${Math.round(100 * share)} %`;

const isLost = ({ behind, foremost }: Front): boolean => foremost.length > 0 && 2 * behind >= foremost.length;

/** Everything the hall says about a class, in the order it is needed: the room first, then the turns, the walls and where to stand. */
export function HallSays({ report, people, groupId, nameOf, segments, knowing, onShow, mends }: Props) {
  const { lines, fronts, anchors, wall, elsewhere, instructor, stands, walkRound, turned, spots } = report;
  const sorted = lines.toSorted((a, b) => a.fits - b.fits);
  const [tightest, widest] = [sorted[0], sorted.at(-1)];
  const lost = fronts.filter(isLost);
  const step = wall && segments[wall.segment];
  return (
    <ul className="hall-says">
      {tightest && widest && (
        <li className={tightest.fits < people ? 'hall-short' : ''}>
          {widest.fits} fit at {nameOf(widest.itemId)}
          {tightest.fits !== widest.fits && `, ${tightest.fits} at ${nameOf(tightest.itemId)}`}; {people} come.
          {tightest.fits < people &&
            ` At ${lines.filter(({ fits }) => fits < people).length} of ${lines.length} lines there is not room for all: arms in, or half of them at a time.`}
        </li>
      )}
      {spots.length < people && (
        <li className="hall-short">{people - spots.length} have no place of their own in these rows.</li>
      )}
      {wall && (
        <li className="hall-short">
          In <strong>{nameOf(wall.itemId)}</strong>
          {step?.repetition && `, at ${step.repetition} of ${step.of},`} the outer row meets {edgeWords(wall)}, by{' '}
          {wall.over.toFixed(1)} m.{' '}
          <button type="button" className="bare" onClick={() => onShow(wall.atMs)}>
            Show it at {minutes(wall.atMs)}
          </button>
          {elsewhere
            ? ` It is well if you ${elsewhereWords(elsewhere)}.`
            : ` Beginning elsewhere does not help: ${report.fitWithWay} fit with room for all of the way.`}
          {mends}
        </li>
      )}
      {lost.map((front) => (
        <li key={front.heading} className="hall-short">
          Turned {headingWords(front.heading)} for {Math.round(front.seconds)} s ({front.lines.map(nameOf).join(', ')}):{' '}
          {front.foremost.length} are foremost, you are behind {front.behind} of them, and {percent(front.seen)} of the
          class see you.{' '}
          {front.knowing === 0
            ? 'None of those who come has seen all of it.'
            : `${front.knowing} of those who come have seen all of it.`}
          {knowing && front.knowing > 0 && ` ${knowing(front.lines).join(', ')}.`}
        </li>
      ))}
      {lost.length > 0 && anchors && (
        <li>
          {anchors.length === 1 ? 'One anchor' : `${anchors.length} anchors`} at the amber places, somebody who knows it
          each: then nobody is left without one. Or walk round to the other side: {walkRound} s.
        </li>
      )}
      {lost.length > 0 && !anchors && (
        <li>More than four anchors would be wanted: walk round ({walkRound} s), or begin turned.</li>
      )}
      {turned && (
        <li>
          Begun a quarter turned to the {turned.quarter}, they see you {percent(turned.after)} of the time rather than{' '}
          {percent(turned.before)}.
        </li>
      )}
      <li>
        From the middle of the front you are seen {percent(instructor.seen)} of the time on the mean.
        {stands.map(({ itemId, place }) => (
          <span key={itemId}>
            {' '}
            For {nameOf(itemId)} stand elsewhere ({place.at.x.toFixed(1)} m from the left, {place.at.y.toFixed(1)} m
            from the back): {percent(place.seen)}.
          </span>
        ))}
      </li>
      <Wishes report={report} groupId={groupId} />
    </ul>
  );
}

/** What some of them wish of their place, against the places there are: rows and corners, not a seating plan. */
function Wishes({ report, groupId }: Pick<Props, 'report' | 'groupId'>) {
  const { frontRow, nearHold, ahead } = report;
  const wishes = [
    { words: 'want the front row, which has', wished: frontRow.wished, places: frontRow.places },
    { words: 'want a chair or a wall near, by which there are', wished: nearHold.wished, places: nearHold.places },
    { words: 'are new and want somebody ahead of them, which is so at', wished: ahead.beginners, places: ahead.places },
  ].filter(({ wished }) => wished > 0);
  return wishes.map(({ words, wished, places }) => (
    <li key={words} className={wished > places ? 'hall-short' : ''}>
      {wished} {words} {places} places.{' '}
      {groupId && (
        <Link className="hall-who" to={`/groups/${groupId}/people`}>
          Who
        </Link>
      )}
    </li>
  ));
}
