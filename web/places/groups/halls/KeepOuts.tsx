import { Button, Input, InputNumber } from 'antd';
import type { KeepOut } from '../../../../core/hall/hall';

interface Props {
  readonly keepOuts: readonly KeepOut[];
  readonly onChange: (keepOuts: KeepOut[]) => void;
}

const FIELDS = [
  { field: 'x', label: 'from the left' },
  { field: 'y', label: 'from the back' },
  { field: 'across', label: 'across' },
  { field: 'deep', label: 'deep' },
] as const;
const MOST = 12;

/** What stands in a hall: a piano, a stage. In metres from the back left corner, as the class faces the front. */
export function KeepOuts({ keepOuts, onChange }: Props) {
  return (
    <div>
      {keepOuts.map((one, place) => (
        <div key={place} className="group-row">
          <Input
            aria-label={`What stands there, ${place + 1}`}
            placeholder="What stands there"
            maxLength={60}
            value={one.name}
            onChange={({ target }) => onChange(keepOuts.with(place, { ...one, name: target.value }))}
          />
          {FIELDS.map(({ field, label }) => (
            <InputNumber
              key={field}
              min={0}
              max={60}
              step={0.5}
              aria-label={`${one.name || 'It'}: metres ${label}`}
              title={label}
              suffix="m"
              value={one[field]}
              onChange={(value) => value !== null && onChange(keepOuts.with(place, { ...one, [field]: value }))}
            />
          ))}
          <Button size="small" type="text" onClick={() => onChange(keepOuts.toSpliced(place, 1))}>
            Take away
          </Button>
        </div>
      ))}
      <Button
        size="small"
        disabled={keepOuts.length >= MOST}
        onClick={() => onChange([...keepOuts, { name: '', x: 0, y: 0, across: 1, deep: 1 }])}
      >
        Something stands there
      </Button>
    </div>
  );
}
