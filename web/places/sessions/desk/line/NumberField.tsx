import { InputNumber } from 'antd';
import { memo } from 'react';
import type { MovementItem } from '../../../../../core/session/plan/session';

/** A number of a line that is changed in its panel: how it is called, its bounds, and what it says of the line. */
export interface NumberKind {
  readonly label: string;
  readonly name: string;
  readonly min: number;
  readonly max: number;
  readonly step?: number;
  readonly suffix?: string;
  readonly isWhole?: boolean;
  readonly placeholder?: string;
  readonly put: (value: number) => Partial<MovementItem>;
  /** What an emptied field says; without it the number before stands. */
  readonly empty?: Partial<MovementItem>;
}

interface Props {
  readonly kind: NumberKind;
  readonly value: number | null;
  readonly onChange: (to: Partial<MovementItem>) => void;
}

const WHOLE = { precision: 0 } as const;

/** A label and its number. Drawn anew only when the number is another one: a class is changed with every key. */
export const NumberField = memo(function NumberField({ kind, value, onChange }: Props) {
  const { label, name, min, max, step, suffix, isWhole, placeholder, put, empty } = kind;
  const say = (said: number | null) => {
    if (said !== null) onChange(put(said));
    else if (empty) onChange(empty);
  };
  return (
    <>
      <span>{label}</span>
      <InputNumber
        value={value}
        min={min}
        max={max}
        step={step ?? 1}
        {...(isWhole ? WHOLE : {})}
        suffix={suffix}
        placeholder={placeholder}
        onChange={say}
        aria-label={name}
      />
    </>
  );
});
