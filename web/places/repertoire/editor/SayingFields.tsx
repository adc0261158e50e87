import { Input, InputNumber, Select } from 'antd';
import type { Movement } from '../../../../core/movement/schema/movement';
import { useAppDispatch } from '../../../app/store';
import { Rows } from '../../../class/Rows';
import { TagsField } from '../../../class/TagsField';
import { described } from './movementDraft';
import './sayingFields.css';

const WHOLE = -1;

/** What there is to say of a movement besides its calls. */
export function SayingFields({ movement }: { readonly movement: Movement }) {
  const dispatch = useAppDispatch();
  const change = (part: Partial<Movement>) => dispatch(described(part));
  const { points, faults, focuses, meaning, series, tags, parts } = movement;
  const phases = [
    { value: WHOLE, label: 'All of it' },
    ...parts.cycle.map(({ call }, value) => ({ value, label: call })),
  ];
  return (
    <details className="editor-saying" open={points.length + faults.length + focuses.length > 0}>
      <summary>What to watch and to say</summary>
      <div className="editor-saying-rows">
        <Rows
          label="To watch"
          rows={points}
          most={12}
          fresh={() => ({ text: '', phase: null })}
          add="A point to watch"
          onRows={(rows) => change({ points: rows })}
        >
          {(point, to, place) => (
            <div className="editor-two">
              <Input.TextArea
                autoSize
                value={point.text}
                maxLength={140}
                aria-label={`Point ${place + 1}`}
                onChange={({ target }) => to({ ...point, text: target.value })}
              />
              <Select
                value={point.phase ?? WHOLE}
                options={phases}
                popupMatchSelectWidth={false}
                aria-label={`Where point ${place + 1} belongs`}
                onChange={(phase) => to({ ...point, phase: phase === WHOLE ? null : phase })}
              />
            </div>
          )}
        </Rows>
        <Rows
          label="Often seen, and what to say"
          rows={faults}
          most={8}
          fresh={() => ({ seen: '', say: '' })}
          add="A usual fault"
          onRows={(rows) => change({ faults: rows })}
        >
          {(fault, to, place) => (
            <div className="editor-two">
              <Input.TextArea
                autoSize
                value={fault.seen}
                maxLength={120}
                placeholder="What is seen"
                aria-label={`Fault ${place + 1}`}
                onChange={({ target }) => to({ ...fault, seen: target.value })}
              />
              <Input.TextArea
                autoSize
                value={fault.say}
                maxLength={120}
                placeholder="What to say"
                aria-label={`What to say to fault ${place + 1}`}
                onChange={({ target }) => to({ ...fault, say: target.value })}
              />
            </div>
          )}
        </Rows>
        <div>
          <Rows
            label="What each round looks at"
            rows={focuses}
            most={8}
            fresh={() => ''}
            add="A focus"
            onRows={(rows) => change({ focuses: rows })}
          >
            {(focus, to, place) => (
              <Input
                value={focus}
                maxLength={80}
                aria-label={`Focus of round ${place + 1}`}
                onChange={({ target }) => to(target.value)}
              />
            )}
          </Rows>
          <Input
            value={meaning}
            maxLength={300}
            placeholder="What tradition says of it"
            aria-label="What tradition says of it"
            onChange={({ target }) => change({ meaning: target.value })}
          />
          <TagsField tags={tags} onTags={(said) => change({ tags: said })} />
          <div className="editor-series">
            <Input
              value={series?.name ?? ''}
              maxLength={80}
              placeholder="Part of a series"
              aria-label="Series"
              onChange={({ target: { value } }) =>
                change({ series: value === '' ? null : { part: 1, of: 1, ...series, name: value } })
              }
            />
            {series && (
              <>
                <InputNumber
                  value={series.part}
                  min={1}
                  max={series.of}
                  prefix="part"
                  aria-label="Part"
                  onChange={(part) => part && change({ series: { ...series, part } })}
                />
                <InputNumber
                  value={series.of}
                  min={series.part}
                  max={60}
                  prefix="of"
                  aria-label="Of how many"
                  onChange={(of) => of && change({ series: { ...series, of } })}
                />
              </>
            )}
          </div>
        </div>
      </div>
    </details>
  );
}

/** A movement without the rows in which nothing was written. */
export const withoutEmptyRows = (movement: Movement): Movement => ({
  ...movement,
  points: movement.points.filter(({ text }) => text.trim() !== ''),
  faults: movement.faults.filter(({ seen, say }) => seen.trim() !== '' || say.trim() !== ''),
  focuses: movement.focuses.filter((focus) => focus.trim() !== ''),
});
