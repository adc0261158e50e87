import { ArrowLeftOutlined, ArrowRightOutlined, DeleteOutlined } from '@ant-design/icons';
import { Button, Input, Select, Space } from 'antd';
import { type KeyboardEvent, useState } from 'react';
import { postureWords } from '../../../../core/body/written/postureWords';
import type { PhasePlace } from '../../../../core/movement/edit/editMovement';
import { readPhase } from '../../../../core/movement/edit/readPhase';
import type { PartName } from '../../../../core/movement/schema/parts';
import type { PartStride } from '../../../../core/movement/walk/walkMovement';
import { spaced } from '../../../../core/words/spaced';
import { useAppDispatch } from '../../../app/store';
import { Footprints } from '../../../drawing/Footprints';
import { Figure } from '../../../drawing/figure/Figure';
import { breathWords } from '../movement/MovementStrip';
import { phaseAdded, phaseMoved, phaseRemoved } from './movementDraft';

interface Props {
  readonly strides: readonly PartStride[];
  readonly start: { readonly pose: PartStride['stride']['from']; readonly label: string };
  /** The phase in hand; null for the start. */
  readonly inHand: PhasePlace | null;
  readonly onTake: (place: PhasePlace | null) => void;
  /** Phases with something wrong, as "part index". */
  readonly wrong: ReadonlySet<string>;
}

/** The parts that are written here; what is done between the sides follows from them. */
type WrittenPart = Exclude<PartName, 'between'>;
const PART_OPTIONS: { value: WrittenPart; label: string }[] = [
  { value: 'cycle', label: 'Repeated' },
  { value: 'entry', label: 'Into it' },
  { value: 'exit', label: 'Out of it' },
];
const PART_WORDS = { entry: 'into it', cycle: '', between: 'between', exit: 'out of it' } as const;

/** The phases as a strip: taken in hand, moved, taken out, and added by writing. */
export function EditorStrip({ strides, start, inHand, onTake, wrong }: Props) {
  const dispatch = useAppDispatch();
  const cycle = strides.filter(({ part }) => part === 'cycle').length;
  const counted = (part: PartName) => strides.filter((one) => one.part === part).length;
  const ends = { entry: counted('entry'), cycle, exit: counted('exit') };
  const same = (place: PhasePlace) => inHand?.part === place.part && inHand.index === place.index;

  const onKey = (event: KeyboardEvent, place: PhasePlace) => {
    if (event.altKey && (event.key === 'ArrowLeft' || event.key === 'ArrowRight')) {
      event.preventDefault();
      const by = event.key === 'ArrowLeft' ? -1 : 1;
      dispatch(phaseMoved({ at: place, by }));
      onTake({ ...place, index: Math.max(0, Math.min(cycle - 1, place.index + by)) });
    }
    if (event.key === 'Delete') {
      dispatch(phaseRemoved(place));
      onTake(null);
    }
  };

  return (
    <>
      <ol className="editor-strip">
        <li>
          <button
            type="button"
            className={`bare editor-phase${inHand === null ? ' editor-phase--in-hand' : ''}`}
            onClick={() => onTake(null)}
            aria-pressed={inHand === null}
          >
            <Figure pose={start.pose} scale={0.42} />
            <Footprints pose={start.pose} label={start.label} height={30} />
            <span className="faded">begins</span>
          </button>
        </li>
        {strides.map(({ stride, part, phase: index }) => {
          const place = { part, index };
          const { phase, to, posture } = stride;
          return (
            <li key={`${part}-${index}`}>
              <button
                type="button"
                className={`bare editor-phase${same(place) ? ' editor-phase--in-hand' : ''}${wrong.has(`${part} ${index}`) ? ' editor-phase--wrong' : ''}`}
                onClick={() => onTake(place)}
                onKeyDown={(event) => onKey(event, place)}
                aria-pressed={same(place)}
                data-phase={`${part}-${index}`}
              >
                <Figure pose={to} scale={0.42} />
                <Footprints pose={to} label={postureWords(posture)} height={30} />
                <span className="name">{phase.call}</span>
                <span className="faded">{[breathWords(phase), PART_WORDS[part]].filter(Boolean).join(', ')}</span>
              </button>
              {same(place) && (
                <span className="editor-phase-acts">
                  <Button
                    size="small"
                    type="text"
                    icon={<ArrowLeftOutlined />}
                    aria-label="Earlier"
                    onClick={() =>
                      onKey({ altKey: true, key: 'ArrowLeft', preventDefault: () => {} } as KeyboardEvent, place)
                    }
                  />
                  <Button
                    size="small"
                    type="text"
                    icon={<DeleteOutlined />}
                    aria-label="Take the phase out"
                    onClick={() => {
                      dispatch(phaseRemoved(place));
                      onTake(null);
                    }}
                  />
                  <Button
                    size="small"
                    type="text"
                    icon={<ArrowRightOutlined />}
                    aria-label="Later"
                    onClick={() =>
                      onKey({ altKey: true, key: 'ArrowRight', preventDefault: () => {} } as KeyboardEvent, place)
                    }
                  />
                </span>
              )}
            </li>
          );
        })}
      </ol>
      <AddPhase
        at={inHand ? { ...inHand, index: inHand.index + 1 } : { part: 'cycle', index: cycle }}
        onTake={onTake}
        isFirst={cycle === 0}
        ends={ends}
      />
    </>
  );
}

