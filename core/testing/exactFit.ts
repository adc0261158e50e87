import { COST, type FitModel, type FitSection } from '../session/fit/fitModel';
import { reachOf } from '../session/fit/fitReach';

/** For tests and the bench: made-up models, and the same model in the words of a general solver. */

/** A random walk that is the same every time. */
function seeded(seed: number): () => number {
  let state = (seed * 2654435761) % 4294967296;
  return () => {
    state = (state * 1664525 + 1013904223) % 4294967296;
    return state / 4294967296;
  };
}

/** A class as a model, made up from a seed: sections of a few lines, some pinned, some that may be left out. */
export function generatedModel(seed: number): FitModel {
  const random = seeded(seed);
  const between = (from: number, to: number) => from + random() * (to - from);
  const whole = (from: number, to: number) => Math.floor(between(from, to + 1));
  const shifts = [-1, -0.5, 0, 0.5, 1].slice(whole(0, 2), whole(3, 5));
  const sections = Array.from({ length: whole(2, 4) }, (): FitSection => {
    const lines = Array.from({ length: whole(1, 4) }, (_, place) => {
      const [fixed, each, usual] = [between(0, 25), between(6, 40), whole(3, 9)];
      const [least, most] = random() < 0.15 ? [usual, usual] : [whole(1, usual), usual + whole(0, 6)];
      const seconds = (count: number) => shifts.map((shift) => fixed + (each * count * 6) / (6 + shift));
      const counts = Array.from({ length: most - least + 1 }, (__, step) => least + step);
      const options = counts.map((count) => ({
        count: count as number | null,
        cost: Math.abs(count - usual) / usual,
        seconds: seconds(count),
      }));
      if (random() < 0.25) options.push({ count: null, cost: COST.leftOut, seconds: shifts.map(() => 0) });
      return { itemId: `line-${place}`, options };
    });
    const paces = shifts.map((shift) => ({ shift, cost: COST.pace * Math.abs(shift) }));
    return { lines, paces, share: between(60, 700), least: random() < 0.3 ? between(30, 180) : 0 };
  });
  const model = { sections, slot: 0, tolerance: 15 };
  const { shortest, longest } = reachOf(model);
  // Most can be met; some are out of reach on either side.
  return { ...model, slot: Math.round(between(shortest * 0.8, longest * 1.12)) };
}

/** The same model as a mixed-integer linear programme in the solver's own words. */
export function programme({ sections, slot, tolerance }: FitModel): string {
  const cost: string[] = [];
  const rules: string[] = [];
  const binaries: string[] = [];
  const total: string[] = [];
  sections.forEach(({ lines, paces, share, least }, s) => {
    const own: string[] = [];
    paces.forEach((pace, p) => {
      binaries.push(`y_${s}_${p}`);
      cost.push(`${pace.cost} y_${s}_${p}`);
    });
    rules.push(`${paces.map((_, p) => `y_${s}_${p}`).join(' + ')} = 1`);
    lines.forEach(({ options }, l) => {
      paces.forEach((_, p) => {
        const names = options.map((__, o) => `x_${s}_${l}_${o}_${p}`);
        binaries.push(...names);
        options.forEach((option, o) => {
          cost.push(`${option.cost} ${names[o]}`);
          own.push(`${option.seconds[p]} ${names[o]}`);
        });
        rules.push(`${names.join(' + ')} - y_${s}_${p} = 0`);
      });
    });
    const seconds = own.join(' + ');
    rules.push(`${seconds} - d_${s} <= ${share}`, `${seconds} + d_${s} >= ${share}`, `${seconds} >= ${least}`);
    cost.push(`${COST.share / slot} d_${s}`);
    total.push(...own);
  });
  rules.push(`${total.join(' + ')} <= ${slot + tolerance}`, `${total.join(' + ')} >= ${slot - tolerance}`);
  return `Minimize
 obj: ${cost.join(' + ')}
Subject To
${rules.map((rule, index) => ` r${index}: ${rule}`).join('\n')}
Binary
 ${binaries.join(' ')}
End`;
}
