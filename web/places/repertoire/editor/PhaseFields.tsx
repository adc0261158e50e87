import { Collapse, Input, InputNumber, Segmented, Select, Slider } from 'antd';
import type { Pose } from '../../../../core/body/standing/pose';
import { ArmShape } from '../../../../core/body/written/armShape';
import { Contact } from '../../../../core/body/written/contact';
import { isSeated } from '../../../../core/body/written/load';
import type { Posture, PostureChange } from '../../../../core/body/written/posture';
import { postureWords } from '../../../../core/body/written/postureWords';
import { SIDES, type Side } from '../../../../core/body/written/side';
import { STANCES, StanceName } from '../../../../core/body/written/stance';
import type { Breath, Phase } from '../../../../core/movement/schema/phase';
import { spaced } from '../../../../core/words/spaced';
import { Footprints } from '../../../drawing/Footprints';
import { BreathMannerFields } from './BreathMannerFields';
import { LengthField, lengthFor } from './LengthField';

interface Props {
  /** The phase, or null where the start is in hand. */
  readonly phase: Phase | null;
  /** The posture it ends in, and its pose. */
  readonly posture: Posture;
  readonly pose: Pose;
  readonly onPhase: (change: Partial<Phase>) => void;
  readonly onPosture: (to: PostureChange) => void;
}

const STANCE_OPTIONS = StanceName.options.map((value) => ({ value, label: STANCES[value].label }));
const ARM_OPTIONS = ArmShape.options.map((value) => ({ value, label: spaced(value) }));
const BREATHS: { value: Breath; label: string; title?: string }[] = [
  { value: 'in', label: 'In' },
  { value: 'out', label: 'Out' },
  { value: 'natural', label: 'Free' },
  { value: 'retained-full', label: 'Full', title: 'A pause with the breath full' },
  { value: 'retained-empty', label: 'Empty', title: 'A pause with the breath empty' },
];
const SIDE_OPTIONS: { value: Side; label: string }[] = [
  { value: 'left', label: 'Left' },
  { value: 'right', label: 'Right' },
];

interface DialProps {
  readonly label: string;
  readonly value: number;
  readonly min: number;
  readonly max: number;
  readonly unit?: string;
  readonly onChange: (value: number) => void;
}

/** A number with a slider: drawn along or typed. */
const Dial = ({ label, value, min, max, unit = '°', onChange }: DialProps) => (
  <div className="editor-dial">
    <span>{label}</span>
    <Slider
      min={min}
      max={max}
      value={value}
      onChange={onChange}
      tooltip={{ open: false }}
      ariaLabelForHandle={label}
    />
    <InputNumber
      value={Math.round(value)}
      min={min}
      max={max}
      suffix={unit}
      onChange={(next) => next !== null && onChange(next)}
      aria-label={`${label}, as a number`}
    />
  </div>
);

