import type { Session } from '../../../../../core/session/plan/session';
import type { AskedOf } from '../../../../class/useAsked';
import type { Findings } from './useJudgement';

/** What everything that tells of findings needs to know. */
export interface NoticedProps {
  readonly session: Session;
  readonly askedOf: AskedOf;
  /** Null while the class has not been judged yet. */
  readonly findings: Findings | null;
}
