import { AutoComplete, Button, Input, InputNumber, Select } from 'antd';
import { useState } from 'react';
import type { Course } from '../../../../core/course/schema/course';
import type { CourseThread, IntroSize, ThreadKind, Wish } from '../../../../core/course/schema/thread';
import { topicKind } from '../../../../core/course/schema/topicKinds';
import { withThreadAdded } from '../../../../core/course/syllabus/addThread';
import { formThread, movementThread, principleThread } from '../../../../core/course/syllabus/makeThread';
import { usualName } from '../../../../core/movement/schema/movement';
import { baseId } from '../../../../core/movement/schema/version';
import { freshId } from '../../../app/machine/freshId';
import { useRepertoire } from '../../../app/repertoire';
import { KIND_WORDS, SIZE_OPTIONS, WISH_OPTIONS } from './threadWords';

interface Props {
  readonly course: Course;
  readonly onAdd: (threads: CourseThread[]) => void;
}

const OFFERED = 8;
const USUAL_PLACES = 6;

/** One thread more: what it is, how it is taught, how much it is wished for. All else is filled in. */
export function AddThread({ course, onAdd }: Props) {
  const { search, find, forms } = useRepertoire();
  const [text, setText] = useState('');
  const [kind, setKind] = useState<ThreadKind>('steps');
  const [wish, setWish] = useState<Wish>('want');
  const [size, setSize] = useState<IntroSize>('M');
  const [places, setPlaces] = useState(USUAL_PLACES);
  const words = text.trim().toLowerCase();
  const form = forms.find(({ names }) => names.english.some((name) => name.toLowerCase() === words));
  const found = search(text).slice(0, OFFERED);
  const movement = found.find((one) => usualName(one).toLowerCase() === words) ?? null;
  const offered = [
    ...forms.filter(({ names }) => words !== '' && names.english.some((name) => name.toLowerCase().includes(words))),
  ].flatMap(({ names }) => names.english.slice(0, 1));
  const { isOnlySaid, hasSize } = topicKind({ kind });
  const isThere = (id: string) => course.threads.some((one) => one.id === id);
  const made = (): CourseThread | null => {
    if (isOnlySaid) return words === '' ? null : principleThread(freshId('principle'), text.trim(), text.trim(), wish);
    const asked = { kind, wish, size };
    if (form) return formThread(form, places, asked, find);
    return movement ? { ...movementThread(movement, asked, find), id: baseId(movement.id) } : null;
  };
  const thread = made();
  const add = () => {
    if (!thread) return;
    onAdd(withThreadAdded(course, thread, forms));
    setText('');
  };
  return (
    <section className="add-thread" aria-label="One thread more">
      <h3>One more</h3>
      <div className="change-row">
        <Select
          aria-label="How it is taught"
          value={kind}
          options={Object.entries(KIND_WORDS).map(([value, label]) => ({ value: value as ThreadKind, label }))}
          onChange={setKind}
        />
        {isOnlySaid ? (
          <Input
            aria-label="What is looked at"
            placeholder="which foot is full"
            maxLength={80}
            value={text}
            onChange={({ target }) => setText(target.value)}
          />
        ) : (
          <AutoComplete
            aria-label="Movement or form"
            placeholder="cloud hands"
            value={text}
            options={[...offered, ...found.map(usualName)].map((value) => ({ value }))}
            onChange={setText}
          />
        )}
        {form && (
          <InputNumber
            aria-label="Places of the form"
            min={1}
            max={form.entries.length}
            suffix={`of ${form.entries.length} places`}
            value={Math.min(places, form.entries.length)}
            onChange={(next) => next !== null && setPlaces(next)}
          />
        )}
        <Select aria-label="How much it is wished for" value={wish} options={WISH_OPTIONS} onChange={setWish} />
        {hasSize && <Select aria-label="How large it is" value={size} options={SIZE_OPTIONS} onChange={setSize} />}
        <Button disabled={!thread || isThere(thread.id)} onClick={add}>
          Add
        </Button>
      </div>
      {thread && isThere(thread.id) && <p className="faded">{thread.title} is in the course already.</p>}
    </section>
  );
}
