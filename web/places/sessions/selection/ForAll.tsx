import { Button, InputNumber, Popover, Segmented } from 'antd';
import type { Manner, MovementItem, Session } from '../../../../core/session/plan/session';
import { useEdits } from '../draft/useEdits';

interface Props {
  readonly session: Session;
  readonly ids: ReadonlySet<string>;
}

/** How all chosen movements are led and settled, said once: after each of them, or chained with one at the end. */
export function ForAll({ session, ids }: Props) {
  const edit = useEdits();
  const lines = session.sections
    .flatMap(({ items }) => items)
    .filter((item): item is MovementItem => item.kind === 'movement' && ids.has(item.id));
  if (lines.length === 0) return null;

  /** One step, however many lines it is. */
  const change = (to: (place: number) => Partial<MovementItem>) =>
    edit(lines.map(({ id }, place) => ({ kind: 'change', itemId: id, to: to(place) })));
  const still = (seconds: number): Partial<MovementItem> => ({
    settle: seconds > 0 ? { kind: 'still', seconds } : { kind: 'none' },
  });
  const manners = new Set(lines.map(({ manner }) => manner));
  const [manner] = manners;
  const seconds = new Set(lines.map(({ settle }) => (settle.kind === 'still' ? settle.seconds : 0)));
  const [settled] = seconds;
  const longest = Math.max(...seconds);

  return (
    <Popover
      trigger="click"
      placement="top"
      title="For all of them"
      content={
        <div className="block-form">
          <span>Led</span>
          <Segmented<Manner | 'differs'>
            value={manners.size === 1 && manner ? manner : 'differs'}
            options={[
              { value: 'explained', label: 'Explained' },
              { value: 'named', label: 'Named' },
              { value: 'follow-along', label: 'Follow along' },
              { value: 'quiet', label: 'Quiet' },
            ]}
            onChange={(value) => value !== 'differs' && change(() => ({ manner: value }))}
            aria-label="How all of them are led"
          />
          <span>Stand still after each</span>
          <InputNumber
            value={seconds.size === 1 ? (settled ?? 0) : null}
            min={0}
            max={600}
            step={5}
            suffix="s"
            placeholder="differs"
            onChange={(value) => value !== null && change(() => still(value))}
            aria-label="Stand still after each, in seconds"
          />
          <Button
            className="block-apart"
            size="small"
            onClick={() => change((place) => still(place === lines.length - 1 ? Math.max(longest, 15) : 0))}
          >
            Only once, at the end
          </Button>
        </div>
      }
    >
      <Button size="small">For all …</Button>
    </Popover>
  );
}
