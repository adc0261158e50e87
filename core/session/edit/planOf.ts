import equal from 'fast-deep-equal';
import { Plan } from '../plan/session';

const FIELDS = Object.keys(Plan.shape) as readonly (keyof Plan)[];

/** What of a class bears on its time, without who, where and when: the fields that a plan has, whichever those are. */
export const planOf = (session: Plan): Plan =>
  Object.fromEntries(
    FIELDS.flatMap((field) => (session[field] === undefined ? [] : [[field, session[field]]])),
  ) as Plan;

/** Whether two classes are the same on the clock and on the floor; a title or a day makes no difference. */
export const isSamePlan = (one: Plan, other: Plan): boolean => equal(planOf(one), planOf(other));
