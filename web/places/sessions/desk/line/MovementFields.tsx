import { Button, Checkbox, Segmented } from 'antd';
import { memo, useCallback, useMemo } from 'react';
import { Link } from 'react-router';
import { postureWords } from '../../../../../core/body/written/postureWords';
import type { Side } from '../../../../../core/body/written/side';
import type { Schools } from '../../../../../core/movement/adapt/schools';
import { type Movement, usualName } from '../../../../../core/movement/schema/movement';
import { firstSide, sidesOffered } from '../../../../../core/movement/schema/pass';
import { writtenSide } from '../../../../../core/movement/walk/cycleFor';
import { cycleStrip } from '../../../../../core/movement/walk/strip';
import { adaptMovement } from '../../../../../core/session/plan/adaptMovement';
import type { Block } from '../../../../../core/session/plan/block';
import { FACINGS, facingWords } from '../../../../../core/session/plan/line/facing';
import type { MovementItem } from '../../../../../core/session/plan/session';
import { lineTimes, segmentsOf } from '../../../../../core/session/timeline/lineTimes';
import type { Timeline } from '../../../../../core/session/timeline/segment';
import { scriptRoom } from '../../../../../core/session/words/lineSpeech';
import { InMyWords, type SecondsOf } from '../../../../class/InMyWords';
import { Footprints } from '../../../../drawing/Footprints';
import { useEdits } from '../../draft/useEdits';
import { ChoiceField } from './ChoiceField';
import { DepthFields } from './DepthFields';
import { EndsFields } from './EndsFields';
import { GrowthFields } from './GrowthFields';
import { OWN_PACE, ROUND_REST, ROUNDS, STILL_AFTER } from './lineNumbers';
import { NumberField } from './NumberField';
import { SchoolFields } from './SchoolFields';
import { StepsFields, stepsSaid } from './StepsFields';
import { WayFields } from './WayFields';
import { WordsFields } from './words/WordsFields';

const SIDES_WORDS: Readonly<Record<MovementItem['sides'], string>> = {
  usual: 'As written',
  'left-first': 'Left first',
  'right-first': 'Right first',
  'left-only': 'Left only',
  'right-only': 'Right only',
};

const putSides = (sides: string) => ({ sides: sides as MovementItem['sides'] });
const BREATHS = [
  { value: 'led', label: 'Led' },
  { value: 'own', label: 'In their own time' },
];
/** The eighths of a turn, and what a form may have besides. */
const TURNED = FACINGS.map((value) => ({ value: String(value), label: facingWords(value) }));
const putFacing = (value: string) => ({ facing: Number(value) });
const putBreath = (value: string) => ({ ownBreath: value === 'own' });
const putDirections = (directions: string) => ({ directions: directions as MovementItem['directions'] });

interface Props {
  readonly item: MovementItem;
  readonly movement: Movement;
  readonly timeline: Timeline;
  readonly block: Block | null;
  /** How the class is done where schools disagree. */
  readonly schools: Schools;
  /** How low the class goes here, degrees of knee bend, as it was found out before; null where it was not. */
  readonly deepest: number | null;
}

type Change = (to: Partial<MovementItem>) => void;

