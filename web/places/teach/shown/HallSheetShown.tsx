import type { Hall } from '../../../../core/hall/hall';
import { sheetLines } from '../../../../core/hall/sheetLines';
import { Beside } from './Beside';

/** What one needs at once when something happens, large enough to be read out to whoever calls. */
export function HallSheetShown({ hall, onClose }: { readonly hall: Hall | null; readonly onClose: () => void }) {
  const lines = hall ? sheetLines(hall.sheet) : [];
  return (
    <Beside title={hall ? hall.name : 'Hall sheet'} onClose={onClose}>
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
    </Beside>
  );
}
