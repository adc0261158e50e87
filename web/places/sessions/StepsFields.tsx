import { Input, InputNumber, Select } from 'antd';
import { lineTimes } from '../../../core/session/lineTimes';
import type { LaidBridge, Timeline } from '../../../core/session/segment';
import type { MovementItem } from '../../../core/session/session';
import { minutes } from '../../app/words';

interface Props {
  readonly item: MovementItem;
  readonly timeline: Timeline;
  readonly onChange: (to: Partial<MovementItem>) => void;
}

/** The steps into a line: as they were worked out from where the feet are, or given by hand. */
export function StepsFields({ item, timeline, onChange }: Props) {
  const bridge = lineTimes(timeline).get(item.id)?.visits[0]?.bridge ?? null;
  const byHand = item.bridge;
  return (
    <>
      <span>Steps into it</span>
      <Select
        value={byHand ? 'by-hand' : 'worked-out'}
        options={[
          { value: 'worked-out', label: 'Worked out' },
          { value: 'by-hand', label: 'As I say' },
        ]}
        aria-label="Steps into it"
        onChange={(value) =>
          onChange({
            bridge: value === 'by-hand' ? { halves: Math.ceil(bridge?.halves ?? 2), call: bridge?.call ?? '' } : null,
          })
        }
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
            onChange={(halves) => halves !== null && onChange({ bridge: { ...byHand, halves } })}
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
        <p className="panel-steps">{stepsSaid(bridge)}</p>
      )}
    </>
  );
}

function stepsSaid(bridge: LaidBridge | null): string {
  if (!bridge) return 'None: the class stands there already.';
  if (bridge.led === 'missing') return 'No sound way is known from where the line before ends.';
  const pace = bridge.led === 'free' ? 'at leisure' : `in ${bridge.halves} breath halves`;
  return `${bridge.call}, ${pace}, ${minutes(bridge.lengthMs)}.`;
}
