import type { Plan } from '../session';
import { breathFlips } from './breathFlips';
import { breathParity } from './breathParity';
import { bridges } from './bridges';
import { coolDown } from './coolDown';
import { drift } from './drift';
import type { Bench, Check, Finding, Judged, Remedy } from './finding';
import { footwork } from './footwork';
import { headLow } from './headLow';
import { inOrder } from './inOrder';
import { judgedOf } from './judged';
import { longCall } from './longCall';
import { longRetention } from './longRetention';
import { notTaught } from './notTaught';
import { oneLeg } from './oneLeg';
import { overhead } from './overhead';
import { paceOutside } from './paceOutside';
import { risingFast } from './risingFast';
import { secondLower } from './secondLower';
import { sectionShare } from './sectionShare';
import { shortCoolDown } from './shortCoolDown';
import { slot } from './slot';
import { strained } from './strained';
import { turnedAway } from './turnedAway';
import { unequalSides } from './unequalSides';
import { unready } from './unready';

/** Every check there is. A new one is a file, and a line here. */
export const CHECKS: readonly Check[] = [
  slot,
  sectionShare,
  strained,
  unready,
  overhead,
  oneLeg,
  headLow,
  risingFast,
  unequalSides,
  drift,
  turnedAway,
  secondLower,
  bridges,
  breathParity,
  breathFlips,
  paceOutside,
  longRetention,
  longCall,
  notTaught,
  shortCoolDown,
  coolDown,
];

/** Checks that stand a body for every phase: asked for once the others have answered. */
export const PATIENT_CHECKS: readonly Check[] = [footwork];

/** Everything some checks find in a class. */
export const findingsOf = (judged: Judged, checks: readonly Check[] = CHECKS): Finding[] =>
  inOrder(checks.flatMap(({ look }) => look(judged)));

/**
 * Everything the checks find in a class.
 * @param standing keys of what was found before the last change, so that findings do not flicker
 */
export function judgeClass(plan: Plan, bench: Bench, standing?: ReadonlySet<string>): Finding[] {
  const judged = judgedOf(plan, bench, standing);
  return judged ? findingsOf(judged) : [];
}

/** What would mend a finding; every one of them has been tried. */
export const remediesFor = (judged: Judged, finding: Finding): Remedy[] =>
  [...CHECKS, ...PATIENT_CHECKS].find(({ codes }) => codes.includes(finding.code))?.remedies(judged, finding) ?? [];
