import { floatAt } from '../../numbers/numberAt';
/**
 * A general solver of integer programmes, handed in from outside: it takes one in the usual LP text format.
 * @returns the names of the columns that are one, and whether nothing better exists; null where it found nothing
 */
export type SolveProgramme = (
  programme: string,
  seconds: number,
) => { readonly chosen: readonly string[]; readonly isProven: boolean } | null;

/** One way for one thread: what it costs, and what of each row it uses. */
export interface Column {
  readonly thread: number;
  readonly cost: number;
  readonly uses: ReadonlyMap<number, number>;
}

const ROUND = 1e9;
const rounded = (value: number): number => Math.round(value * ROUND) / ROUND;
const term = (amount: number, name: number): string =>
  `${amount < 0 ? '-' : '+'} ${rounded(Math.abs(amount))} x${name}`;

/** Gathers what a way uses. */
export function gatherUses(tellAll: (tell: (row: number, amount: number) => void) => void): Map<number, number> {
  const uses = new Map<number, number>();
  tellAll((row, amount) => uses.set(row, (uses.get(row) ?? 0) + amount));
  return uses;
}

/**
 * The choice of one way for each thread, so that no row is used beyond its room, in the words of a general solver. Columns are
 * called x0, x1, .. in their order.
 * @param below the choice costs no more than this
 */
export function writeProgramme(threads: number, columns: readonly Column[], room: Float64Array, below: number): string {
  const ofThread = Array.from({ length: threads }, () => [] as string[]);
  const ofRow = new Map<number, string[]>();
  const costs: string[] = [];
  columns.forEach(({ thread, cost, uses }, name) => {
    ofThread[thread]?.push(term(1, name));
    if (cost !== 0) costs.push(term(cost, name));
    for (const [row, amount] of uses) {
      if (amount === 0) continue;
      const terms = ofRow.get(row) ?? [];
      terms.push(term(amount, name));
      ofRow.set(row, terms);
    }
  });
  const rules = ofThread.map((terms) => `${terms.join(' ')} = 1`);
  for (const [row, terms] of ofRow) {
    // What is only given, and never taken, cannot run out.
    if (terms.some((one) => one.startsWith('+'))) rules.push(`${terms.join(' ')} <= ${rounded(floatAt(room, row))}`);
  }
  const cost = costs.length > 0 ? costs.join(' ') : '0 x0';
  rules.push(`${cost} <= ${rounded(below)}`);
  const names = columns.map((_, name) => `x${name}`).join('\n');
  return `Minimize\n${cost}\nSubject To\n${rules.join('\n')}\nBinary\n${names}\nEnd\n`;
}

/** The columns that were chosen, by the names the solver gives back. */
export const chosenOf = <Kind extends Column>(columns: readonly Kind[], names: readonly string[]): Kind[] =>
  names.flatMap((name) => columns[Number(name.slice(1))] ?? []);
