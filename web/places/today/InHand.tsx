import dayjs from 'dayjs';
import { useState } from 'react';
import { Link } from 'react-router';
import { today } from '../../app/machine/clock';
import { dayInWords, inWords } from '../../app/words';
import { classesInHand } from '../../class/kept/keptClass';

/** Classes that were begun on this machine and neither ended nor let go. */
export function InHand() {
  const [open] = useState(classesInHand);
  if (open.length === 0) return null;
  return (
    <section className="today-in-hand" aria-label="In hand">
      <h3>{open.length === 1 ? 'A class is in hand' : 'Classes are in hand'}</h3>
      <ul>
        {open.map(({ logId, session, startedAt, teaching }) => {
          const begun = dayjs(startedAt);
          return (
            <li key={logId}>
              <Link to={`/teach/${session.id}?open=${logId}`} className="name">
                {session.title}
              </Link>
              , begun {dayInWords(begun.format('YYYY-MM-DD'), today())} at {begun.format('HH:mm')},{' '}
              {inWords(teaching.wallMs)} taught
            </li>
          );
        })}
      </ul>
    </section>
  );
}
