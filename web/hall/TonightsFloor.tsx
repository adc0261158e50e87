import { Button, InputNumber } from 'antd';
import { acrossAndDeep, type Hall, type Less, NOTHING_LESS } from '../../core/hall/hall';

interface Props {
  readonly hall: Hall;
  readonly less: Less;
  readonly onChange: (less: Less) => void;
}

const SIDES: readonly { readonly side: keyof Less; readonly words: string }[] = [
  { side: 'front', words: 'in front' },
  { side: 'behind', words: 'behind' },
  { side: 'left', words: 'left' },
  { side: 'right', words: 'right' },
];
const STEP = 2;

/** Tonight's floor: two metres less at a side with one press, or half the room; or so many metres exactly. */
export function TonightsFloor({ hall, less, onChange }: Props) {
  const { across, deep } = acrossAndDeep(hall);
  const most = { front: deep, behind: deep, left: across, right: across };
  const isWhole = SIDES.every(({ side }) => less[side] === 0);
  const put = (side: keyof Less, metres: number) =>
    onChange({ ...less, [side]: Math.min(most[side], Math.max(0, metres)) });
  return (
    <fieldset className="hall-less">
      <legend>Less of the floor this evening</legend>
      {SIDES.map(({ side, words }) => (
        <span key={side} className="hall-less">
          <Button size="small" onClick={() => put(side, less[side] + STEP)}>
            {STEP} m less {words}
          </Button>
          {less[side] > 0 && (
            <InputNumber
              size="small"
              min={0}
              max={most[side]}
              step={0.5}
              suffix="m"
              aria-label={`Metres less ${words}`}
              value={less[side]}
              onChange={(metres) => put(side, metres ?? 0)}
            />
          )}
        </span>
      ))}
      <Button size="small" onClick={() => onChange({ ...NOTHING_LESS, right: across / 2 })}>
        Half the room
      </Button>
      <Button size="small" disabled={isWhole} onClick={() => onChange(NOTHING_LESS)}>
        The whole floor
      </Button>
    </fieldset>
  );
}
