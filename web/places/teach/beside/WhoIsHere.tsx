import { useState } from 'react';
import { comesOn } from '../../../../core/group/person';
import type { HallReport } from '../../../../core/hall/layClass';
import type { Teaching } from '../../../../core/record/standing/teaching';
import type { LatePiece } from '../../../../core/session/propose/lateLoosening';
import { today } from '../../../app/machine/clock';
import { api } from '../../../app/server/api';
import { Beside } from '../../../teaching/Beside';

interface Props {
  readonly groupId: string | null;
  readonly teaching: Teaching;
  readonly onMark: (id: string) => void;
  readonly onNewcomer: () => void;
  readonly onNoNewcomer: () => void;
  /** A loosening to be said at the side. */
  readonly late: readonly LatePiece[];
  /** How the hall takes those who are there; null where the hall is not written down. */
  readonly lines: HallReport['lines'] | null;
  readonly nameOf: (itemId: string) => string;
  readonly onClose: () => void;
}

/** Who is here, a touch each; a newcomer and a latecomer, a touch each. Opened when it is asked for, and closed again. */
export function WhoIsHere({
  groupId,
  teaching,
  onMark,
  onNewcomer,
  onNoNewcomer,
  late,
  lines,
  nameOf,
  onClose,
}: Props) {
  const { data } = api.usePeopleQuery(groupId ?? '', { skip: groupId === null });
  const [isLate, setLate] = useState(false);
  const people = data?.people.filter((person) => comesOn(person, today())) ?? [];
  const { present, walkIns } = teaching;
  const all = present.length + walkIns;
  const tight = lines?.toSorted((a, b) => a.fits - b.fits)[0];
  return (
    <Beside title="Who is here" onClose={onClose}>
      <div className="teach-people">
        {people.map(({ id, called }) => (
          <button
            key={id}
            type="button"
            className="teach-press"
            aria-pressed={present.includes(id)}
            onClick={() => onMark(id)}
          >
            {called}
          </button>
        ))}
      </div>
      <p className="teach-here">
        {present.length} marked{walkIns > 0 && `, ${walkIns} for the first time`}.
        {tight && all > 0 && ` ${tight.fits} fit at the tightest line, ${nameOf(tight.itemId)}.`}
        {tight && tight.fits < all && ' Not everybody has room there: arms in, or by halves.'}
      </p>
      <div className="teach-people">
        <button type="button" className="teach-press" onClick={onNewcomer}>
          A newcomer
        </button>
        {walkIns > 0 && (
          <button type="button" className="teach-press" onClick={onNoNewcomer}>
            One fewer
          </button>
        )}
        <button type="button" className="teach-press" aria-pressed={isLate} onClick={() => setLate(!isLate)}>
          Somebody is late
        </button>
      </div>
      {walkIns > 0 && (
        <p className="teach-here">
          Paper form? Anything to mind? {teaching.welcomeMs > 0 ? 'The class stands for a minute: Next goes on.' : ''}{' '}
          From now on every first repetition is said aloud, and something to hold is offered to all on one leg.
        </p>
      )}
      {isLate && (
        <div className="teach-here">
          <p>Two minutes at the side, before they join:</p>
          {late.length === 0 ? (
            <p>Shoulders, waist, knees, ankles: round each, small and slow.</p>
          ) : (
            <ul>
              {late.map(({ name, count, unit, seconds }) => (
                <li key={name}>
                  {name}, {count} {unit} ({seconds} s)
                </li>
              ))}
            </ul>
          )}
        </div>
      )}
    </Beside>
  );
}
