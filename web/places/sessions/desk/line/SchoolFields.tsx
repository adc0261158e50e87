import { InputNumber } from 'antd';
import { memo, useMemo } from 'react';
import type { OwnSchools, Schools } from '../../../../../core/movement/adapt/schools';
import {
  answerLabel,
  answerTo,
  SCHOOL_QUESTIONS,
  type SchoolQuestion,
} from '../../../../../core/movement/adapt/schoolWords';
import type { Movement } from '../../../../../core/movement/schema/movement';
import type { MovementItem } from '../../../../../core/session/plan/session';
import { schoolsThatMatter } from '../../../../../core/traits/schoolsThatMatter';
import { ChoiceField } from './ChoiceField';

interface Props {
  readonly movement: Movement;
  readonly own: OwnSchools;
  /** How the class is done. */
  readonly schools: Schools;
  readonly onChange: (to: Partial<MovementItem>) => void;
}

/** What a line does otherwise than its class where schools disagree; only what makes a difference to its movement is asked. */
export const SchoolFields = memo(function SchoolFields({ movement, own, schools, onChange }: Props) {
  const questions = useMemo(() => {
    const matter = schoolsThatMatter(movement);
    return SCHOOL_QUESTIONS.filter(({ key }) => matter.includes(key));
  }, [movement]);
  return questions.map((question) => (
    <SchoolField key={question.key} question={question} own={own} schools={schools} onChange={onChange} />
  ));
});

const AS_CLASS = 'as-class';
const PERCENT = 'percent';
/** The percent that a field begins with: none of the ready answers. */
const BEGINS_AT = 85;

function SchoolField({
  question,
  own,
  schools,
  onChange,
}: Omit<Props, 'movement'> & { readonly question: SchoolQuestion }) {
  const { key, asks, short, answers } = question;
  const options = useMemo(() => {
    const around = answerLabel(question, schools);
    return [
      { value: AS_CLASS, label: `As the class: ${around}` },
      ...answers.map(({ label }, place) => ({ value: String(place), label })),
      ...(question.percent ? [{ value: PERCENT, label: 'So many percent' }] : []),
    ];
  }, [question, schools, answers]);
  const place = answerTo(question, own);
  const put = (value: string): Partial<MovementItem> => {
    const { [key]: _, ...others } = own;
    if (value === AS_CLASS) return { schools: others };
    const said = value === PERCENT ? question.percent?.say(BEGINS_AT) : answers[Number(value)]?.said;
    return { schools: { ...others, ...said } };
  };
  const given = own[key];
  const percent = place < 0 && typeof given === 'number' ? given : null;
  return (
    <>
      <ChoiceField
        label={short}
        name={asks}
        value={percent !== null ? PERCENT : place < 0 ? AS_CLASS : String(place)}
        options={options}
        put={put}
        onChange={onChange}
      />
      {percent !== null && question.percent && (
        <>
          <span />
          <InputNumber
            value={percent}
            min={question.percent.min}
            max={question.percent.max}
            precision={0}
            suffix="%"
            aria-label={`${asks}, percent`}
            onChange={(said) => said !== null && onChange({ schools: { ...own, ...question.percent?.say(said) } })}
          />
        </>
      )}
    </>
  );
}
