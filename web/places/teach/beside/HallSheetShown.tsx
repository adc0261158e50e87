import type { ReactNode } from 'react';
import type { Hall } from '../../../../core/hall/hall';
import { sheetLines } from '../../../../core/hall/sheetLines';
import { Beside } from '../../../teaching/Beside';

interface Props {
  readonly hall: Hall | null;
  readonly onClose: () => void;
  /** It was nothing: the class goes on, and no stop is written down. */
  readonly onNothing: () => void;
  /** What prints the page to fill in. */
  readonly printing: ReactNode;
}

/** The class stands, and what one needs at once is there, large enough to be read out to whoever calls. */
export function HallSheetShown({ hall, onClose, onNothing, printing }: Props) {
  const lines = hall ? sheetLines(hall.sheet) : [];
  return (
    <Beside title={hall ? hall.name : 'Hall sheet'} onClose={onClose}>
      <div className="teach-people">
        <button type="button" className="teach-press" onClick={onNothing}>
          It was nothing: go on
        </button>
        {printing}
      </div>
      {lines.length === 0 ? (
        <p>Nothing is written down for this hall. Call for help, keep them company, follow the hall’s own notice.</p>
      ) : (
        <dl className="teach-sheet">
          {lines.map(({ label, words }) => (
            <div key={label}>
              <dt>{label}</dt>
              <dd>{words}</dd>
            </div>
          ))}
        </dl>
      )}
      <p className="teach-here">
        The class stands. Its record keeps only that it was stopped; what happened is written on paper, by the hall’s
        rules.
      </p>
    </Beside>
  );
}
