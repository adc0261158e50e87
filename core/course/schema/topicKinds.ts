import type { CourseThread, ThreadKind } from './thread';

/** What is particular to a kind of topic. A new kind is a new row here, and nothing else asks which kind it is. */
interface TopicKind {
  /** It is known as it is, and kept up: nothing of it is introduced, and no stage of it can be unfinished. */
  readonly isKept: boolean;
  /** It is led by the minute, from its first figure to its last, and is no practice that could be missed. */
  readonly isByMinutes: boolean;
  /** It is followed entire from the first class on, and looked at place by place. */
  readonly isFollowedWhole: boolean;
  /** It is learnt stage by stage. */
  readonly isInStages: boolean;
  /** It is only said: it takes none of the minutes of a class when it is introduced, and is not run at the end. */
  readonly isOnlySaid: boolean;
  /** It comes back as often as is said of it. */
  readonly isAsOftenAsSaid: boolean;
  /** How large its introduction is, is said of it. */
  readonly hasSize: boolean;
  /** The number of classes within which it comes back, unless another is given. */
  readonly usualEvery: number;
  /** Why it is in a class, where its kind says so; null where its stages do. */
  readonly why: (every: number) => string | null;
}

const LEARNT: TopicKind = {
  isKept: false,
  isByMinutes: false,
  isFollowedWhole: false,
  isInStages: false,
  isOnlySaid: false,
  isAsOftenAsSaid: false,
  hasSize: false,
  usualEvery: 1,
  why: () => null,
};

const TOPIC_KINDS: Readonly<Record<ThreadKind, TopicKind>> = {
  steps: { ...LEARNT, isInStages: true, hasSize: true },
  whole: { ...LEARNT, isFollowedWhole: true, hasSize: true },
  principle: { ...LEARNT, isOnlySaid: true },
  amount: {
    ...LEARNT,
    isKept: true,
    isByMinutes: true,
    why: (every) => `It grows by the minute and comes in every ${every === 1 ? 'class' : `${every} classes`}.`,
  },
  rotation: {
    ...LEARNT,
    isKept: true,
    isAsOftenAsSaid: true,
    usualEvery: 3,
    why: (every) => `It is known, and comes back at least every ${every} classes.`,
  },
};

/** What is particular to a topic's kind. */
export const topicKind = ({ kind }: Pick<CourseThread, 'kind'>): TopicKind => TOPIC_KINDS[kind];
