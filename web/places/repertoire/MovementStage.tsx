import { CaretRightOutlined, PauseOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { useMemo, useState } from 'react';
import type { Side } from '../../../core/body/side';
import type { Movement } from '../../../core/movement/movement';
import { strideAt } from '../../../core/movement/track';
import { walkMovement } from '../../../core/movement/walkMovement';
import { BREATH_WORDS } from '../../../core/session/calls';
import { trackAtPace } from '../../../core/session/trackAtPace';
import { MovingFigure } from '../../drawing/figure/MovingFigure';
import { ViewChoice } from '../../drawing/figure/ViewChoice';
import type { View } from '../../drawing/figure/view';
import { Saveable } from '../../drawing/Saveable';

interface Props {
  readonly movement: Movement;
  readonly side: Side | null;
  readonly name: string;
}

const prefersStill = (): boolean => matchMedia('(prefers-reduced-motion: reduce)').matches;

/** The movement as it is done, breath by breath, from four sides. */
export function MovementStage({ movement, side, name }: Props) {
  const [view, setView] = useState<View>('three-quarter');
  const [playing, setPlaying] = useState(() => !prefersStill());
  const [said, setSaid] = useState('');
  const track = useMemo(() => {
    const both = movement.laterality.directions.kind === 'both';
    const cycles = walkMovement(movement, { side, direction: both ? 'first' : null, cycles: 2 });
    return trackAtPace(cycles.filter(({ part }) => part === 'cycle').map(({ stride }) => stride));
  }, [movement, side]);

  const onTime = (seconds: number) => {
    const phase = strideAt(track, seconds)?.stride.phase;
    if (phase) setSaid(`${BREATH_WORDS[phase.breath]} · ${phase.call}`);
  };
  return (
    <section className="movement-stage" aria-label="The movement, moving">
      <Saveable name={name} what="the figure">
        <div className="movement-figure">
          <MovingFigure
            track={track}
            view={view}
            scale={1.42}
            playing={playing}
            at={0}
            label={`${name}, as it is done`}
            onTime={onTime}
          />
        </div>
      </Saveable>
      <p className="movement-said" aria-hidden>
        {said || movement.parts.cycle[0]?.call}
      </p>
      <div className="movement-stage-keys">
        <Button
          type="text"
          icon={playing ? <PauseOutlined /> : <CaretRightOutlined />}
          aria-label={playing ? 'Stand still' : 'Move'}
          onClick={() => setPlaying(!playing)}
        />
        <ViewChoice view={view} onView={setView} />
      </div>
    </section>
  );
}
