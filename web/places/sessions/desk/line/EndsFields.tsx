import { InputNumber } from 'antd';
import { memo, useCallback } from 'react';
import type { Count } from '../../../../../core/movement/schema/count';
import { BY_COUNT, type LineRange } from '../../../../../core/session/plan/line/lineEnds';
import type { MovementItem } from '../../../../../core/session/plan/session';
import { ChoiceField } from './ChoiceField';

interface Props {
  readonly ends: MovementItem['ends'];
  readonly range: MovementItem['range'];
  readonly count: number;
  readonly of: Count;
  /** How long it lasts as it is, seconds: what the clock begins with. */
  readonly seconds: number;
  readonly onChange: (to: Partial<MovementItem>) => void;
}

const ENDS = [
  { value: 'count', label: 'By the count' },
  { value: 'clock', label: 'By the clock' },
  { value: 'instructor', label: 'When I say' },
];

/** What ends a line, and between how many and how many it is done. */
export const EndsFields = memo(function EndsFields({ ends, range, count, of, seconds, onChange }: Props) {
  const put = useCallback(
    (by: string): Partial<MovementItem> => {
      if (by === 'clock') return { ends: { by, seconds: Math.max(5, Math.round(seconds / 5) * 5) }, range: null };
      return { ends: by === 'instructor' ? { by } : BY_COUNT };
    },
    [seconds],
  );
  const to = (next: LineRange) => onChange({ range: next.least === next.most ? null : next });
  const now = range ?? { least: count, most: count };
  return (
    <>
      <ChoiceField label="Ends" name="What ends it" value={ends.by} options={ENDS} put={put} onChange={onChange} />
      {ends.by !== 'clock' && (
        <>
          <span>From, to</span>
          <span className="panel-range">
            <InputNumber
              value={now.least}
              min={of.step}
              max={count}
              step={of.step}
              onChange={(least) => least !== null && to({ ...now, least })}
              aria-label="Least of it"
            />
            <InputNumber
              value={now.most}
              min={count}
              max={3600}
              step={of.step}
              onChange={(most) => most !== null && to({ ...now, most })}
              aria-label="Most of it"
            />
          </span>
        </>
      )}
    </>
  );
});
