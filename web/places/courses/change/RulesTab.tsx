import { Input } from 'antd';
import { useId, useState } from 'react';
import { heldClasses } from '../../../../core/course/calendar/courseClasses';
import { interpolate } from '../../../../core/course/plan/interpolate';
import type { Course } from '../../../../core/course/schema/course';
import { CourseRules } from '../../../../core/course/schema/rules';
import { topicKind } from '../../../../core/course/schema/topicKinds';
import { today } from '../../../app/machine/clock';
import { NumberField } from '../../../fields/NumberField';
import { Curve } from './Curve';

interface Props {
  readonly course: Course;
  readonly onChange: (course: Course) => void;
}

/** The figures a course is planned by, and the curves its classes follow. */
export function RulesTab({ course, onChange }: Props) {
  const { rules } = course;
  const set = (part: Partial<CourseRules>) => onChange({ ...course, rules: { ...rules, ...part } });
  const classes = heldClasses(course.calendar, today()).length;
  const over = (from: number, to: number) =>
    Array.from({ length: classes }, (_, place) => interpolate(from, to, place / Math.max(1, classes - 1)));
  return (
    <div className="change-rules">
      <section>
        <h3>What is new</h3>
        <NumberField
          label="New in a class"
          value={rules.newPerClass}
          least={0}
          most={6}
          step={0.25}
          about="By layer and weight. Beginners 1 to 1.5, steady 2, seated or mixed 1."
          onChange={(newPerClass) => set({ newPerClass })}
        />
        <NumberField
          label="Of that, over the term at most"
          value={Math.round(rules.newShare * 100)}
          least={20}
          most={100}
          step={5}
          unit="%"
          about="Someone is always away."
          onChange={(share) => set({ newShare: share / 100 })}
        />
        <NumberField
          label="Every so many classes nothing new"
          value={rules.consolidateEvery}
          least={0}
          most={12}
          about="0: every class may bring something new."
          onChange={(consolidateEvery) => set({ consolidateEvery })}
        />
        <NumberField
          label="Nothing new in the last"
          value={rules.lastWithoutNew}
          least={0}
          most={6}
          unit="classes"
          onChange={(lastWithoutNew) => set({ lastWithoutNew })}
        />
        <NumberField
          label="Nor after a pause of"
          value={rules.pauseDays}
          least={2}
          most={90}
          unit="days"
          onChange={(pauseDays) => set({ pauseDays })}
        />
        <NumberField
          label="A second showing takes"
          value={Math.round(rules.secondShowing * 100)}
          least={0}
          most={100}
          step={5}
          unit="% of it"
          about="The first practice after something new shows it again to those who were away."
          onChange={(share) => set({ secondShowing: share / 100 })}
        />
      </section>
      <section>
        <h3>Time</h3>
        <NumberField
          label="Main part"
          value={Math.round(rules.mainShare * 100)}
          least={20}
          most={80}
          step={5}
          unit="% of class"
          onChange={(share) => set({ mainShare: share / 100 })}
        />
        <NumberField
          label="Less in the first class"
          value={rules.firstLess}
          least={0}
          most={30}
          unit="min"
          onChange={(firstLess) => set({ firstLess })}
        />
        <NumberField
          label="Less in the last class"
          value={rules.lastLess}
          least={0}
          most={30}
          unit="min"
          onChange={(lastLess) => set({ lastLess })}
        />
        <h3>Coming again</h3>
        <GapsField gaps={rules.gaps} onChange={(gaps) => set({ gaps })} />
        <NumberField
          label="Every must within the last"
          value={rules.mustWithin}
          least={1}
          most={8}
          unit="classes"
          onChange={(mustWithin) => set({ mustWithin })}
        />
      </section>
      <section className="change-curves">
        <h3>From class to class</h3>
        <Curve title="Practice grows" unit="times its usual minutes" values={over(rules.amountFrom, rules.amountTo)}>
          <NumberField
            label="First class"
            value={rules.amountFrom}
            least={0.2}
            most={2}
            step={0.1}
            onChange={(amountFrom) => set({ amountFrom })}
          />
          <NumberField
            label="Last class"
            value={rules.amountTo}
            least={0.2}
            most={3}
            step={0.1}
            onChange={(amountTo) => set({ amountTo })}
          />
        </Curve>
        <Curve
          title="The class comes to rest after a piece"
          unit="s"
          values={over(rules.settleFrom, rules.settleTo).map((one) => (Math.round(one) <= 2 ? 0 : Math.round(one)))}
        >
          <NumberField
            label="First class"
            value={rules.settleFrom}
            least={0}
            most={60}
            unit="s"
            onChange={(settleFrom) => set({ settleFrom })}
          />
          <NumberField
            label="Last class"
            value={rules.settleTo}
            least={0}
            most={60}
            unit="s"
            about="Two or less: pieces are chained."
            onChange={(settleTo) => set({ settleTo })}
          />
        </Curve>
        <div className="change-curve">
          <h4>Words thin out</h4>
          <p className="faded">Explained when it is new, then</p>
          <NumberField
            label="Named"
            value={rules.namedFor}
            least={0}
            most={20}
            unit="times"
            onChange={(namedFor) => set({ namedFor })}
          />
          <NumberField
            label="Said while moving"
            value={rules.saidFor}
            least={0}
            most={40}
            unit="times"
            about="After that a strong group only moves; others go on being led."
            onChange={(saidFor) => set({ saidFor })}
          />
        </div>
        {course.threads
          .filter((thread) => topicKind(thread).isByMinutes)
          .map(({ id, title, practise }) => (
            <Curve
              key={id}
              title={`${title} lengthens`}
              unit="min"
              values={over(practise[0] ?? 0, practise.at(-1) ?? 0)}
            />
          ))}
      </section>
    </div>
  );
}

const readGaps = (text: string) =>
  CourseRules.shape.gaps.safeParse(
    text
      .split(/[\s,]+/)
      .filter((one) => one !== '')
      .map(Number),
  );

/** After how many classes a piece comes again, the first time, the second and so on: "1, 1, 2, 2, 3". */
function GapsField({
  gaps,
  onChange,
}: {
  readonly gaps: readonly number[];
  readonly onChange: (gaps: number[]) => void;
}) {
  const id = useId();
  const [text, setText] = useState(() => gaps.join(', '));
  const read = readGaps(text);
  return (
    <div className="number-field">
      <label htmlFor={id}>After so many classes at most</label>
      <Input
        id={id}
        value={text}
        maxLength={60}
        status={read.success ? '' : 'error'}
        aria-describedby={`${id}-about`}
        onChange={({ target }) => {
          setText(target.value);
          const next = readGaps(target.value);
          if (next.success) onChange(next.data);
        }}
      />
      <p id={`${id}-about`} className="faded">
        {read.success
          ? 'The first time it comes again, the second, and so on.'
          : 'Whole numbers of classes, 1 to 12, with commas.'}
      </p>
    </div>
  );
}
