import { useState } from 'react';
import { classMark } from '../../core/formats/pocket/recordCode';
import { addTally, EMPTY_TALLY, TALLY_STEPS, Tally, tallyDays, undoTally } from '../../core/practice/tally';
import type { Session } from '../../core/session/plan/session';
import { download } from '../app/machine/download';
import { machineShelf } from '../app/machine/storage';

/** The local day, YYYY-MM-DD. */
function thisDay(): string {
  const now = new Date();
  const offset = now.getTimezoneOffset() * 60_000;
  return new Date(now.getTime() - offset).toISOString().slice(0, 10);
}

function found(key: string): Tally {
  try {
    return Tally.parse(JSON.parse(machineShelf.find(key) ?? ''));
  } catch {
    return EMPTY_TALLY;
  }
}

/** A daily number of something easy: one large area to tap, taken back as easily, kept on this device, given back if wished. */
export function TallyHere({ session }: { readonly session: Session }) {
  const key = `vesperum.tally.${classMark(session)}`;
  const [tally, setTally] = useState(() => found(key));
  const [step, setStep] = useState<number>(1);
  const day = thisDay();
  const change = (next: Tally) => {
    machineShelf.keep(key, JSON.stringify(next));
    setTally(next);
  };
  return (
    <section className="tally" aria-label="A tally of the day">
      <button type="button" className="tally-tap" onClick={() => change(addTally(tally, day, step))}>
        <span className="teach-number number">{tally.days[day] ?? 0}</span>
        <span>today, a tap for {step}</span>
      </button>
      <div className="teach-people">
        {TALLY_STEPS.map((many) => (
          <button
            key={many}
            type="button"
            className="teach-press"
            aria-pressed={step === many}
            onClick={() => setStep(many)}
          >
            by {many}
          </button>
        ))}
        <button
          type="button"
          className="teach-press"
          disabled={tally.added.length === 0}
          onClick={() => change(undoTally(tally))}
        >
          Take back
        </button>
        <button
          type="button"
          className="teach-press"
          onClick={() =>
            download(new Blob([JSON.stringify(tally.days, null, 2)], { type: 'application/json' }), 'tally.json')
          }
        >
          Save it
        </button>
      </div>
      <ul className="tally-days">
        {tallyDays(tally).map((one) => (
          <li key={one.day} className="number">
            {one.day}: {one.many}
          </li>
        ))}
      </ul>
    </section>
  );
}
