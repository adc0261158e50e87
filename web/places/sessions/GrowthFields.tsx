import { InputNumber, Select } from 'antd';
import type { Ramp } from '../../../core/movement/ramp';
import type { Block, InRounds } from '../../../core/session/block';
import { IN_ROUNDS_WORDS } from '../../../core/session/blockWords';
import type { MovementItem } from '../../../core/session/session';

interface Props {
  readonly item: MovementItem;
  /** The block the line stands in. */
  readonly block: Block | null;
  readonly onChange: (to: Partial<MovementItem>) => void;
}

type What = Ramp['what'];

/** What can grow over the repetitions: how it is said, what it begins with, and in which unit it is given. */
const GROWTHS: Readonly<Record<What, { label: string; usual: Ramp; unit: string; step: number }>> = {
  sink: { label: 'A little lower', usual: { what: 'sink', from: 0, to: 6 }, unit: '°', step: 1 },
  range: { label: 'Wider', usual: { what: 'range', from: 0.7, to: 1 }, unit: '×', step: 0.1 },
  hands: { label: 'Hands higher', usual: { what: 'hands', from: 0, to: 0.2 }, unit: 'arms', step: 0.05 },
  tempo: { label: 'Beats quicker', usual: { what: 'tempo', from: 1, to: 1.3 }, unit: '×', step: 0.1 },
};

/** What changes from repetition to repetition, from round to round, and in which rounds of its block a line is done. */
export function GrowthFields({ item, block, onChange }: Props) {
  const { ramp } = item;
  const growth = ramp && GROWTHS[ramp.what];
  return (
    <>
      {item.rounds > 1 && (
        <>
          <span>Lower each round</span>
          <InputNumber
            value={item.lower}
            min={-20}
            max={20}
            suffix="°"
            onChange={(lower) => lower !== null && onChange({ lower })}
            aria-label="Degrees of knee bend lower each round"
          />
        </>
      )}
      <span>With each time</span>
      <Select<What | 'nothing'>
        value={ramp?.what ?? 'nothing'}
        options={[
          { value: 'nothing', label: 'The same' },
          ...(Object.keys(GROWTHS) as What[]).map((value) => ({ value, label: GROWTHS[value].label })),
        ]}
        onChange={(value) => onChange({ ramp: value === 'nothing' ? null : GROWTHS[value].usual })}
        aria-label="What grows with each repetition"
      />
      {ramp && growth && (
        <>
          <span>From, to</span>
          <span className="panel-pair">
            {(['from', 'to'] as const).map((end) => (
              <InputNumber
                key={end}
                value={ramp[end]}
                min={-30}
                max={30}
                step={growth.step}
                suffix={growth.unit}
                onChange={(value) => value !== null && onChange({ ramp: { ...ramp, [end]: value } })}
                aria-label={end === 'from' ? 'At the first repetition' : 'At the last repetition'}
              />
            ))}
          </span>
        </>
      )}
      {block && block.rounds > 1 && (
        <>
          <span>In the block</span>
          <Select<InRounds>
            value={item.inRounds}
            options={Object.entries(IN_ROUNDS_WORDS).map(([value, label]) => ({ value: value as InRounds, label }))}
            onChange={(inRounds) => onChange({ inRounds })}
            aria-label="In which rounds of its block it is done"
          />
        </>
      )}
    </>
  );
}
