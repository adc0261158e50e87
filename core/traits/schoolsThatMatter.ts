import equal from 'fast-deep-equal';
import { asTaught, rulesOf, type Schools, schoolsOf, USUAL_SCHOOLS } from '../movement/adapt/schools';
import { SCHOOL_QUESTIONS } from '../movement/adapt/schoolWords';
import type { Movement } from '../movement/schema/movement';
import { rememberFor } from '../remember/rememberFor';
import { footworkOf } from './checkMovement';

/** The questions whose answer makes a difference to a movement: in how it is done, or in what is said of its feet. */
export const schoolsThatMatter = rememberFor((movement: Movement): readonly (keyof Schools)[] => {
  const usual = asTaught(movement, USUAL_SCHOOLS);
  const matters = SCHOOL_QUESTIONS.filter(({ answers }) =>
    answers.some(({ said }) => {
      const schools = schoolsOf(said, USUAL_SCHOOLS);
      return (
        !equal(asTaught(movement, schools).parts, usual.parts) ||
        !equal(footworkOf(movement, rulesOf(schools)), footworkOf(movement))
      );
    }),
  ).map(({ key }) => key);
  return matters;
});
