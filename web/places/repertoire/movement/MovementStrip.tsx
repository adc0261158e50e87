import { useMemo } from 'react';
import { isSeated } from '../../../../core/body/written/load';
import { postureWords } from '../../../../core/body/written/postureWords';
import type { Side } from '../../../../core/body/written/side';
import { STANCES } from '../../../../core/body/written/stance';
import { FULL_SIZE } from '../../../../core/movement/sample/overlayRun';
import { samplePose } from '../../../../core/movement/sample/samplePose';
import { type Movement, usualName } from '../../../../core/movement/schema/movement';
import type { Phase } from '../../../../core/movement/schema/phase';
import { breathMannerWords } from '../../../../core/movement/walk/breathManner';
import { cycleStrip } from '../../../../core/movement/walk/strip';
import { BREATH_WORDS } from '../../../../core/session/schedule/calls';
import { BreathLine } from '../../../drawing/BreathLine';
import { COMPARING_PACE, cycleBreath } from '../../../drawing/cycleBreath';
import { Footprints } from '../../../drawing/Footprints';
import { Figure } from '../../../drawing/figure/Figure';
import { Saveable } from '../../../drawing/Saveable';

interface Props {
  readonly movement: Movement;
  readonly side: Side | null;
}

/** A phase's breath and length in words. */
export function breathWords({ breath, length }: Phase): string {
  const word = BREATH_WORDS[breath];
  switch (length.kind) {
    case 'span':
      return length.share === 1 ? word : `${word}, ${Math.round(length.share * 100)} %`;
    case 'breaths':
      return length.breaths === 1 ? 'One free breath' : `${length.breaths} free breaths`;
    case 'beats':
      return length.beats === 1 ? `One beat at ${length.tempo}` : `${length.beats} beats at ${length.tempo}`;
    case 'seconds':
      return `${length.seconds} seconds`;
  }
}

/** The cycle as a strip: where each phase ends, with its feet, its breath, its call. */
export function MovementStrip({ movement, side }: Props) {
  const strip = useMemo(() => cycleStrip(movement, side), [movement, side]);
  return (
    <Saveable name={`${usualName(movement)}, phases`} what="the phases">
      <ol className="movement-strip">
        {strip.map(({ stride, phase: index }) => {
          const { phase, to, posture } = stride;
          const circles = phase.overlays.some(({ kind }) => kind !== 'vibration');
          const pose = circles ? samplePose(stride, 0.5, 4, FULL_SIZE) : to;
          return (
            <li key={index}>
              <div className="movement-strip-figure">
                <Figure pose={pose} scale={0.68} />
              </div>
              <Footprints pose={to} label={postureWords(posture)} height={52} labelled />
              <p className={`movement-breath movement-breath--${phase.breath}`} data-drawn>
                {[breathWords(phase), breathMannerWords(phase.breath, phase.manner)].filter(Boolean).join(', ')}
              </p>
              <p className="name" data-drawn>
                {phase.call}
              </p>
              <p className="faded">
                {STANCES[posture.stance].label}
                {!isSeated(posture.load) && `, knees ${Math.round(posture.sink)}°`}
              </p>
            </li>
          );
        })}
      </ol>
      <BreathLine stretches={cycleBreath(movement)} scale={14} most={1100} />
      <p className="faded" data-drawn>
        One repetition at {COMPARING_PACE} breaths a minute, to scale.
      </p>
    </Saveable>
  );
}
