import type { Knot, WeaveRow } from './weaveRows';

/** A class is so wide, a thread so high, pixels. */
export const WIDE = 54;
export const HIGH = 34;
/** Yarn hangs through a little between two knots, and is this thick with its first and with its last layer. */
const SAG = 5;
const THIN = 1.4;
const THICK = 6.5;

export const xOf = (place: number): number => (place + 0.5) * WIDE;

/** The yarn between knots: thicker with every layer, hanging through where it waits. */
export function Yarn({ row, width }: { readonly row: WeaveRow; readonly width: number }) {
  const { thread, knots } = row;
  const thickness = (layers: number) => THIN + ((THICK - THIN) * layers) / thread.layers.length;
  return (
    <svg width={width} height={HIGH} aria-hidden="true" className={`yarn yarn--${thread.kind}`}>
      {knots.slice(1).map((knot, index) => {
        const from = knots[index] as Knot;
        const [a, b] = [xOf(from.place), xOf(knot.place)];
        const sag = SAG * (knot.place - from.place);
        return (
          <path
            key={knot.classId}
            d={`M${a} ${HIGH / 2} Q${(a + b) / 2} ${HIGH / 2 + sag} ${b} ${HIGH / 2}`}
            strokeWidth={thickness(from.layers) / (knot.place - from.place > 1 ? 1.8 : 1)}
          />
        );
      })}
      {knots.map((knot) => {
        const isNew = knot.layers > knot.before;
        const [x, y] = [xOf(knot.place), HIGH / 2];
        return isNew ? (
          <g key={knot.classId} className="knot knot--new">
            <ellipse cx={x} cy={y} rx="9" ry="7" transform={`rotate(-24 ${x} ${y})`} />
            <path d={`M${x - 5} ${y - 4} Q${x + 3} ${y - 1} ${x + 4} ${y + 5}`} />
          </g>
        ) : (
          <circle key={knot.classId} className="knot" cx={x} cy={y} r={2.4 + thickness(knot.layers) / 2.6} />
        );
      })}
    </svg>
  );
}

interface WouldBeProps {
  readonly now: WeaveRow;
  /** The row as it would be; not there while it is being worked out. */
  readonly then: WeaveRow | undefined;
  /** Where the knot that is pulled hangs; null in other rows. */
  readonly over: number | null;
  readonly width: number;
}

/** What a row becomes while a knot is pulled: what comes in outline, what goes struck through. */
export function WouldBe({ now, then, over, width }: WouldBeProps) {
  // A review that becomes an introduction is another knot.
  const key = ({ place, before, layers }: Knot) => `${place} ${before} ${layers}`;
  const [were, areThen] = [now, then].map((row) => new Set(row?.knots.map(key)));
  const comes = then?.knots.filter((knot) => !were?.has(key(knot))) ?? [];
  const goes = then ? now.knots.filter((knot) => !areThen?.has(key(knot))) : [];
  return (
    <svg width={width} height={HIGH} aria-hidden="true" className="would-be">
      {goes.map(({ place }) => (
        <path key={`goes ${place}`} d={`M${xOf(place) - 8} ${HIGH - 8} L${xOf(place) + 8} 8`} />
      ))}
      {comes.map((knot) => (
        <circle key={`comes ${knot.place}`} cx={xOf(knot.place)} cy={HIGH / 2} r={knot.layers > knot.before ? 9 : 6} />
      ))}
      {over !== null && <circle className="would-be-held" cx={xOf(over)} cy={HIGH / 2} r={11} />}
    </svg>
  );
}
