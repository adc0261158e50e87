import { Select } from 'antd';
import type { Movement } from '../../../core/movement/movement';
import type { MovementItem } from '../../../core/session/session';

interface Props {
  readonly item: MovementItem;
  readonly movement: Movement;
  readonly onChange: (to: Partial<MovementItem>) => void;
}

/** Stands for the movement as it is written, which has no id of its own. */
const WRITTEN = '';
const WHOLE = -1;

/** In which way a line is led, which ways are offered beside it, in which teaching step, and how it is breathed. */
export function WayFields({ item, movement, onChange }: Props) {
  const ways = [
    { value: WRITTEN, label: 'As written' },
    ...movement.variants.map(({ id, name }) => ({ value: id, label: name })),
  ];
  const led = item.variant ?? WRITTEN;
  return (
    <>
      {movement.variants.length > 0 && (
        <>
          <span>Led</span>
          <Select
            value={led}
            options={ways}
            onChange={(value) =>
              onChange({
                variant: value === WRITTEN ? null : value,
                offers: item.offers.filter((one) => one !== value),
              })
            }
            aria-label="In which way it is led"
          />
          <span>Offered too</span>
          <Select
            mode="multiple"
            value={item.offers}
            options={ways.filter(({ value }) => value !== led)}
            placeholder="nothing else"
            onChange={(offers) => onChange({ offers })}
            aria-label="Ways offered beside it"
          />
        </>
      )}
      {movement.layers.length > 0 && (
        <>
          <span>Step</span>
          <Select
            value={item.layer ?? WHOLE}
            options={[
              { value: WHOLE, label: 'The whole movement' },
              ...movement.layers.map(({ name }, index) => ({ value: index, label: name })),
            ]}
            onChange={(value) => onChange({ layer: value === WHOLE ? null : value })}
            aria-label="Teaching step"
          />
        </>
      )}
      {movement.breathSchools.length > 0 && (
        <>
          <span>Breath</span>
          <Select
            value={item.breathing ?? WRITTEN}
            options={[
              { value: WRITTEN, label: 'As written' },
              ...movement.breathSchools.map(({ name }) => ({ value: name, label: name })),
            ]}
            onChange={(value) => onChange({ breathing: value === WRITTEN ? null : value })}
            aria-label="How it is breathed"
          />
        </>
      )}
    </>
  );
}
