import { Button, Input, InputNumber, Select } from 'antd';
import type { CourseThread, ThreadLayer } from '../../../../core/course/schema/thread';
import { topicKind } from '../../../../core/course/schema/topicKinds';
import { NumberField } from '../../../fields/NumberField';
import { KIND_WORDS, WISH_OPTIONS, WISH_WORDS } from './threadWords';

interface Props {
  readonly thread: CourseThread;
  readonly threads: readonly CourseThread[];
  readonly onChange: (thread: CourseThread) => void;
  readonly onLeaveOut: () => void;
}

/** One thread: how much it is wished for, what is known of it, and under it all that was filled in. */
export function ThreadFields({ thread, threads, onChange, onLeaveOut }: Props) {
  const { title, kind, wish, layers, practise, known, every } = thread;
  const change = (part: Partial<CourseThread>) => onChange({ ...thread, ...part });
  const { isKept, isByMinutes, isAsOftenAsSaid } = topicKind({ kind });
  const minutes = (place: number, value: number | null) =>
    value !== null && change({ practise: practise.map((one, index) => (index === place ? value : one)) });
  return (
    <details className="change-thread">
      <summary>
        <span className="name">{title}</span>
        <span className="faded">
          {KIND_WORDS[kind]}, {WISH_WORDS[wish]}
        </span>
      </summary>
      <div className="change-row change-thread-head">
        <Select
          aria-label={`How much ${title} is wished for`}
          value={wish}
          options={WISH_OPTIONS}
          onChange={(next) => change({ wish: next })}
        />
        {!isKept && (
          <InputNumber
            aria-label={`Known of ${title}, steps`}
            min={0}
            max={layers.length}
            suffix={`of ${layers.length} known`}
            value={known}
            onChange={(next) => next !== null && change({ known: next })}
          />
        )}
        <Button onClick={onLeaveOut} aria-label={`Leave out ${title}`}>
          Leave out
        </Button>
      </div>
      {isKept && (
        <NumberField
          label="Comes back at least every"
          value={every}
          least={1}
          most={12}
          unit={every === 1 ? 'class' : 'classes'}
          onChange={(next) => change({ every: next })}
        />
      )}
      {isByMinutes && (
        <>
          <MinutesField label="In the first class" value={practise[0] ?? 1} onChange={(next) => minutes(0, next)} />
          <MinutesField
            label="In the last class"
            value={practise.at(-1) ?? 1}
            onChange={(next) => minutes(practise.length - 1, next)}
          />
        </>
      )}
      {isAsOftenAsSaid && (
        <MinutesField label="To practise it" value={practise[0] ?? 1} onChange={(next) => minutes(0, next)} />
      )}
      {!isKept && <Steps thread={thread} onChange={change} />}
      {thread.after.length > 0 && (
        <p className="faded">
          {thread.after
            .map(({ thread: other, layers: many, mine }) => {
              const name = threads.find((one) => one.id === other)?.title ?? other;
              return `Step ${mine} waits for ${name}, ${many === 1 ? 'one step' : `${many} steps`} of it`;
            })
            .join('. ')}
          .{' '}
          <Button type="link" onClick={() => change({ after: [] })} aria-label={`${title} waits for nothing`}>
            Let it wait for nothing
          </Button>
        </p>
      )}
    </details>
  );
}

interface MinutesProps {
  readonly label: string;
  readonly value: number;
  readonly onChange: (minutes: number) => void;
}

/** Minutes that something is practised for. */
const MinutesField = (props: MinutesProps) => <NumberField {...props} least={0.5} most={60} step={0.5} unit="min" />;

/** The steps of a thread: what it takes to introduce each, how much of it is new, and how long it is practised with it. */
function Steps({
  thread: { title, layers, practise },
  onChange,
}: {
  readonly thread: CourseThread;
  readonly onChange: (part: Partial<CourseThread>) => void;
}) {
  const layer = (place: number, part: Partial<ThreadLayer>) =>
    onChange({ layers: layers.map((one, index) => (index === place ? { ...one, ...part } : one)) });
  return (
    <table className="change-steps">
      <thead>
        <tr>
          <th scope="col">Step</th>
          <th scope="col">To introduce it, min</th>
          <th scope="col">Counts as new</th>
          <th scope="col">To practise with it, min</th>
        </tr>
      </thead>
      <tbody>
        {layers.map(({ name, minutes, weight }, place) => (
          <tr key={place}>
            <td>
              <Input
                aria-label={`${title}, step ${place + 1}`}
                maxLength={80}
                value={name}
                onChange={({ target }) => layer(place, { name: target.value })}
              />
            </td>
            <td>
              <InputNumber
                aria-label={`Minutes to introduce step ${place + 1} of ${title}`}
                min={0}
                max={60}
                step={0.5}
                value={minutes}
                onChange={(next) => next !== null && layer(place, { minutes: next })}
              />
            </td>
            <td>
              <InputNumber
                aria-label={`Step ${place + 1} of ${title} counts as new`}
                min={0}
                max={4}
                step={0.25}
                value={weight}
                onChange={(next) => next !== null && layer(place, { weight: next })}
              />
            </td>
            <td>
              <InputNumber
                aria-label={`Minutes to practise ${title} with step ${place + 1}`}
                min={0}
                max={60}
                step={0.5}
                value={practise[place] ?? 0}
                onChange={(next) =>
                  next !== null && onChange({ practise: practise.map((one, index) => (index === place ? next : one)) })
                }
              />
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
