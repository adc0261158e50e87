import { Button, Input, InputNumber, Segmented, Select } from 'antd';
import { Link } from 'react-router';
import { postureWords } from '../../../core/body/postureWords';
import { CAUTION_WORDS } from '../../../core/movement/caution';
import { writtenSide } from '../../../core/movement/cycleFor';
import { type Movement, usualName } from '../../../core/movement/movement';
import { firstSide, sidesOffered } from '../../../core/movement/pass';
import { cycleStrip } from '../../../core/movement/strip';
import type { Finding } from '../../../core/session/findings/finding';
import type { Timeline } from '../../../core/session/segment';
import type { Item, MovementItem, Session } from '../../../core/session/session';
import type { Repertoire } from '../../app/repertoire';
import { useAppDispatch } from '../../app/store';
import { Footprints } from '../../drawing/Footprints';
import { lineChanged } from './draft';
import { Noticed } from './Noticed';
import { WhyMinutes } from './WhyMinutes';
import './linePanel.css';

interface Props {
  readonly session: Session;
  readonly timeline: Timeline;
  readonly repertoire: Repertoire;
  readonly itemId: string | null;
  readonly findings: readonly Finding[] | null;
}

/** The line in hand: how it is done, why it takes its minutes, what to mind. */
export function LinePanel({ session, timeline, repertoire, itemId, findings }: Props) {
  const item = session.sections.flatMap(({ items }) => items).find(({ id }) => id === itemId);
  return (
    <aside className="line-panel" aria-label="The line in hand">
      {item ? (
        <InHand key={item.id} item={item} timeline={timeline} repertoire={repertoire} findings={findings} />
      ) : (
        <>
          <Noticed findings={findings} itemId={null} />
          <Keys />
        </>
      )}
    </aside>
  );
}

function InHand({
  item,
  timeline,
  repertoire,
  findings,
}: { readonly item: Item } & Pick<Props, 'timeline' | 'repertoire' | 'findings'>) {
  const dispatch = useAppDispatch();
  const movement = item.kind === 'movement' ? repertoire.find(item.movementId) : undefined;
  return (
    <>
      {item.kind === 'movement' && movement ? (
        <MovementFields item={item} movement={movement} />
      ) : (
        <h2>{item.kind === 'rest' ? 'Rest' : item.kind === 'talk' ? 'Talk' : 'Unknown movement'}</h2>
      )}
      <Input
        value={item.note}
        maxLength={400}
        placeholder={item.kind === 'talk' ? 'What about' : 'A note to myself'}
        aria-label="Note"
        onChange={({ target }) => dispatch(lineChanged({ id: item.id, item: { ...item, note: target.value } }))}
      />
      <Noticed findings={findings} itemId={item.id} />
      <WhyMinutes timeline={timeline} itemId={item.id} />
      {item.kind === 'movement' && movement && <NewerVersion item={item} movement={movement} repertoire={repertoire} />}
      {movement && (
        <section className="line-cautions" aria-label="Cautions">
          <h3>To mind</h3>
          <ul>
            {movement.cautions.map((caution) => (
              <li key={caution}>{CAUTION_WORDS[caution]}</li>
            ))}
          </ul>
        </section>
      )}
    </>
  );
}

const SIDES_WORDS: Readonly<Record<MovementItem['sides'], string>> = {
  usual: 'As written',
  'left-first': 'Left first',
  'right-first': 'Right first',
  'left-only': 'Left only',
  'right-only': 'Right only',
};

