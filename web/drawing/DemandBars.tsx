import { useState } from 'react';
import { FORMULAS } from '../../core/demand/formulas';
import type { RegionTrait } from '../../core/traits/movementTraits';
import { spaced } from '../../core/words/spaced';
import './drawing.css';

interface Props {
  readonly regions: readonly RegionTrait[];
}

/** A bar is full at this demand; more is drawn as full, with its number. */
const FULL = 1;
/** What is asked less than this is left out. */
const LEAST = 0.03;

/** What a movement asks of each region: the mean as a bar, the peak as a tick, and how well it is moved as a line beneath. */
export function DemandBars({ regions }: Props) {
  const [asked, setAsked] = useState<RegionTrait['region'] | null>(null);
  const shown = regions.filter(({ peak, mobilised }) => peak >= LEAST || mobilised >= 0.1);
  return (
    <>
      <table className="demand-bars">
        <caption className="unseen">What it asks of each region, and how much it moves it</caption>
        <thead className="unseen">
          <tr>
            <th>Region</th>
            <th>Asked on the mean, and at its peak</th>
            <th>Mobilised</th>
          </tr>
        </thead>
        <tbody>
          {shown.map(({ region, mean, peak, mobilised }) => (
            <tr key={region}>
              <th scope="row">
                <button
                  type="button"
                  className="bare demand-region"
                  aria-expanded={asked === region}
                  title="How this is reckoned"
                  onClick={() => setAsked(asked === region ? null : region)}
                >
                  <span data-drawn>{spaced(region)}</span>
                </button>
              </th>
              <td>
                <svg width="100%" height="16" viewBox="0 0 100 16" preserveAspectRatio="none" aria-hidden>
                  <rect className="demand-ground" x="0" y="3" width="100" height="7" />
                  <rect className="demand-mean" x="0" y="3" width={Math.min(100, (mean / FULL) * 100)} height="7" />
                  <rect className="demand-peak" x={Math.min(99, (peak / FULL) * 100)} y="1" width="1" height="11" />
                  <rect className="demand-moved" x="0" y="12.5" width={mobilised * 100} height="2" />
                </svg>
              </td>
              <td className="number">
                <span data-drawn>{mean.toFixed(2)}</span> <span className="faded">to {peak.toFixed(2)}</span>
                <span className="unseen">, mobilised {mobilised.toFixed(2)}</span>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {asked && (
        <p className="demand-why">
          <strong>{spaced(asked)}</strong>: {FORMULAS[asked].formula}. Because {FORMULAS[asked].reason}.
        </p>
      )}
    </>
  );
}
