import { useMemo, useState } from 'react';
import type { Side } from '../../../../core/body/written/side';
import { strideAt } from '../../../../core/movement/sample/track';
import type { Movement } from '../../../../core/movement/schema/movement';
import { walkMovement } from '../../../../core/movement/walk/walkMovement';
import { BREATH_WORDS } from '../../../../core/session/schedule/calls';
import { trackAtPace } from '../../../../core/timing/trackAtPace';
import { isMotionReduced } from '../../../app/machine/reducedMotion';
import { Stage } from '../../../drawing/Stage';

interface Props {
  readonly movement: Movement;
  readonly side: Side | null;
  readonly name: string;
}

/** The movement as it is done, breath by breath, from every side. */
export function MovementStage({ movement, side, name }: Props) {
  const [playing, setPlaying] = useState(() => !isMotionReduced());
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
    <Stage
      track={track}
      name={name}
      label="The movement, moving"
      said={said || movement.parts.cycle[0]?.call}
      scale={1.42}
      at={0}
      playing={playing}
      onPlaying={setPlaying}
      onTime={onTime}
    />
  );
}