function MovementFields({ item, movement }: { readonly item: MovementItem; readonly movement: Movement }) {
  const dispatch = useAppDispatch();
  const change = (to: Partial<MovementItem>) => dispatch(lineChanged({ id: item.id, item: { ...item, ...to } }));
  const { sides, directions } = movement.laterality;
  const written = writtenSide(movement);
  const side = written === null ? null : firstSide(written, item.sides);
  const settle = item.settle.kind === 'still' ? item.settle.seconds : 0;
  const offered = sidesOffered(movement.laterality).map((value) => ({ value, label: SIDES_WORDS[value] }));

  return (
    <>
      <h2>
        <Link to={`/repertoire/${movement.id}`}>{usualName(movement)}</Link>
      </h2>
      <ol className="panel-strip">
        {cycleStrip(movement, side).map(({ stride: { phase, to, posture } }, index) => (
          <li key={index}>
            <Footprints pose={to} label={postureWords(posture)} height={42} />
            <span>{phase.call}</span>
          </li>
        ))}
      </ol>
      <div className="panel-fields">
        <span>Rounds</span>
        <InputNumber
          value={item.rounds}
          min={1}
          max={20}
          precision={0}
          onChange={(rounds) => rounds !== null && change({ rounds })}
          aria-label="Rounds"
        />
        {item.rounds > 1 && (
          <>
            <span>Rest between</span>
            <InputNumber
              value={item.roundRest}
              min={0}
              max={600}
              step={5}
              suffix="s"
              onChange={(roundRest) => roundRest !== null && change({ roundRest })}
              aria-label="Rest between rounds in seconds"
            />
          </>
        )}
        {sides.kind !== 'even' && (
          <>
            <span>Sides</span>
            <Select
              value={item.sides}
              options={offered}
              onChange={(value) => change({ sides: value })}
              aria-label="Sides"
            />
          </>
        )}
        {directions.kind === 'both' && (
          <>
            <span>Directions</span>
            <Select
              value={item.directions}
              options={[
                { value: 'usual', label: `${directions.names[0]}, then ${directions.names[1]}` },
                { value: 'one', label: `${directions.names[0]} only` },
              ]}
              onChange={(value) => change({ directions: value })}
              aria-label="Directions"
            />
          </>
        )}
        <span>Stand still after</span>
        <InputNumber
          value={settle}
          min={0}
          max={600}
          step={5}
          suffix="s"
          onChange={(seconds) =>
            seconds !== null && change({ settle: seconds > 0 ? { kind: 'still', seconds } : { kind: 'none' } })
          }
          aria-label="Stand still after, in seconds"
        />
        <span>Own pace</span>
        <InputNumber
          value={item.pace}
          min={2}
          max={30}
          step={0.5}
          placeholder="the section’s"
          onChange={(pace) => change({ pace })}
          aria-label="Own pace in breaths a minute"
        />
      </div>
      <Segmented<MovementItem['manner']>
        block
        value={item.manner}
        options={[
          { value: 'explained', label: 'Explained' },
          { value: 'follow-along', label: 'Follow along' },
          { value: 'quiet', label: 'Quiet' },
        ]}
        onChange={(manner) => change({ manner })}
        aria-label="How it is led"
      />
    </>
  );
}

const KEYS = [
  ['↑ ↓', 'take the line before or after'],
  ['+ −', 'count up or down'],
  ['Alt ↑ ↓', 'move the line'],
  ['S', 'sides'],
  ['D', 'double the line'],
  ['R', 'put a rest after it'],
  ['Delete', 'take it out'],
  ['A', 'add to this section'],
  ['Enter', 'its details'],
  ['Ctrl Z', 'undo'],
] as const;

const Keys = () => (
  <>
    <h2>Nothing in hand</h2>
    <p className="faded">Click a line, or reach it with Tab. With a line in hand:</p>
    <dl className="panel-keys">
      {KEYS.map(([key, what]) => (
        <div key={key}>
          <dt>
            <kbd>{key}</kbd>
          </dt>
          <dd>{what}</dd>
        </div>
      ))}
    </dl>
  </>
);

/** A line keeps the version of a movement it was made with until told otherwise. */
function NewerVersion({
  item,
  movement,
  repertoire,
}: {
  readonly item: MovementItem;
  readonly movement: Movement;
  readonly repertoire: Repertoire;
}) {
  const dispatch = useAppDispatch();
  const newest = repertoire.newest(movement.id);
  if (!newest || newest.id === movement.id) return null;
  return (
    <p className="line-newer">
      {usualName(movement)} has been changed since.{' '}
      <Button
        size="small"
        onClick={() => dispatch(lineChanged({ id: item.id, item: { ...item, movementId: newest.id } }))}
      >
        Take the new version
      </Button>
    </p>
  );
}
