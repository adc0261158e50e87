import type { ShortenAnswer } from '../../../../core/record/shorten';
import type { Session } from '../../../../core/session/plan/session';

/** What stands between asking to shorten and having done it. */
export type Shortening =
  | { readonly kind: 'looking' }
  | ShortenAnswer<Session>
  /** Nothing new is left to be dropped. */
  | { readonly kind: 'nothing-new' }
  /** Taken: for a while it can be taken back. */
  | { readonly kind: 'taken'; readonly words: string };
