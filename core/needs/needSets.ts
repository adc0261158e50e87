import type { NeedKind } from './need';

/** What people say, and what an instructor then usually does. The words chosen are not kept, only what is to be done. */
export interface NeedSet {
  readonly said: string;
  readonly kinds: readonly NeedKind[];
}

/** Always said beside them. */
export const ASK_FIRST =
  'Ask the person and, where a clinician treats them, what the clinician says. Theirs comes first.';

/** Ready-made sets; a start for asking, never a rule. Conventions, after the usual cautions. */
export const NEED_SETS: readonly NeedSet[] = [
  { said: '“My knee”', kinds: ['higher-stance', 'no-twist', 'chair-near'] },
  { said: '“My shoulder”', kinds: ['arm-low'] },
  { said: '“My back”', kinds: ['soft-fold', 'pauses'] },
  { said: '“I fell this year”', kinds: ['chair-near', 'wall-near', 'rise-slowly'] },
  { said: '“A new hip”', kinds: ['higher-stance', 'no-twist', 'soft-fold', 'chair-near'] },
  { said: '“Blood pressure tablets”', kinds: ['head-up', 'rise-slowly', 'no-breath-holding'] },
  { said: '“I am pregnant”', kinds: ['no-breath-holding', 'no-twist', 'gentle-pressing', 'soft-fold', 'pauses'] },
  { said: '“Thin bones”', kinds: ['soft-fold', 'no-twist', 'gentle-pressing', 'chair-near'] },
  { said: '“My eyes (pressure)”', kinds: ['head-up', 'no-breath-holding', 'soft-fold'] },
  { said: '“I do not hear well”', kinds: ['front-row'] },
  { said: '“I cannot stand long”', kinds: ['sits-for-parts', 'pauses'] },
];
