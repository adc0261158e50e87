import { Select } from 'antd';
import { memo, useCallback, useMemo } from 'react';
import type { Movement } from '../../../../../core/movement/schema/movement';
import type { MovementItem } from '../../../../../core/session/plan/session';
import { ChoiceField } from './ChoiceField';

interface Props extends Pick<MovementItem, 'variant' | 'offers' | 'layer' | 'breathing'> {
  readonly movement: Movement;
  readonly onChange: (to: Partial<MovementItem>) => void;
}

/** Stands for the movement as it is written, which has no name of its own; and for all of its teaching steps. */
const WRITTEN = '';

const putLayer = (value: string) => ({ layer: value === WRITTEN ? null : Number(value) });
const putBreathing = (value: string) => ({ breathing: value === WRITTEN ? null : value });

/** In which way a line is led, which ways are offered beside it, in which teaching step, and how it is breathed. */
export const WayFields = memo(function WayFields({ variant, offers, layer, breathing, movement, onChange }: Props) {
  const led = variant ?? WRITTEN;
  const { ways, steps, schools } = useMemo(() => choicesOf(movement), [movement]);
  const putVariant = useCallback(
    (value: string) => ({
      variant: value === WRITTEN ? null : value,
      offers: offers.filter((one) => one !== value),
    }),
    [offers],
  );
  return (
    <>
      {movement.variants.length > 0 && (
        <>
          <ChoiceField
            label="Led"
            name="In which way it is led"
            value={led}
            options={ways}
            put={putVariant}
            onChange={onChange}
          />
          <span>Offered too</span>
          <Select
            mode="multiple"
            value={offers}
            options={ways.filter(({ value }) => value !== led)}
            placeholder="nothing else"
            onChange={(said) => onChange({ offers: said })}
            aria-label="Ways offered beside it"
          />
        </>
      )}
      {movement.layers.length > 0 && (
        <ChoiceField
          label="Step"
          name="Teaching step"
          value={layer === null ? WRITTEN : String(layer)}
          options={steps}
          put={putLayer}
          onChange={onChange}
        />
      )}
      {movement.breathSchools.length > 0 && (
        <ChoiceField
          label="Breath"
          name="How it is breathed"
          value={breathing ?? WRITTEN}
          options={schools}
          put={putBreathing}
          onChange={onChange}
        />
      )}
    </>
  );
});

function choicesOf({ variants, layers, breathSchools }: Movement) {
  const written = { value: WRITTEN, label: 'As written' };
  return {
    ways: [written, ...variants.map(({ id, name }) => ({ value: id, label: name }))],
    steps: [
      { value: WRITTEN, label: 'The whole movement' },
      ...layers.map(({ name }, index) => ({ value: String(index), label: name })),
    ],
    schools: [written, ...breathSchools.map(({ name }) => ({ value: name, label: name }))],
  };
}
