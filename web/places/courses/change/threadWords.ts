import type { IntroSize, ThreadKind, Wish } from '../../../../core/course/schema/thread';

export const KIND_WORDS: Readonly<Record<ThreadKind, string>> = {
  steps: 'in steps',
  whole: 'whole first',
  amount: 'by amount',
  rotation: 'in rotation',
  principle: 'a principle',
};

export const WISH_WORDS: Readonly<Record<Wish, string>> = {
  must: 'must be reached',
  want: 'wanted',
  room: 'if there is room',
};
export const WISH_OPTIONS = (['must', 'want', 'room'] as const).map((value) => ({ value, label: WISH_WORDS[value] }));

const SIZE_WORDS: Readonly<Record<IntroSize, string>> = {
  S: 'small, 4 min',
  M: 'middling, 8 min',
  L: 'large, 12 min',
};
export const SIZE_OPTIONS = (['S', 'M', 'L'] as const).map((value) => ({ value, label: SIZE_WORDS[value] }));
