import { createRoot } from 'react-dom/client';
import { Movement } from '../../core/movement/schema/movement';
import { writtenSide } from '../../core/movement/walk/cycleFor';
import { walkMovement } from '../../core/movement/walk/walkMovement';
import { contextFor, type JudgingContext } from '../../core/session/findings/finding/finding';
import { judgeClass } from '../../core/session/findings/judge';
import { trackAtPace } from '../../core/timing/trackAtPace';
import { putOn } from '../../web/app/lights';
import { MovingFigure } from '../../web/drawing/figure/MovingFigure';
import { longPlan, oneEdit } from '../longPlan';

/** Ten figures that move at once, to see how many frames a second they are drawn. */

const files = import.meta.glob(
  '../../repertoire/{brush-knee,cloud-hands,golden-rooster,heel-kick,lift-the-sky,draw-the-bow,pushing-waves,single-whip,spinning-wheel,wild-goose-flies}.json',
  { eager: true, import: 'default' },
);
const tracks = Object.values(files).map((file) => {
  const movement = Movement.parse(file);
  const walked = walkMovement(movement, { side: writtenSide(movement), cycles: 2 });
  return { id: movement.id, track: trackAtPace(walked.map(({ stride }) => stride)) };
});

const everything = import.meta.glob('../../repertoire/*.json', { eager: true, import: 'default' });
const repertoire = Object.values(everything).map((file) => Movement.parse(file));
const plan = longPlan(repertoire);

const benchOf = (movements: ReadonlyMap<string, Movement>): JudgingContext =>
  contextFor({ strength: 'steady', pace: { least: 3, most: 10 }, known: new Set() }, (id) => movements.get(id), [
    ...movements.values(),
  ]);

/** So many judgings before the ones that count: the browser compiles what it runs often. */
const WARM_UP = 5;

/**
 * Judging a 60-item class in this browser, milliseconds: the very first time; with movements nobody has seen yet; and after one edit.
 */
function judging(runs: number): { first: number; cold: number; edited: number } {
  const median = (of: number[]) => of.toSorted((a, b) => a - b)[Math.floor(of.length / 2)] ?? 0;
  const timed = (work: () => unknown) => {
    const start = performance.now();
    work();
    return performance.now() - start;
  };
  // Copied beforehand, so that sweeping up after the copying is not counted as judging.
  const fresh = Array.from(
    { length: WARM_UP + runs },
    () => new Map(structuredClone(repertoire).map((movement) => [movement.id, movement])),
  );
  const cold = fresh.map((movements) => timed(() => judgeClass(plan, benchOf(movements))));
  const known = new Map(repertoire.map((movement) => [movement.id, movement]));
  const edited = Array.from({ length: runs * 3 }, (_, count) =>
    timed(() => judgeClass(oneEdit(plan, count), benchOf(known))),
  );
  return { first: cold[0] ?? 0, cold: median(cold.slice(WARM_UP)), edited: median(edited) };
}
Object.assign(window, { judging });

putOn('lamp');
const root = document.getElementById('ten');
if (root)
  createRoot(root).render(
    <div style={{ display: 'flex', flexWrap: 'wrap' }}>
      {tracks.map(({ id, track }) => (
        <MovingFigure key={id} track={track} view="three-quarter" scale={0.9} playing at={0} label={id} />
      ))}
    </div>,
  );
