import { memo, useMemo } from 'react';
import type { OwnSchools, Schools } from '../../../../../core/movement/adapt/schools';
import { answerTo, SCHOOL_QUESTIONS, type SchoolQuestion } from '../../../../../core/movement/adapt/schoolWords';
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

function SchoolField({
  question,
  own,
  schools,
  onChange,
}: Omit<Props, 'movement'> & { readonly question: SchoolQuestion }) {
  const { key, asks, short, answers } = question;
  const options = useMemo(() => {
    const around = answers[answerTo(question, schools)]?.label.toLowerCase();
    return [
      { value: AS_CLASS, label: `As the class: ${around}` },
      ...answers.map(({ label }, place) => ({ value: String(place), label })),
    ];
  }, [question, schools, answers]);
  const place = answerTo(question, own);
  const put = (value: string): Partial<MovementItem> => {
    const { [key]: _, ...others } = own;
    return { schools: value === AS_CLASS ? others : { ...others, ...answers[Number(value)]?.said } };
  };
  return (
    <ChoiceField
      label={short}
      name={asks}
      value={place < 0 ? AS_CLASS : String(place)}
      options={options}
      put={put}
      onChange={onChange}
    />
  );
}
