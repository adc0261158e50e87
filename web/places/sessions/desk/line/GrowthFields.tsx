import { InputNumber } from 'antd';
import { memo } from 'react';
import type { Ramp } from '../../../../../core/movement/schema/ramp';
import type { InRounds } from '../../../../../core/session/plan/block';
import type { MovementItem } from '../../../../../core/session/plan/session';
import { IN_ROUNDS_WORDS } from '../../../../../core/session/report/blockWords';
import { ChoiceField } from './ChoiceField';
import { LOWER } from './lineNumbers';
import { NumberField } from './NumberField';

interface Props extends Pick<MovementItem, 'rounds' | 'lower' | 'ramp' | 'inRounds'> {
  /** How often the block the line stands in is done; once where it stands in none. */
  readonly roundsOfBlock: number;
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

const NOTHING = 'nothing';
const CHOICES = [
  { value: NOTHING, label: 'The same' },
  ...Object.entries(GROWTHS).map(([value, { label }]) => ({ value, label })),
];
const putGrowth = (value: string) => ({ ramp: value === NOTHING ? null : GROWTHS[value as What].usual });

const IN_ROUNDS = Object.entries(IN_ROUNDS_WORDS).map(([value, label]) => ({ value, label }));
const putInRounds = (inRounds: string) => ({ inRounds: inRounds as InRounds });

/** What changes from repetition to repetition, from round to round, and in which rounds of its block a line is done. */
export const GrowthFields = memo(function GrowthFields({
  rounds,
  lower,
  ramp,
  inRounds,
  roundsOfBlock,
  onChange,
}: Props) {
  const growth = ramp && GROWTHS[ramp.what];
  return (
    <>
      {rounds > 1 && <NumberField kind={LOWER} value={lower} onChange={onChange} />}
      <ChoiceField
        label="With each time"
        name="What grows with each repetition"
        value={ramp?.what ?? NOTHING}
        options={CHOICES}
        put={putGrowth}
        onChange={onChange}
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
      {roundsOfBlock > 1 && (
        <ChoiceField
          label="In the block"
          name="In which rounds of its block it is done"
          value={inRounds}
          options={IN_ROUNDS}
          put={putInRounds}
          onChange={onChange}
        />
      )}
    </>
  );
});
