import { join } from 'node:path';
import { contextFor } from '../../core/session/findings/finding/finding';
import { isGrave, isOfSlot } from '../../core/session/findings/finding/isGrave';
import { judgeClass } from '../../core/session/findings/judge';
import { readRepertoire } from '../../server/repertoire';
import { JUDGED } from './classes';
import { readClass } from './readClass';

const movements = readRepertoire(join(import.meta.dirname, '..'));
const find = (id: string) => movements.find((m) => m.id === id);
test('x', () => {
  const out: string[] = [];
  let [all, wrong, missed, planted] = [0, 0, 0, 0];
  for (const one of JUDGED) {
    const plan = readClass(one.class, find);
    const known = one.unknown
      ? new Set(movements.map(({ id }) => id).filter((id) => !one.unknown?.includes(id)))
      : null;
    const found = judgeClass(
      plan,
      contextFor({ strength: one.strength, pace: { least: 4, most: 10 }, known }, find, movements),
    )
      .filter(isGrave)
      .filter((f) => !isOfSlot(f));
    const ofId = (itemId: string | null) => {
      const i = plan.sections.flatMap((s) => s.items).find((x) => x.id === itemId);
      return i?.kind === 'movement' ? i.movementId : null;
    };
    const meets = (w: { codes: readonly string[]; of?: string }, f: (typeof found)[number]) =>
      w.codes.includes(f.code) && (w.of === undefined || w.of === ofId(f.itemId));
    const bad = found.filter((f) => ![...one.wanted, ...(one.allowed ?? [])].some((w) => meets(w, f)));
    const lack = one.wanted.filter((w) => !found.some((f) => meets(w, f)));
    all += found.length;
    wrong += bad.length;
    missed += lack.length;
    planted += one.wanted.length;
    out.push(
      `## ${one.name} (${one.strength}, ${plan.slotMinutes} min): ${found.length} said${bad.map((f) => `\n   FALSE ${f.severity} ${f.code}: ${f.what} | ${f.why[0]}`).join('')}${lack.map((w) => `\n   MISSED ${w.codes.join('/')} ${w.of ?? ''}: ${w.why}`).join('')}`,
    );
  }
  out.push(`said ${all}, false ${wrong}, planted ${planted}, missed ${missed}`);
  require('fs').writeFileSync('/tmp/judged.txt', out.join('\n'));
});
