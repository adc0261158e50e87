import type { ReactNode } from 'react';

interface Props {
  readonly title: string;
  readonly unit: string;
  /** A value for each class. */
  readonly values: readonly number[];
  readonly children?: ReactNode;
}

const WIDE = 220;
const HIGH = 44;

/** How something changes from class to class: a line with a point for each, and the first and the last in figures. */
export function Curve({ title, unit, values, children }: Props) {
  const most = Math.max(...values, 0.001);
  const at = (value: number, place: number): [number, number] => [
    4 + ((WIDE - 8) * place) / Math.max(1, values.length - 1),
    HIGH - 4 - ((HIGH - 10) * value) / most,
  ];
  const points = values.map(at);
  return (
    <div className="change-curve">
      <h4>{title}</h4>
      <p className="faded number">
        {values[0]} to {values.at(-1)} {unit}
      </p>
      <svg width={WIDE} height={HIGH} aria-hidden="true">
        <polyline points={points.map((point) => point.join(',')).join(' ')} />
        {points.map(([x, y]) => (
          <circle key={x} cx={x} cy={y} r="2" />
        ))}
      </svg>
      {children}
    </div>
  );
}