/** Everything about one phase: its breath and words, and the posture it ends in. */
export function PhaseFields({ phase, posture, pose, onPhase, onPosture }: Props) {
  const { sideNames } = STANCES[posture.stance];
  const seated = isSeated(posture.load);
  return (
    <div className="editor-fields">
      {phase && (
        <>
          <Input
            value={phase.call}
            maxLength={80}
            prefix={<span className="faded">Said</span>}
            onChange={({ target }) => onPhase({ call: target.value })}
            aria-label="What is said"
          />
          <Segmented<Breath>
            block
            value={phase.breath}
            options={BREATHS}
            onChange={(breath) => onPhase({ breath, length: lengthFor(breath, phase.length) })}
            aria-label="Breath"
          />
          <LengthField phase={phase} onPhase={onPhase} />
          <BreathMannerFields phase={phase} onPhase={onPhase} />
        </>
      )}
      <div className="editor-pair">
        <Select
          showSearch
          optionFilterProp="label"
          value={posture.stance}
          options={STANCE_OPTIONS}
          onChange={(stance: StanceName) =>
            onPosture({ stance, ...(STANCES[stance].sideNames === null ? {} : { side: posture.side ?? 'left' }) })
          }
          aria-label="Stance"
        />
        {sideNames !== null && (
          <Segmented<Side>
            value={posture.side ?? 'left'}
            options={SIDE_OPTIONS}
            onChange={(side) => onPosture({ stance: posture.stance, side })}
            aria-label={`Which side: ${sideNames}`}
          />
        )}
      </div>
      {!seated && (
        <div className="editor-weight">
          <Footprints pose={pose} label={postureWords(posture)} height={62} labelled />
          <Slider
            min={0}
            max={100}
            value={posture.load.right}
            onChange={(right) => onPosture({ load: { left: 100 - right, right, seat: 0 } })}
            marks={{ 0: 'left', 50: 'even', 100: 'right' }}
            ariaLabelForHandle="Weight on the right foot, percent"
            tooltip={{ open: false }}
          />
        </div>
      )}
      {!seated && <Dial label="Knees" value={posture.sink} min={0} max={90} onChange={(sink) => onPosture({ sink })} />}
      <div className="editor-pair">
        <Select
          showSearch
          optionFilterProp="label"
          value={posture.arms}
          options={ARM_OPTIONS}
          onChange={(arms: ArmShape) => onPosture({ arms })}
          aria-label="Arms"
        />
        <Segmented<Side>
          value={posture.armSide ?? 'left'}
          options={SIDE_OPTIONS}
          onChange={(armSide) => onPosture({ arms: posture.arms, armSide })}
          aria-label="Which hand leads"
        />
      </div>
      <Dial label="Turn" value={posture.turn} min={-60} max={60} onChange={(turn) => onPosture({ turn })} />
      <Dial
        label="Facing"
        value={posture.heading}
        min={-180}
        max={180}
        onChange={(heading) => onPosture({ heading })}
      />
      <Collapse
        ghost
        size="small"
        items={[
          {
            key: 'more',
            label: 'Trunk, head and feet',
            children: (
              <>
                <Dial
                  label="Hinge"
                  value={posture.spine.hinge}
                  min={-20}
                  max={100}
                  onChange={(hinge) => onPosture({ spine: { hinge } })}
                />
                <Dial
                  label="Round"
                  value={posture.spine.round}
                  min={-30}
                  max={100}
                  onChange={(round) => onPosture({ spine: { round } })}
                />
                <Dial
                  label="Lean"
                  value={posture.spine.bend}
                  min={-40}
                  max={40}
                  onChange={(bend) => onPosture({ spine: { bend } })}
                />
                <Dial
                  label="Look"
                  value={posture.head.turn}
                  min={-80}
                  max={80}
                  onChange={(turn) => onPosture({ head: { turn } })}
                />
                <Dial
                  label="Nod"
                  value={posture.head.nod}
                  min={-50}
                  max={50}
                  onChange={(nod) => onPosture({ head: { nod } })}
                />
                <Dial
                  label="Spread"
                  value={Math.round(posture.spread * 100)}
                  min={40}
                  max={160}
                  unit="%"
                  onChange={(spread) => onPosture({ stance: posture.stance, spread: spread / 100 })}
                />
                {SIDES.map((side) => (
                  <div key={side} className="editor-pair">
                    <span>The {side} foot</span>
                    <Select
                      value={pose.feet[side].contact}
                      options={Contact.options.map((value) => ({ value, label: value }))}
                      onChange={(contact: Contact) => onPosture({ feet: { [side]: { contact } } })}
                      aria-label={`How the ${side} foot touches`}
                    />
                    <InputNumber
                      value={Math.round(pose.feet[side].angle - posture.heading)}
                      min={-120}
                      max={120}
                      suffix="°"
                      onChange={(angle) => angle !== null && onPosture({ feet: { [side]: { angle } } })}
                      aria-label={`How far the ${side} foot is turned`}
                    />
                  </div>
                ))}
              </>
            ),
          },
        ]}
      />
    </div>
  );
}
