import type { Form } from '../../movement/schema/form';
import type { CourseThread, Taught } from './thread';

/** What of a form is meant: its postures from one to another, numbered from 0, the last excluded. */
interface Stretch {
  readonly from?: number;
  readonly upTo: number;
}

/** What is taught by a topic, for those who need not know which kind of thing that is. */
export interface TopicContent {
  /** What is introduced is done once more before the class ends. */
  readonly isDoneAgain: boolean;
  /** It is learnt posture by posture and run from its first one, which takes its own place in a class. */
  readonly isRun: boolean;
  /** It is only said: nothing is practised by it, and nothing can be missing for it. */
  readonly isSaid: boolean;
  /** The stages bear names of movements, which keep their capitals. */
  readonly hasNamedStages: boolean;
  /** The one movement it is; null for what is more than one, or none. */
  readonly movementId: string | null;
  /** The form it is, with how many of its postures are taught. */
  readonly form: { readonly id: string; readonly postures: number } | null;
  /** What is kept in mind in other lines. */
  readonly focus: string | null;
  /** The same where its movement has another name. */
  readonly renamed: (nameOf: (movementId: string) => string) => Taught;
  /** The ids of the movements it is made of; of a form those in a stretch, all that are taught unless another is given. */
  readonly movementIds: (forms: readonly Form[], stretch?: Stretch) => string[];
}

const NOTHING: Omit<TopicContent, 'renamed'> = {
  isDoneAgain: false,
  isRun: false,
  isSaid: false,
  hasNamedStages: false,
  movementId: null,
  form: null,
  focus: null,
  movementIds: () => [],
};

/** What is particular to each kind of thing a topic may be about. A new kind is a new row here, and one where topics are made. */
const CONTENTS: { readonly [Kind in Taught['kind']]: (taught: Extract<Taught, { kind: Kind }>) => TopicContent } = {
  movement: ({ id, kind }) => ({
    ...NOTHING,
    isDoneAgain: true,
    movementId: id,
    renamed: (nameOf) => ({ kind, id: nameOf(id) }),
    movementIds: () => [id],
  }),
  form: (taught) => ({
    ...NOTHING,
    isRun: true,
    hasNamedStages: true,
    form: { id: taught.id, postures: taught.places },
    renamed: () => taught,
    movementIds: (forms, { from = 0, upTo } = { upTo: taught.places }) =>
      (forms.find(({ id }) => id === taught.id)?.entries ?? []).slice(from, upTo).map(({ movementId }) => movementId),
  }),
  words: (taught) => ({ ...NOTHING, isSaid: true, focus: taught.focus, renamed: () => taught }),
};

/** What a topic teaches. */
export const contentOf = ({ taught }: Pick<CourseThread, 'taught'>): TopicContent =>
  (CONTENTS[taught.kind] as (one: Taught) => TopicContent)(taught);
