import { HolderOutlined, MessageOutlined } from '@ant-design/icons';
import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { memo, useMemo } from 'react';
import type { Pose } from '../../../../../core/body/standing/pose';
import type { Posture } from '../../../../../core/body/written/posture';
import { postureWords } from '../../../../../core/body/written/postureWords';
import type { Schools } from '../../../../../core/movement/adapt/schools';
import { ownWords } from '../../../../../core/movement/adapt/schoolWords';
import { tellingMoment } from '../../../../../core/movement/sample/tellingMoment';
import { type Movement, usualName } from '../../../../../core/movement/schema/movement';
import { firstSide } from '../../../../../core/movement/schema/pass';
import { writtenSide } from '../../../../../core/movement/walk/cycleFor';
import { adaptMovement } from '../../../../../core/session/plan/adaptMovement';
import { depthWords } from '../../../../../core/session/plan/line/depth';
import { lineAmount } from '../../../../../core/session/plan/lineAmount';
import { lineTitle, PAUSE_WORDS } from '../../../../../core/session/plan/lineTitle';
import { matchItem } from '../../../../../core/session/plan/matchItem';
import type { Item, MovementItem } from '../../../../../core/session/plan/session';
import { IN_ROUNDS_WORDS } from '../../../../../core/session/report/blockWords';
import { placedWords } from '../../../../../core/session/words/wordsSaid';
import { minutes } from '../../../../../core/words/clockWords';
import { spaced } from '../../../../../core/words/spaced';
import { useRepertoire } from '../../../../app/repertoire';
import { useAppDispatch } from '../../../../app/store';
import { inWords } from '../../../../app/words';
import { BreathLine } from '../../../../drawing/BreathLine';
import { Footprints } from '../../../../drawing/Footprints';
import { Figure } from '../../../../drawing/figure/Figure';
import { type DeskState, selectChosen, useDeskSelector } from '../../draft/draftStore';
import { taken } from '../../draft/hand';
import { LineActs } from './LineActs';
import { LineCount } from './LineCount';
import { LineNeeds } from './LineNeeds';
import { type LineView, selectLineView } from './lineViews';

const RAMP_WORDS = { sink: 'lower', range: 'wider', hands: 'hands higher', tempo: 'quicker' } as const;

function sideNotes(item: MovementItem, movement: Movement): string[] {
  const notes: string[] = [];
  const { sides } = movement.laterality;
  if (sides.kind !== 'even' && !item.sides.endsWith('only')) notes.push(`${firstSide(sides.first, item.sides)} first`);
  if (item.rounds > 1) notes.push(`${item.rounds} rounds${item.roundRest > 0 ? `, ${item.roundRest} s rest` : ''}`);
  if (item.rounds > 1 && item.lower !== 0) notes.push(`${item.lower}° lower each`);
  if (item.ramp) notes.push(`${RAMP_WORDS[item.ramp.what]} each time`);
  if (item.inRounds !== 'every') notes.push(IN_ROUNDS_WORDS[item.inRounds].toLowerCase());
  if (item.settle.kind === 'still') notes.push(`then ${item.settle.seconds} s still`);
  if (item.ownBreath) notes.push('in their own time');
  else if (item.pace !== null) notes.push(`own pace ${item.pace}`);
  notes.push(spaced(item.manner));
  const varied = movement.variants.find(({ id }) => id === item.variant);
  if (varied) notes.unshift(varied.name);
  const offered = item.offers.map((offer) => movement.variants.find(({ id }) => id === offer)?.name ?? 'as written');
  if (offered.length > 0) notes.push(`or ${offered.join(', or ')}`);
  const step = item.layer === null ? undefined : movement.layers[item.layer];
  if (step) notes.unshift(`step: ${step.name}`);
  if (item.breathing !== null) notes.push(item.breathing);
  notes.push(...ownWords(item.schools));
  const stands = placedWords(item);
  if (stands !== '') notes.push(stands);
  if (item.depth) notes.push(`${depthWords(item.depth)} from here on`);
  if (item.meanwhile !== '') notes.push(`meanwhile ${item.meanwhile}`);
  if (item.tags.length > 0) notes.push(item.tags.map((tag) => `#${tag}`).join(' '));
  if (item.note !== '') notes.push(item.note);
  return notes;
}

const MovementBody = memo(function MovementBody({
  item,
  movement,
  lowest,
  steps,
  settles,
  words,
}: {
  readonly item: MovementItem;
  readonly movement: Movement | undefined;
  readonly lowest: string | null;
  readonly steps: string | null;
  readonly settles: string | null;
  readonly words: LineView['words'];
}) {
  if (!movement)
    return <p className="line-gone">“{item.movementId}” is not in the repertoire; it takes no time here.</p>;
  return (
    <>
      <p className="line-name">
        <span className="name">{usualName(movement)}</span>
        <span className="han" lang="zh-Hant">
          {movement.names.chinese[0]}
        </span>
      </p>
      <p className="line-notes">
        {item.origin && <FromCourse role={item.origin.role} />}
        <WordsNote words={words} />
        {[...sideNotes(item, movement), lowest, steps, settles && `then ${settles}`].filter(Boolean).join(' · ')}
      </p>
    </>
  );
});

const ORIGIN_WORDS = {
  introduce: 'new in the course',
  again: 'new today, once more',
  review: 'from the course',
  run: 'the run of the form',
} as const;

/** That a line comes from its course's plan, and what for. */
const FromCourse = ({ role }: { readonly role: keyof typeof ORIGIN_WORDS }) => (
  <>
    <span className={role === 'introduce' ? 'line-woven line-woven--new' : 'line-woven'}>{ORIGIN_WORDS[role]}</span>
    {' · '}
  </>
);

