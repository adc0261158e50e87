import { Button, Modal, Select } from 'antd';
import { useState } from 'react';
import { unique } from 'remeda';
import type { HeldClass } from '../../../core/course/calendar/courseClasses';
import { catchUp } from '../../../core/course/classes/catchUp';
import { missedBy } from '../../../core/course/classes/notSeen';
import type { Course } from '../../../core/course/schema/course';
import { today } from '../../app/machine/clock';
import { dayInWords } from '../../app/words';
import { useTaughtClasses } from '../../course/useTaughtClasses';

interface Props {
  readonly course: Course;
  readonly held: readonly HeldClass[];
  /** The place of the next class. */
  readonly next: number;
}

/**
 * What somebody missed, in order and with its minutes, and the least they need before the next class. Who it is need not be said; where it
 * is, the classes they were not in are known.
 */
export function CatchUp({ course, held, next }: Props) {
  const [isOpen, setOpen] = useState(false);
  const past = held.slice(0, next);
  const [missed, setMissed] = useState<readonly string[]>([]);
  const known = useTaughtClasses(course);
  const choose = (id: string) => {
    const person = known?.people.find((one) => one.id === id);
    setMissed(person && known ? missedBy(person, known.taught) : []);
  };
  const things = catchUp(course, held, new Set(missed), next);
  const needed = things.filter(({ isNeeded }) => isNeeded);
  return (
    <>
      <Button disabled={past.length === 0} onClick={() => setOpen(true)}>
        Catch up
      </Button>
      <Modal open={isOpen} title="What was missed" footer={null} onCancel={() => setOpen(false)}>
        {known && (
          <>
            <label htmlFor="missed-by">Who</label>
            <Select
              id="missed-by"
              className="catch-up-classes"
              placeholder="Anybody"
              options={known.people.map(({ id, called }) => ({ value: id, label: called }))}
              onChange={choose}
            />
          </>
        )}
        <label htmlFor="missed-classes">Not there in</label>
        <Select
          id="missed-classes"
          mode="multiple"
          className="catch-up-classes"
          value={[...missed]}
          options={past.map(({ id, number, date }) => ({
            value: id,
            label: `Class ${number}, ${dayInWords(date, today())}`,
          }))}
          onChange={(ids: string[]) => setMissed(ids)}
        />
        {missed.length > 0 && things.length === 0 && <p>Nothing new was shown then.</p>}
        <ul className="catch-up">
          {things.map(({ title, steps, number, minutes, shownAgain, isNeeded }) => (
            <li key={`${number} ${title}`}>
              <span className="name">{title}</span>: {steps.join(', ')}, {minutes} min in class {number}
              {shownAgain !== null && <span className="faded">, shown again in class {shownAgain}</span>}
              {isNeeded && (
                <>
                  , <strong>needed next time</strong>
                </>
              )}
            </li>
          ))}
        </ul>
        {needed.length > 0 && (
          <p>
            Before the next class: {unique(needed.map(({ title }) => title)).join(', ')}, about{' '}
            {needed.reduce((sum, { minutes }) => sum + minutes, 0)} minutes.
          </p>
        )}
      </Modal>
    </>
  );
}
