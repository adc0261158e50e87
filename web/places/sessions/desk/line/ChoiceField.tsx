import { Select } from 'antd';
import { memo } from 'react';
import type { MovementItem } from '../../../../../core/session/plan/session';

interface Option {
  readonly value: string;
  readonly label: string;
}

interface Props {
  readonly label: string;
  readonly name: string;
  readonly value: string;
  /** The same array as long as the choices are the same. */
  readonly options: readonly Option[];
  readonly put: (value: string) => Partial<MovementItem>;
  readonly onChange: (to: Partial<MovementItem>) => void;
}

/** A label and a choice of a line. Drawn anew only when the choice is another one: a class is changed with every key. */
export const ChoiceField = memo(function ChoiceField({ label, name, value, options, put, onChange }: Props) {
  return (
    <>
      <span>{label}</span>
      <Select value={value} options={[...options]} onChange={(chosen) => onChange(put(chosen))} aria-label={name} />
    </>
  );
});
