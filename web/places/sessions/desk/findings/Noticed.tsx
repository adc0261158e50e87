import { useState } from 'react';
import { partition } from 'remeda';
import { Asides } from './Asides';
import { AskedChoice } from './AskedChoice';
import { FindingEntry } from './FindingEntry';
import type { NoticedProps } from './noticedProps';
import './noticed.css';

/** How many findings are told before the rest is asked for. */
const TOLD = 6;

/** What Vesperum noticed about a class, or about the line in hand; each with what would mend it. */
export function Noticed({
  findings,
  itemId,
  ...of
}: NoticedProps & {
  /** Only what is about this line; null tells of the whole class. */
  readonly itemId: string | null;
}) {
  const [isWhole, setIsWhole] = useState(false);
  if (findings === null) return null;
  const shown = itemId === null ? findings.open : findings.open.filter((finding) => finding.itemId === itemId);
  if (itemId !== null && shown.length === 0) return null;
  // What hangs on a convention is folded away; it is said when it is asked for.
  const [near, plain] = partition(shown, ({ borderline, severity }) => borderline && severity !== 'stop');
  const told = isWhole ? plain : plain.slice(0, TOLD);
  return (
    <section className="noticed" aria-label="What Vesperum noticed">
      <header>
        <h3>Noticed</h3>
        {itemId === null && <AskedChoice askedOf={of.askedOf} />}
      </header>
      {shown.length === 0 ? (
        <p className="noticed-nothing">Nothing to object to.</p>
      ) : (
        <ul>
          {told.map((finding) => (
            <FindingEntry key={finding.key} finding={finding} isPlaced={itemId === null} {...of} />
          ))}
        </ul>
      )}
      {told.length < plain.length && (
        <button type="button" className="bare noticed-more" onClick={() => setIsWhole(true)}>
          and {plain.length - told.length} more
        </button>
      )}
      {near.length > 0 && (
        <details className="noticed-near">
          <summary>{near.length} near a limit</summary>
          <ul>
            {near.map((finding) => (
              <FindingEntry key={finding.key} finding={finding} isPlaced={itemId === null} {...of} />
            ))}
          </ul>
        </details>
      )}
      {itemId === null && <Asides asides={findings.aside} />}
    </section>
  );
}
