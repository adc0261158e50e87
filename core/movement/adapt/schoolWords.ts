import { type OwnSchools, type Schools, USUAL_SCHOOLS } from './schools';

/** One question on which schools disagree, as it is asked and answered. */
export interface SchoolQuestion {
  readonly key: keyof Schools;
  readonly asks: string;
  /** The question in a word or two, for where there is little room. */
  readonly short: string;
  /** Why the usual answer is the usual one. */
  readonly why: string;
  readonly answers: readonly { readonly label: string; readonly said: OwnSchools }[];
  /** Where any whole percent may be said besides the answers: from how much to how much, and what that says. */
  readonly percent?: { readonly min: number; readonly max: number; readonly say: (percent: number) => OwnSchools };
}

const shares = [60, 70, 80, 100].map((frontShare) => ({ label: `${frontShare} %`, said: { frontShare } }));

const backShares = [75, 90, 100].map((backShare) => ({ label: `${backShare} %`, said: { backShare } }));

/** Every question that is a setting of a group, a class and a line. */
export const SCHOOL_QUESTIONS: readonly SchoolQuestion[] = [
  {
    key: 'frontShare',
    asks: 'Front leg in a bow stance',
    short: 'Front leg',
    why: 'With 70 % the back leg still helps, and the front knee is not pressed past the toes. A movement that is written with a share of its own keeps it.',
    answers: shares,
    percent: { min: 50, max: 100, say: (frontShare) => ({ frontShare }) },
  },
  {
    key: 'backShare',
    asks: 'Sitting back in a bow stance',
    short: 'Sitting back',
    why: 'Most sit back until the front foot is nearly empty. Who leaves more on it stands more firmly and bends the back knee less.',
    answers: [{ label: 'As each is written', said: { backShare: 'as-written' } }, ...backShares],
    percent: { min: 60, max: 100, say: (backShare) => ({ backShare }) },
  },
  {
    key: 'weightedTurns',
    asks: 'Turning a foot',
    short: 'Feet turn',
    why: 'A foot that bears nothing turns without twisting the knee. Turning on the weighted foot also wants a floor that lets it slide.',
    answers: [
      { label: 'When it is empty', said: { weightedTurns: false } },
      { label: 'With weight on it', said: { weightedTurns: true } },
    ],
  },
  {
    key: 'toesRise',
    asks: 'Rocking back',
    short: 'Rocking',
    why: 'A flat sole keeps the ankle easy and the stance wide. Rising toes stretch the calf and stand less firmly.',
    answers: [
      { label: 'The sole stays flat', said: { toesRise: false } },
      { label: 'The front toes rise', said: { toesRise: true } },
    ],
  },
  {
    key: 'kneesStraighten',
    asks: 'Knees at the top',
    short: 'Knees',
    why: 'Soft knees do not lock and keep the balance low. Straightening on the firm half rests the thighs, and never goes to the end.',
    answers: [
      { label: 'Stay soft', said: { kneesStraighten: false } },
      { label: 'Straighten, unlocked', said: { kneesStraighten: true } },
    ],
  },
  {
    key: 'head',
    asks: 'Head height through a step',
    short: 'Head',
    why: 'A level head keeps the knees honest: whoever bobs has straightened one. Rising and sinking is taught where breath leads the step.',
    answers: [
      { label: 'Level', said: { head: 'level' } },
      { label: 'With the breath', said: { head: 'with-the-breath' } },
    ],
  },
];

/** The place of the answer that is given to a question, from 0; -1 where none is. */
export const answerTo = ({ key, answers }: SchoolQuestion, given: OwnSchools): number =>
  answers.findIndex(({ said }) => said[key] === given[key]);

/** A question with the answer that is given: "Front leg in a bow stance: 60 %". */
export const answerWords = (question: SchoolQuestion, given: OwnSchools): string =>
  `${question.asks}: ${answerLabel(question, given)}`;

/** The answer that is given to a question, as it stands beside it: "70 %". */
export const answerLabel = (question: SchoolQuestion, given: OwnSchools): string =>
  question.answers[answerTo(question, given)]?.label.toLowerCase() ?? `${given[question.key]} %`;

/** What a line answers for itself. Nothing where it does as its class. */
export const ownWords = (own: OwnSchools): string[] =>
  SCHOOL_QUESTIONS.filter(({ key }) => own[key] !== undefined).map((question) => answerWords(question, own));

/** What is answered otherwise than usual. Nothing where nothing is. */
export const schoolsWords = (schools: Schools): string[] =>
  SCHOOL_QUESTIONS.filter(({ key }) => schools[key] !== USUAL_SCHOOLS[key]).map((question) =>
    answerWords(question, schools),
  );
