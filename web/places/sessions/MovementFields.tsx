import { Checkbox, InputNumber, Segmented, Select } from 'antd';
import { Link } from 'react-router';
import { postureWords } from '../../../core/body/postureWords';
import { writtenSide } from '../../../core/movement/cycleFor';
import { type Movement, usualName } from '../../../core/movement/movement';
import { firstSide, sidesOffered } from '../../../core/movement/pass';
import { cycleStrip } from '../../../core/movement/strip';
import type { Block } from '../../../core/session/block';
import { doneAs } from '../../../core/session/doneAs';
import type { Timeline } from '../../../core/session/segment';
import type { MovementItem } from '../../../core/session/session';
import { useAppDispatch } from '../../app/store';
import { Footprints } from '../../drawing/Footprints';
import { lineChanged } from './draft';
import { GrowthFields } from './GrowthFields';
import { StepsFields } from './StepsFields';
import { WayFields } from './WayFields';

const SIDES_WORDS: Readonly<Record<MovementItem['sides'], string>> = {
  usual: 'As written',
  'left-first': 'Left first',
  'right-first': 'Right first',
  'left-only': 'Left only',
  'right-only': 'Right only',
};

interface Props {
  readonly item: MovementItem;
  readonly movement: Movement;
  readonly timeline: Timeline;
  readonly block: Block | null;
}

/** The line in hand when it is a movement: its strip as it is done here, and everything that can be chosen of it. */
export function MovementFields({ item, movement, timeline, block }: Props) {
  const dispatch = useAppDispatch();
  const change = (to: Partial<MovementItem>) => dispatch(lineChanged({ id: item.id, item: { ...item, ...to } }));
  const { sides, directions } = movement.laterality;
  const written = writtenSide(movement);
  const side = written === null ? null : firstSide(written, item.sides);
  const done = doneAs(movement, item);
  const settle = item.settle.kind === 'still' ? item.settle.seconds : 0;
  const offered = sidesOffered(movement.laterality).map((value) => ({ value, label: SIDES_WORDS[value] }));

  return (
    <>
      <h2>
        <Link to={`/repertoire/${movement.id}`}>{usualName(movement)}</Link>
      </h2>
      <ol className="panel-strip">
        {cycleStrip(done, side).map(({ stride: { phase, to, posture } }, index) => (
          <li key={index}>
            <Footprints pose={to} label={postureWords(posture)} height={42} />
            <span>{phase.call}</span>
          </li>
        ))}
      </ol>
      <div className="panel-fields">
        <WayFields item={item} movement={movement} onChange={change} />
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
        <GrowthFields item={item} block={block} onChange={change} />
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
        <StepsFields item={item} timeline={timeline} onChange={change} />
      </div>
      <p className="panel-marks">
        <Checkbox checked={item.pinned} onChange={({ target }) => change({ pinned: target.checked })}>
          keep this count when fitting
        </Checkbox>
        <Checkbox checked={item.optional} onChange={({ target }) => change({ optional: target.checked })}>
          may be left out
        </Checkbox>
      </p>
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
