import { Input, InputNumber, Select } from 'antd';
import { memo, useState } from 'react';
import type { Movement } from '../../../../../../core/movement/schema/movement';
import type { CueAt, LineCue, Stands } from '../../../../../../core/session/plan/line/lineWords';
import type { MovementItem } from '../../../../../../core/session/plan/session';
import { Rows } from '../../../../../class/Rows';
import { TagsField } from '../../../../../class/TagsField';
import { ScriptField } from './ScriptField';
import './wordsFields.css';

interface Props extends Pick<MovementItem, 'cues' | 'focuses' | 'stands' | 'meanwhile' | 'tags' | 'rounds' | 'script'> {
  readonly movement: Movement;
  /** How long what is read takes, and how long there is for it, milliseconds; null where nothing is. */
  readonly takesMs: number | null;
  readonly lastsMs: number | null;
  readonly onChange: (to: Partial<MovementItem>) => void;
}

const UNITS: { value: CueAt['unit']; label: string }[] = [
  { value: 'seconds', label: 'seconds in' },
  { value: 'breaths', label: 'breaths in' },
  { value: 'repetitions', label: 'repetition' },
  { value: 'rounds', label: 'round' },
];

const FACES: { value: Stands['faces']; label: string }[] = [
  { value: 'usual', label: 'I face as usual' },
  { value: 'class', label: 'Facing the class' },
  { value: 'back', label: 'Back to the class' },
  { value: 'side-on', label: 'Side-on' },
];

const PLACES: { value: Stands['place']; label: string }[] = [
  { value: 'usual', label: 'in my usual place' },
  { value: 'nearer', label: 'nearer' },
  { value: 'back-row', label: 'where the back row sees me' },
];

/** The number of a moment, and the same moment with another number or unit. */
const numberOf = (at: CueAt): number => ('at' in at ? at.at : at.after);
const momentAt = (unit: CueAt['unit'], many: number): CueAt =>
  unit === 'seconds' || unit === 'breaths'
    ? { unit, after: Math.max(0, many) }
    : { unit, at: Math.max(1, Math.round(many)) };

const freshCue = (): LineCue => ({ at: { unit: 'repetitions', at: 2 }, say: '' });

/** What is said in a line besides its calls, where the instructor stands, and how it is found again. */
export const WordsFields = memo(function WordsFields({ movement, takesMs, lastsMs, onChange, ...line }: Props) {
  const { cues, focuses, stands, meanwhile, tags, rounds, script } = line;
  const says = script !== '' || cues.length > 0 || focuses.length > 0 || tags.length > 0 || meanwhile !== '';
  const [isOpen, setIsOpen] = useState(says);
  return (
    <details className="line-words" open={isOpen} onToggle={({ currentTarget }) => setIsOpen(currentTarget.open)}>
      <summary>Words, and where I stand</summary>
      <div className="line-words-body">
        <Points movement={movement} />
        <Rows
          label="Words at a moment"
          rows={cues}
          most={40}
          fresh={freshCue}
          add="Say something on the way"
          onRows={(said) => onChange({ cues: said })}
        >
          {({ at, say }, change, place) => (
            <div className="cue-row">
              <Input
                value={say}
                maxLength={240}
                placeholder="Let the shoulders go"
                aria-label={`Words ${place + 1}`}
                onChange={({ target }) => change({ at, say: target.value })}
              />
              <Select
                value={at.unit}
                options={UNITS}
                popupMatchSelectWidth={false}
                aria-label={`What words ${place + 1} are counted by`}
                onChange={(unit) => change({ at: momentAt(unit, numberOf(at)), say })}
              />
              <InputNumber
                value={numberOf(at)}
                min={0}
                max={7200}
                aria-label={`When words ${place + 1} are said`}
                onChange={(many) => many !== null && change({ at: momentAt(at.unit, many), say })}
              />
            </div>
          )}
        </Rows>
        {(rounds > 1 || focuses.length > 0) && (
          <Rows
            label="What each round looks at"
            rows={focuses}
            most={8}
            fresh={() => ''}
            add={focuses.length === 0 ? 'Say it for this class' : 'One more round'}
            onRows={(said) => onChange({ focuses: said })}
          >
            {(focus, change, place) => (
              <Input
                value={focus}
                maxLength={80}
                placeholder={movement.focuses[place] ?? ['the shape', 'the shoulders', 'the breath'][place] ?? ''}
                aria-label={`What round ${place + 1} looks at`}
                onChange={({ target }) => change(target.value)}
              />
            )}
          </Rows>
        )}
        <ScriptField
          value={script}
          takesMs={takesMs}
          lastsMs={lastsMs}
          onChange={(said) => onChange({ script: said })}
        />
        <div className="cue-stands">
          <Select
            value={stands.faces}
            options={FACES}
            aria-label="How I face"
            onChange={(faces) => onChange({ stands: { ...stands, faces } })}
          />
          <Select
            value={stands.place}
            options={PLACES}
            popupMatchSelectWidth={false}
            aria-label="Where I stand"
            onChange={(place) => onChange({ stands: { ...stands, place } })}
          />
        </div>
        <Input
          value={meanwhile}
          maxLength={160}
          placeholder="what others do at the same time"
          aria-label="Meanwhile"
          onChange={({ target }) => onChange({ meanwhile: target.value })}
        />
        <TagsField tags={tags} onTags={(said) => onChange({ tags: said })} />
      </div>
    </details>
  );
});

/** What to watch, and what to say to what is often seen. */
const Points = memo(function Points({ movement: { points, faults } }: { readonly movement: Movement }) {
  if (points.length + faults.length === 0) return null;
  return (
    <ul className="line-points">
      {points.map(({ text }) => (
        <li key={text}>{text}</li>
      ))}
      {faults.map(({ seen, say }) => (
        <li key={seen}>
          {seen}: <q>{say}</q>
        </li>
      ))}
    </ul>
  );
});
