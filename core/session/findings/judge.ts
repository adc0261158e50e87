import type { Plan } from '../plan/session';
import { breathFlips } from './checks/breathing/breathFlips';
import { breathParity } from './checks/breathing/breathParity';
import { longRetention } from './checks/breathing/longRetention';
import { paceOutside } from './checks/breathing/paceOutside';
import { reversedBreath } from './checks/breathing/reversedBreath';
import { bridges } from './checks/bridges';
import { cold } from './checks/cold';
import { drift } from './checks/drift';
import { droppingFast } from './checks/droppingFast';
import { footwork } from './checks/footwork';
import { longCall } from './checks/longCall';
import { longWords } from './checks/longWords';
import { noWayFor } from './checks/needs/noWayFor';
import { supportMissing } from './checks/needs/supportMissing';
import { notTaught } from './checks/notTaught';
import { eyesClosed } from './checks/postures/eyesClosed';
import { foldTwisted } from './checks/postures/foldTwisted';
import { headBack } from './checks/postures/headBack';
import { heelsFree } from './checks/postures/heelsFree';
import { risingFast } from './checks/risingFast';
import { secondLower } from './checks/secondLower';
import { coolDown } from './checks/shape/coolDown';
import { sectionShare } from './checks/shape/sectionShare';
import { shortCoolDown } from './checks/shape/shortCoolDown';
import { slot } from './checks/shape/slot';
import { strained } from './checks/strained';
import { armsRound } from './checks/stretches/armsRound';
import { headLow } from './checks/stretches/headLow';
import { oneLeg } from './checks/stretches/oneLeg';
import { oneLegFree } from './checks/stretches/oneLegFree';
import { overhead } from './checks/stretches/overhead';
import { turningLong } from './checks/stretches/turningLong';
import { turnedAway } from './checks/turnedAway';
import { unequalSides } from './checks/unequalSides';
import { unready } from './checks/unready';
import { analyseClass } from './finding/analyseClass';
import type { AnalysedClass, Check, Finding, JudgingContext, Remedy } from './finding/finding';
import { inOrder } from './finding/inOrder';

/** Every check there is. A new one is a file, and a line here. */
export const CHECKS: readonly Check[] = [
  slot,
  sectionShare,
  strained,
  unready,
  overhead,
  oneLeg,
  oneLegFree,
  headLow,
  risingFast,
  droppingFast,
  cold,
  armsRound,
  headBack,
  foldTwisted,
  eyesClosed,
  heelsFree,
  unequalSides,
  drift,
  turnedAway,
  turningLong,
  secondLower,
  bridges,
  breathParity,
  breathFlips,
  paceOutside,
  longRetention,
  longCall,
  longWords,
  reversedBreath,
  notTaught,
  shortCoolDown,
  coolDown,
  noWayFor,
  supportMissing,
];

/** Checks that stand a body for every phase: asked for once the others have answered. */
export const PATIENT_CHECKS: readonly Check[] = [footwork];

/** Everything some checks find in a class. */
export const findingsOf = (analysed: AnalysedClass, checks: readonly Check[] = CHECKS): Finding[] =>
  inOrder(checks.flatMap(({ look }) => look(analysed)));

/**
 * Everything the checks find in a class.
 * @param standing keys of what was found before the last change, so that findings do not flicker
 */
export function judgeClass(plan: Plan, context: JudgingContext, standing?: ReadonlySet<string>): Finding[] {
  const analysed = analyseClass(plan, context, standing);
  return analysed ? findingsOf(analysed) : [];
}

/** What would mend a finding; every one of them has been tried. */
export const remediesFor = (analysed: AnalysedClass, finding: Finding): Remedy[] =>
  [...CHECKS, ...PATIENT_CHECKS].find(({ codes }) => codes.includes(finding.code))?.remedies(analysed, finding) ?? [];
