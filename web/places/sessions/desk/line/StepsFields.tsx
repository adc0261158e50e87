import { Input, InputNumber } from 'antd';
import { memo, useCallback } from 'react';
import type { MovementItem } from '../../../../../core/session/plan/session';
import type { ScheduledBridge } from '../../../../../core/session/timeline/segment';
import { minutes } from '../../../../../core/words/clockWords';
import { ChoiceField } from './ChoiceField';

interface Props {
  /** The steps as they are given by hand; null where they are worked out. */
  readonly byHand: MovementItem['bridge'];
  /** What they take and how they are called where they are worked out, to begin with when they are taken in hand. */
  readonly halves: number;
  readonly call: string;
  /** What they come to, in words. */
  readonly said: string;
  readonly onChange: (to: Partial<MovementItem>) => void;
}

const BY_HAND = 'by-hand';
const CHOICES = [
  { value: 'worked-out', label: 'Worked out' },
  { value: BY_HAND, label: 'As I say' },
];

/** The steps into a line: as they were worked out from where the feet are, or given by hand. */
export const StepsFields = memo(function StepsFields({ byHand, halves, call, said, onChange }: Props) {
  const put = useCallback(
    (value: string) => ({ bridge: value === BY_HAND ? { halves: Math.ceil(halves), call } : null }),
    [halves, call],
  );
  return (
    <>
      <ChoiceField
        label="Steps into it"
        name="Steps into it"
        value={byHand ? BY_HAND : 'worked-out'}
        options={CHOICES}
        put={put}
        onChange={onChange}
      />
      {byHand ? (
        <>
          <span>Breath halves</span>
          <InputNumber
            value={byHand.halves}
            min={0}
            max={12}
            precision={0}
            aria-label="Breath halves for the steps into it"
            onChange={(said) => said !== null && onChange({ bridge: { ...byHand, halves: said } })}
          />
          <span>Call</span>
          <Input
            value={byHand.call}
            maxLength={120}
            aria-label="What is said for the steps into it"
            onChange={({ target }) => onChange({ bridge: { ...byHand, call: target.value } })}
          />
        </>
      ) : (
        <p className="panel-steps">{said}</p>
      )}
    </>
  );
});

export function stepsSaid(bridge: ScheduledBridge | null): string {
  if (!bridge) return 'None: the class stands there already.';
  if (bridge.led === 'missing') return 'No sound way is known from where the line before ends.';
  if (bridge.led === 'by-hand')
    return `${bridge.call}, in ${bridge.halves} breath halves, ${minutes(bridge.lengthMs)}.`;
  return bridge.lengthMs === 0
    ? `${bridge.call}, taken in as it begins.`
    : `${bridge.call}, ${minutes(bridge.lengthMs)} more.`;
}
