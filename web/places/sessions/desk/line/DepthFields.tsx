import { InputNumber, Switch } from 'antd';
import { memo } from 'react';
import type { MovementItem } from '../../../../../core/session/plan/session';

interface Props {
  readonly depth: MovementItem['depth'];
  /** How low the movement itself goes: what the depth begins with. */
  readonly usual: number;
  readonly onChange: (to: Partial<MovementItem>) => void;
}

/** How low the class goes after a line that finds this out, and where whoever goes less stays. */
export const DepthFields = memo(function DepthFields({ depth, usual, onChange }: Props) {
  return (
    <>
      <span>Keep this depth</span>
      <span>
        <Switch
          size="small"
          checked={depth !== null}
          aria-label="Keep the depth found here for the rest of the class"
          onChange={(kept) => onChange({ depth: kept ? { deepest: usual, less: null } : null })}
        />
      </span>
      {depth && (
        <>
          <span>No lower than</span>
          <InputNumber
            value={depth.deepest}
            min={Math.max(5, (depth.less ?? -1) + 1)}
            max={90}
            precision={0}
            suffix="°"
            aria-label="Degrees of knee bend that nobody is led beyond"
            onChange={(deepest) => deepest !== null && onChange({ depth: { ...depth, deepest } })}
          />
          <span>Who goes less</span>
          <InputNumber
            value={depth.less}
            min={1}
            max={depth.deepest - 1}
            precision={0}
            suffix="°"
            placeholder="as they like"
            aria-label="Degrees of knee bend for whoever goes less"
            onChange={(less) => onChange({ depth: { ...depth, less } })}
          />
        </>
      )}
    </>
  );
});
