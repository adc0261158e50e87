import { floatAt, intAt, shortAt } from '../../numbers/numberAt';
import type { Cloth, Loom } from './graph/loom';
import { layRows, type Rows } from './rows';

/** A whole weave in the words of a general solver, and its answer as a cloth. */
export interface ArcProgramme {
  readonly programme: string;
  /** The cloth that some variables make, by the names of those that are one. */
  clothOf(chosen: readonly string[]): Cloth;
}

const ROUND = 1e9;
const rounded = (value: number): number => Math.round(value * ROUND) / ROUND;
const term = (amount: number, name: string): string => `${amount < 0 ? '-' : '+'} ${rounded(Math.abs(amount))} ${name}`;

/** What a step uses of each row, whatever came before it. */
function usesOf({ instance, graphs, links, covers }: Loom, rows: Rows, me: number, step: number): [number, number][] {
  const { classes } = instance;
  const { steps } = graphs[me] as (typeof graphs)[number];
  const k = shortAt(steps.class, step);
  const [from, to] = [shortAt(steps.before, step), shortAt(steps.after, step)];
  const uses: [number, number][] = [
    [k, floatAt(steps.minutes, step)],
    [classes + k, floatAt(steps.fresh, step)],
  ];
  for (const { form, thread, layers } of covers)
    if (form === me && to >= layers) uses.push([intAt(rows.coverFrom, thread) + k, -1]);
  links.forEach((link, place) => {
    const first = rows.linkFrom + place * classes;
    if (link.me === me && from < link.mine && to >= link.mine)
      for (let row = k; row < classes; row += 1) uses.push([first + row, 1]);
    if (link.other === me && from < link.layers && to >= link.layers)
      for (let row = k + 1; row < classes; row += 1) uses.push([first + row, -1]);
  });
  return uses.filter(([, amount]) => amount !== 0);
}

/**
 * Writes a weave as one integer programme: each thread is a flow from before the course to its end, one unit of it, and no row is
 * used beyond its room. Exact, and so large that only small weaves are solved by it in time.
 * @param below the plan costs no more than this
 */
export function writeArcs(loom: Loom, below = Number.POSITIVE_INFINITY): ArcProgramme {
  const rows = layRows(loom);
  const cost: string[] = [];
  const rules: string[] = [];
  const names: string[] = [];
  const bounds: string[] = [];
  const ofRow: string[][] = Array.from({ length: rows.count }, () => []);
  loom.graphs.forEach((graph, me) => {
    const { steps, firstArc, arcTo, arcStep, arcCost, endCost, knotClass } = graph;
    const into: string[][] = Array.from(knotClass, () => []);
    const outOf: string[][] = Array.from(knotClass, () => []);
    const ofStep: string[][] = Array.from({ length: steps.count }, () => []);
    for (let knot = 0; knot < knotClass.length; knot += 1) {
      for (let arc = intAt(firstArc, knot); arc < intAt(firstArc, knot + 1); arc += 1) {
        const name = `a${me}_${arc}`;
        names.push(name);
        const price = floatAt(arcCost, arc) + floatAt(steps.cost, intAt(arcStep, arc));
        if (price !== 0) cost.push(term(price, name));
        outOf[knot]?.push(name);
        into[intAt(arcTo, arc)]?.push(name);
        ofStep[intAt(arcStep, arc)]?.push(name);
      }
      const ends = floatAt(endCost, knot);
      if (!Number.isFinite(ends)) continue;
      const name = `e${me}_${knot}`;
      bounds.push(`0 <= ${name} <= 1`);
      if (ends !== 0) cost.push(term(ends, name));
      outOf[knot]?.push(name);
    }
    for (let knot = 0; knot < knotClass.length; knot += 1) {
      const terms = [
        ...(outOf[knot] ?? []).map((name) => `+ ${name}`),
        ...(into[knot] ?? []).map((name) => `- ${name}`),
      ];
      if (terms.length > 0) rules.push(`${terms.join(' ')} = ${knot === 0 ? 1 : 0}`);
    }
    const cover = intAt(rows.coverFrom, me);
    for (let step = 0; step < steps.count; step += 1) {
      const arcs = ofStep[step] ?? [];
      for (const [row, amount] of usesOf(loom, rows, me, step))
        for (const name of arcs) ofRow[row]?.push(term(amount, name));
      if (cover < 0 || steps.before[step] !== steps.after[step]) continue;
      // A covered review takes no minutes, as long as a form covers it.
      const name = `c${me}_${step}`;
      names.push(name);
      const k = shortAt(steps.class, step);
      ofRow[k]?.push(term(-floatAt(steps.minutes, step), name));
      ofRow[cover + k]?.push(`+ ${name}`);
      rules.push(`${name} ${arcs.map((arc) => `- ${arc}`).join(' ')} <= 0`);
    }
  });
  ofRow.forEach((terms, row) => {
    if (terms.some((one) => one.startsWith('+')))
      rules.push(`${terms.join(' ')} <= ${rounded(floatAt(rows.room, row))}`);
  });
  const price = cost.length > 0 ? cost.join(' ') : `0 ${names[0]}`;
  if (Number.isFinite(below)) rules.push(`${price} <= ${rounded(below)}`);
  return {
    programme: `Minimize\n${price}\nSubject To\n${rules.join('\n')}\nBounds\n${bounds.join('\n')}\nBinary\n${names.join('\n')}\nEnd\n`,
    clothOf: (chosen) => {
      const cloth: number[][] = loom.graphs.map(() => []);
      for (const name of chosen) {
        const [, me, arc] = /^a(\d+)_(\d+)$/.exec(name) ?? [];
        if (me === undefined) continue;
        const { steps, arcStep } = loom.graphs[Number(me)] as (typeof loom.graphs)[number];
        cloth[Number(me)]?.push(intAt(arcStep, Number(arc)));
        cloth[Number(me)]?.sort((a, b) => shortAt(steps.class, a) - shortAt(steps.class, b));
      }
      return cloth;
    },
  };
}