/** The line in hand when it is a movement: its strip as it is done here, and everything that can be chosen of it. */
export const MovementFields = memo(function MovementFields({
  item,
  movement,
  timeline,
  block,
  schools,
  deepest,
}: Props) {
  const edit = useEdits();
  const { id } = item;
  // The same as long as the line is: only the fields whose own value has changed are drawn anew.
  const change: Change = useCallback((to) => void edit([{ kind: 'change', itemId: id, to }]), [edit, id]);
  const inSteps = () => edit([{ kind: 'stages', itemId: id }]);
  const { sides } = movement.laterality;
  const written = writtenSide(movement);
  const times = lineTimes(timeline).get(id);
  const bridge = times?.occurrences[0]?.bridge ?? null;
  const room = times ? scriptRoom(item, timeline, times) : null;
  // The shape is called the first time only, and that is when the words have to fit.
  const secondsOf: SecondsOf = (part, phase) => {
    const first = times && segmentsOf(timeline, times).find((one) => one.part === part && one.phase === phase);
    return first ? first.lengthMs / 1000 : null;
  };
  const offered = useMemo(
    () => sidesOffered(movement.laterality).map((value) => ({ value, label: SIDES_WORDS[value] })),
    [movement],
  );

  return (
    <>
      <h2>
        <Link to={`/repertoire/${movement.id}`}>{usualName(movement)}</Link>
      </h2>
      <Strip
        done={adaptMovement(movement, item, schools, deepest)}
        side={written === null ? null : firstSide(written, item.sides)}
      />
      <div className="panel-acts">
        <InMyWords movement={movement} size="small" secondsOf={secondsOf} />
        {movement.layers.length > 0 && item.layer === null && (
          <Button size="small" onClick={inSteps} title={movement.layers.map(({ name }) => name).join(', ')}>
            Teach it in {movement.layers.length} steps
          </Button>
        )}
      </div>
      <div className="panel-fields">
        <WayFields
          variant={item.variant}
          offers={item.offers}
          layer={item.layer}
          breathing={item.breathing}
          movement={movement}
          onChange={change}
        />
        <SchoolFields movement={movement} own={item.schools} schools={schools} onChange={change} />
        <EndsFields
          ends={item.ends}
          range={item.range}
          count={item.count}
          of={movement.count}
          seconds={(times?.lengthMs ?? 0) / 1000 / item.rounds}
          onChange={change}
        />
        <NumberField kind={ROUNDS} value={item.rounds} onChange={change} />
        {item.rounds > 1 && <NumberField kind={ROUND_REST} value={item.roundRest} onChange={change} />}
        <GrowthFields
          rounds={item.rounds}
          lower={item.lower}
          ramp={item.ramp}
          inRounds={item.inRounds}
          roundsOfBlock={block?.rounds ?? 1}
          onChange={change}
        />
        {movement.findsDepth && <DepthFields depth={item.depth} usual={lowestOf(movement)} onChange={change} />}
        {sides.kind !== 'even' && (
          <ChoiceField
            label="Sides"
            name="Sides"
            value={item.sides}
            options={offered}
            put={putSides}
            onChange={change}
          />
        )}
        <ChoiceField
          label="Turned"
          name="Which way the class is turned"
          value={String(item.facing)}
          options={TURNED}
          put={putFacing}
          onChange={change}
        />
        <Directions movement={movement} value={item.directions} onChange={change} />
        <NumberField
          kind={STILL_AFTER}
          value={item.settle.kind === 'still' ? item.settle.seconds : 0}
          onChange={change}
        />
        <ChoiceField
          label="Breath"
          name="Whose breath"
          value={item.ownBreath ? 'own' : 'led'}
          options={BREATHS}
          put={putBreath}
          onChange={change}
        />
        {!item.ownBreath && <NumberField kind={OWN_PACE} value={item.pace} onChange={change} />}
        <StepsFields
          byHand={item.bridge}
          halves={bridge?.halves ?? 2}
          call={bridge?.call ?? ''}
          said={stepsSaid(bridge)}
          onChange={change}
        />
      </div>
      <Marks isPinned={item.pinned} isOptional={item.optional} onChange={change} />
      <Manner value={item.manner} onChange={change} />
      <WordsFields
        movement={movement}
        takesMs={room?.takesMs ?? null}
        lastsMs={room?.lastsMs ?? null}
        cues={item.cues}
        focuses={item.focuses}
        stands={item.stands}
        meanwhile={item.meanwhile}
        tags={item.tags}
        rounds={item.rounds}
        script={item.script}
        onChange={change}
      />
    </>
  );
});

/** How far a movement bends the knees, degrees. */
const lowestOf = ({ start, parts }: Movement): number =>
  Math.max(start.sink, ...parts.cycle.map(({ to }) => to.sink ?? 0));

const Strip = memo(function Strip({ done, side }: { readonly done: Movement; readonly side: Side | null }) {
  return (
    <ol className="panel-strip">
      {cycleStrip(done, side).map(({ stride: { phase, to, posture } }, index) => (
        <li key={index}>
          <Footprints pose={to} label={postureWords(posture)} height={42} />
          <span>{phase.call}</span>
        </li>
      ))}
    </ol>
  );
});

interface DirectionsProps {
  readonly movement: Movement;
  readonly value: MovementItem['directions'];
  readonly onChange: Change;
}

function Directions({ movement, value, onChange }: DirectionsProps) {
  const { directions } = movement.laterality;
  const options = useMemo(() => {
    if (directions.kind !== 'both') return [];
    const [first, second] = directions.names;
    return [
      { value: 'usual', label: `${first}, then ${second}` },
      { value: 'one', label: `${first} only` },
    ];
  }, [directions]);
  if (options.length === 0) return null;
  return (
    <ChoiceField
      label="Directions"
      name="Directions"
      value={value}
      options={options}
      put={putDirections}
      onChange={onChange}
    />
  );
}

interface MarksProps {
  readonly isPinned: boolean;
  readonly isOptional: boolean;
  readonly onChange: Change;
}

const Marks = memo(function Marks({ isPinned, isOptional, onChange }: MarksProps) {
  return (
    <p className="panel-marks">
      <Checkbox checked={isPinned} onChange={({ target }) => onChange({ pinned: target.checked })}>
        keep this count when fitting
      </Checkbox>
      <Checkbox checked={isOptional} onChange={({ target }) => onChange({ optional: target.checked })}>
        may be left out
      </Checkbox>
    </p>
  );
});

type MannerOfLine = MovementItem['manner'];

const MANNERS: { value: MannerOfLine; label: string }[] = [
  { value: 'explained', label: 'Explained' },
  { value: 'named', label: 'Named' },
  { value: 'follow-along', label: 'Follow along' },
  { value: 'quiet', label: 'Quiet' },
];

const Manner = memo(function Manner({ value, onChange }: { readonly value: MannerOfLine; readonly onChange: Change }) {
  return (
    <Segmented<MannerOfLine>
      block
      value={value}
      options={MANNERS}
      onChange={(manner) => onChange({ manner })}
      aria-label="How it is led"
    />
  );
});
