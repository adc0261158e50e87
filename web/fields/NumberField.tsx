import './fields.css';
import { InputNumber } from 'antd';
import { useId } from 'react';

interface Props {
  readonly label: string;
  readonly value: number;
  readonly onChange: (value: number) => void;
  readonly least: number;
  readonly most: number;
  readonly step?: number;
  readonly unit?: string;
  /** What it is for, under it. */
  readonly about?: string;
}

/** A figure with its label; what is empty for a moment changes nothing. */
export function NumberField({ label, value, onChange, least, most, step = 1, unit, about }: Props) {
  const id = useId();
  return (
    <div className="number-field">
      <label htmlFor={id}>{label}</label>
      <InputNumber
        id={id}
        min={least}
        max={most}
        step={step}
        suffix={unit}
        value={value}
        aria-describedby={about ? `${id}-about` : undefined}
        onChange={(next) => next !== null && onChange(next)}
      />
      {about && (
        <p id={`${id}-about`} className="faded">
          {about}
        </p>
      )}
    </div>
  );
}
