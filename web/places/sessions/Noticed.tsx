import type { Finding } from '../../../core/session/findings/finding';
import { focusLine } from './lineFocus';
import './noticed.css';

interface Props {
  /** Null while the class has not been judged yet. */
  readonly findings: readonly Finding[] | null;
  /** Only what is about this line; null tells of the whole class. */
  readonly itemId: string | null;
}

/** What Vesperum noticed about a class, or about the line in hand. */
export function Noticed({ findings, itemId }: Props) {
  if (findings === null) return null;
  const shown = itemId === null ? findings : findings.filter((finding) => finding.itemId === itemId);
  if (itemId !== null && shown.length === 0) return null;
  return (
    <section className="noticed" aria-label="What Vesperum noticed">
      <h3>Noticed</h3>
      {shown.length === 0 ? (
        <p className="noticed-nothing">Nothing to object to.</p>
      ) : (
        <ul>
          {shown.map(({ code, severity, itemId: line, what, why }) => (
            <li key={`${code} ${line} ${what}`} className={`noticed-${severity}`} data-finding={code}>
              {itemId === null && line !== null ? (
                <button type="button" className="bare" onClick={() => focusLine(line)}>
                  {what}
                </button>
              ) : (
                <p>{what}</p>
              )}
              <details>
                <summary>why?</summary>
                {why.map((reason) => (
                  <p key={reason}>{reason}</p>
                ))}
              </details>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