interface PauseProps extends Pick<LineView, 'words'> {
  readonly item: Exclude<Item, MovementItem>;
}

const PauseBody = ({ item, words }: PauseProps) => (
  <p className="line-name">
    <span className="name">{PAUSE_WORDS[item.kind]}</span>
    <span className="faded">
      <WordsNote words={words} />
      {item.note}
    </span>
  </p>
);

/** That a line carries words, and whether there is time for them. */
const WordsNote = ({ words }: Pick<LineView, 'words'>) =>
  words && (
    <>
      <span className={words.fit ? 'line-says' : 'line-says line-says--long'}>
        <MessageOutlined aria-hidden /> {words.said}
      </span>
      {' · '}
    </>
  );

const GRIP = <HolderOutlined />;

const Picture = memo(function Picture({ pose, posture }: { readonly pose: Pose; readonly posture: Posture }) {
  return (
    <>
      <Figure pose={pose} scale={0.27} />
      <Footprints pose={pose} label={postureWords(posture)} height={34} />
    </>
  );
});

interface Props {
  readonly id: string;
  /** Whether the Tab key stops here though nothing is in hand: one line of the order is enough, the arrows do the rest. */
  readonly isFirst: boolean;
}

/** What the hand does with a line, a letter for each: has it, points at it, has chosen it, would come to it with the Tab key. */
const MARKS = ['h', 'p', 'c', 't'] as const;
const selectMarks =
  (id: string, isFirst: boolean) =>
  (state: DeskState): string => {
    const { inHand, pointed } = state.hand;
    const isReached = inHand === null ? isFirst : inHand === id;
    return [inHand === id, pointed === id, selectChosen(state).has(id), isReached]
      .map((is, place) => (is ? MARKS[place] : ''))
      .join('');
  };

/** One line of the running order. It is drawn anew when what it shows has changed, and for nothing else. */
export const Line = memo(function Line({ id, isFirst }: Props) {
  const view = useDeskSelector(useMemo(() => selectLineView(id), [id]));
  return view ? <LineShown view={view} isFirst={isFirst} /> : null;
});

function LineShown({ view, isFirst }: { readonly view: LineView; readonly isFirst: boolean }) {
  const { item, schools, startsAt, lengthMs, breath, depth, total, steps, settles, words, lowest } = view;
  const { id } = item;
  const repertoire = useRepertoire();
  const dispatch = useAppDispatch();
  const marks = useDeskSelector(useMemo(() => selectMarks(id, isFirst), [id, isFirst]));
  const [isInHand, isPointed, isChosen, isReached] = MARKS.map((mark) => marks.includes(mark));
  const { setNodeRef, setActivatorNodeRef, listeners, transform, transition, isDragging } = useSortable({ id });
  const movement = item.kind === 'movement' ? repertoire.find(item.movementId) : undefined;
  const title = lineTitle(item, repertoire.find);
  const moment =
    movement && item.kind === 'movement' ? momentOf(movement, item, schools, lowest?.deepest ?? null) : null;
  const take = () => dispatch(taken(id));

  return (
    <li
      ref={setNodeRef}
      className={`line line--${item.kind}${isInHand ? ' line--in-hand' : ''}${isPointed ? ' line--pointed' : ''}${isDragging ? ' line--dragged' : ''}${depth > 0 ? ' line--blocked' : ''}${depth > 1 ? ' line--inner' : ''}${isChosen ? ' line--chosen' : ''}`}
      style={{ transform: CSS.Translate.toString(transform), transition }}
      data-line={item.id}
      tabIndex={isReached ? 0 : -1}
      aria-label={`${title}, ${lineAmount(item)}, from ${startsAt}, ${inWords(lengthMs)}`}
      onFocus={take}
    >
      <button
        type="button"
        className="bare line-grip"
        ref={setActivatorNodeRef}
        {...listeners}
        tabIndex={-1}
        aria-label={`Move ${title}`}
      >
        {GRIP}
      </button>
      <time className="number line-clock">
        {startsAt.slice(0, 5)}
        <small>{startsAt.slice(5)}</small>
      </time>
      <div className="line-feet">{moment && <Picture pose={moment.pose} posture={moment.posture} />}</div>
      <div className="line-body">
        {matchItem(item, {
          movement: (line) => (
            <MovementBody
              item={line}
              movement={movement}
              lowest={lowest && depthWords(lowest)}
              steps={steps}
              settles={settles}
              words={words}
            />
          ),
          rest: (pause) => <PauseBody item={pause} words={words} />,
          talk: (pause) => <PauseBody item={pause} words={words} />,
          clock: (pause) => <PauseBody item={pause} words={words} />,
        })}
      </div>
      <LineCount item={item} movement={movement} title={title} total={total} />
      <div className="line-breath">{movement && <BreathLine stretches={breath} scale={6} most={92} />}</div>
      <LineNeeds id={id} title={title} />
      <button
        type="button"
        className="bare number line-minutes"
        tabIndex={-1}
        onClick={take}
        title="What these minutes are made of"
      >
        {minutes(lengthMs)}
        <span className="line-why">why?</span>
      </button>
      <LineActs id={item.id} title={title} isChosen={isChosen === true} />
    </li>
  );
}

const momentOf = (movement: Movement, item: MovementItem, schools: Schools, deepest: number | null) => {
  const written = writtenSide(movement);
  return tellingMoment(
    adaptMovement(movement, item, schools, deepest),
    written === null ? null : firstSide(written, item.sides),
  );
};
