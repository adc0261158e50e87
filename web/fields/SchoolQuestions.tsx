import { InputNumber, Radio } from 'antd';
import { type Schools, schoolsOf, USUAL_SCHOOLS } from '../../core/movement/adapt/schools';
import { answerTo, SCHOOL_QUESTIONS } from '../../core/movement/adapt/schoolWords';
import './schools.css';

interface Props {
  readonly schools: Schools;
  readonly onAnswer: (schools: Schools) => void;
}

/** Where schools disagree: each question with its answers, the usual one in bold, and why it is asked. */
export function SchoolQuestions({ schools, onAnswer }: Props) {
  return (
    <>
      {SCHOOL_QUESTIONS.map((question) => {
        const { key, asks, why, answers, percent } = question;
        return (
          <fieldset key={key}>
            <legend>{asks}</legend>
            <Radio.Group
              size="small"
              optionType="button"
              value={answerTo(question, schools)}
              options={answers.map(({ label, said: answered }, value) => ({
                value,
                label: answered[key] === USUAL_SCHOOLS[key] ? <strong title="usual">{label}</strong> : label,
              }))}
              onChange={({ target }) => onAnswer(schoolsOf(answers[target.value]?.said ?? {}, schools))}
            />
            {percent && (
              <InputNumber
                size="small"
                className="schools-percent"
                value={answerTo(question, schools) < 0 ? Number(schools[key]) : null}
                min={percent.min}
                max={percent.max}
                precision={0}
                suffix="%"
                placeholder="other"
                aria-label={`${asks}, percent`}
                onChange={(many) => many !== null && onAnswer(schoolsOf(percent.say(many), schools))}
              />
            )}
            <p>{why}</p>
          </fieldset>
        );
      })}
    </>
  );
}