/** Writes the next phase on one line: what it understood stands there before Enter. */
function AddPhase({
  at,
  onTake,
  isFirst,
  ends,
}: {
  readonly at: PhasePlace;
  readonly onTake: Props['onTake'];
  readonly isFirst: boolean;
  /** How many phases each part has. */
  readonly ends: Readonly<Record<WrittenPart, number>>;
}) {
  const dispatch = useAppDispatch();
  const [text, setText] = useState('');
  const [part, setPart] = useState<WrittenPart | null>(null);
  const { phase, unknown } = readPhase(text);
  // Added after the phase in hand, or at the end of the part that is chosen.
  const place = part === null || part === at.part ? at : { part, index: ends[part] };
  const add = () => {
    if (text.trim() === '') return;
    dispatch(phaseAdded({ at: place, phase }));
    onTake(place);
    setText('');
  };
  const { load, ...others } = phase.to;
  const changes = [...(load ? [`weight ${load.left}/${load.right}`] : []), ...changesIn(others)];
  return (
    <div className="editor-add">
      <Space.Compact block>
        <Select<WrittenPart>
          value={place.part === 'between' ? 'cycle' : place.part}
          options={PART_OPTIONS}
          onChange={setPart}
          popupMatchSelectWidth={false}
          aria-label="Which part of the movement it belongs to"
        />
        <Input
          value={text}
          onChange={({ target }) => setText(target.value)}
          onPressEnter={add}
          placeholder={
            isFirst
              ? 'Write the first phase: in raised front knees 10: Arms rise'
              : 'Write the next phase: out bow left 70/30 knees 40 pushing front: Push'
          }
          aria-label="Write a phase and press Enter"
          data-testid="add-phase"
        />
      </Space.Compact>
      {text.trim() !== '' && (
        <p className="editor-understood" aria-live="polite">
          {[breathWords(phase), ...changes, `“${phase.call}”`].join(' · ')}
          {unknown.length > 0 && <span className="editor-unknown"> · not understood: {unknown.join(', ')}</span>}
        </p>
      )}
    </div>
  );
}

/** What a change of posture comes to, each thing in a few words: "knees 40", "feet left contact ball". */
const changesIn = (change: object): string[] =>
  Object.entries(change).map(([name, value]) => {
    const what = name === 'sink' ? 'knees' : spaced(name);
    return typeof value === 'object' && value !== null
      ? `${what} ${changesIn(value).join(' ')}`
      : `${what} ${spaced(String(value))}`;
  });
