import { baseId } from '../../movement/schema/version';
import type { Plan } from '../plan/session';
import type { AsideRule, SetAside } from '../plan/setAside';
import type { Finding } from './finding/finding';

/** A finding that is set aside, and why. */
export interface Aside {
  readonly finding: Finding;
  readonly reason: string;
  /** The rule it is set aside by for good; null where only in this class. */
  readonly rule: AsideRule | null;
}

/** A figure within a twentieth of what it was is the same fact. */
const SAME = 0.05;

/** The rule that would set a finding aside for good. */
export function ruleFor(finding: Finding, plan: Plan, reason: string): AsideRule {
  const item = plan.sections.flatMap(({ items }) => items).find(({ id }) => id === finding.itemId);
  return { code: finding.code, movement: item?.kind === 'movement' ? baseId(item.movementId) : '', reason };
}

/**
 * Parts findings into what is open and what is set aside. One set aside comes back when its facts change: its figure by more
 * than a twentieth, or how grave it is.
 */
export function partAsides(
  findings: readonly Finding[],
  plan: Plan,
  setAside: readonly SetAside[],
  rules: readonly AsideRule[],
): { readonly open: readonly Finding[]; readonly aside: readonly Aside[] } {
  const open: Finding[] = [];
  const aside: Aside[] = [];
  for (const finding of findings) {
    const { code, movement } = ruleFor(finding, plan, '');
    const rule = rules.find((one) => one.code === code && one.movement === movement) ?? null;
    const here = setAside.find(
      ({ key, severity, amount }) =>
        key === finding.key &&
        severity === finding.severity &&
        Math.abs(finding.amount - amount) <= SAME * Math.abs(amount),
    );
    // Nobody sets a grave finding aside for good: it is looked at in each class.
    if (here) aside.push({ finding, reason: here.reason, rule: null });
    else if (rule && finding.severity !== 'stop') aside.push({ finding, reason: rule.reason, rule });
    else open.push(finding);
  }
  return { open, aside };
}
