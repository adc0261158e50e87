import { join } from 'node:path';
import { skeletonOf } from '../../core/body/figure/skeleton';
import { cachedWalk } from '../../core/movement/walk/cachedWalk';
import { analyseClass } from '../../core/session/findings/finding/analyseClass';
import { contextFor } from '../../core/session/findings/finding/finding';
import { judgeClass } from '../../core/session/findings/judge';
import { runsOf } from '../../core/session/load/sessionRuns';
import { readRepertoire } from '../../server/repertoire';
import { JUDGED } from './classes';
import { readClass } from './readClass';

const movements = readRepertoire(join(import.meta.dirname, '..'));
const find = (id: string) => movements.find((m) => m.id === id);
test('x', () => {
  const out: string[] = [];
  for (const id of ['post-overhead', 'deer-antlers', 'lift-the-sky', 'rainbow-dance', 'gaze-at-the-moon']) {
    const w = cachedWalk(find(id)!, null);
    const h = w.map((s) => {
      const b = skeletonOf(s.stride.to);
      return [b.arms.left.wrist[2] - b.head[2], b.arms.right.wrist[2] - b.head[2]].map((x) => x.toFixed(2)).join('/');
    });
    out.push(id + ' ' + h.join(' '));
  }
  for (const id of [
    'hands-down-the-legs',
    'spine-rolls',
    'standing-cat',
    'knock-the-legs',
    'hinge-and-rise',
    'tiger-pounces',
  ]) {
    const w = cachedWalk(find(id)!, null);
    out.push(
      id +
        ' head-chest ' +
        w
          .map((s) => {
            const b = skeletonOf(s.stride.to);
            return (b.head[2] - b.spine[2][2]).toFixed(2) + '|pelvis ' + (b.head[2] - b.pelvis[2]).toFixed(2);
          })
          .join(' '),
    );
  }
  for (const name of [
    'hanging down, again and again',
    'kicks first, knees later',
    'on one leg, free and long',
    'turning on the spot for a quarter of an hour',
    'balance beside a chair',
    'the play of the animals',
    'swings and shakes, an evening to let go',
    'a quick drop into the hanging fold',
    'hands above the brow, twice eighteen breaths',
  ]) {
    const one = JUDGED.find((j) => j.name === name)!;
    const plan = readClass(one.class, find);
    const ctx = contextFor({ strength: one.strength, pace: { least: 4, most: 10 }, known: null }, find, movements);
    const a = analyseClass(plan, ctx)!;
    out.push('\n## ' + name);
    for (const k of ['overhead', 'one-leg', 'head-low'] as const)
      out.push(
        k +
          ': ' +
          runsOf(a.pieces, k)
            .slice(0, 6)
            .map((r) => `${r.itemId} ${r.seconds.toFixed(0)}`)
            .join(', '),
      );
    const per = new Map<string, number[]>();
    for (const p of a.pieces) {
      const v = per.get(p.itemId) ?? [0, 0, 0];
      if (p.demand.oneLeg && p.demand.balance > 0.4) v[0]! += p.seconds;
      if (p.demand.turnedOver) v[1]! += p.seconds;
      if (p.demand.headLow) v[2]! += p.seconds;
      per.set(p.itemId, v);
    }
    out.push(
      [...per]
        .filter(([, v]) => v.some((x) => x > 5))
        .map(([k, v]) => `${k} free-one-leg ${v[0]!.toFixed(0)} turned ${v[1]!.toFixed(0)} low ${v[2]!.toFixed(0)}`)
        .join('; '),
    );
    out.push(
      judgeClass(plan, ctx)
        .map((f) => `${f.severity} ${f.code} ${f.amount.toFixed(1)} ${f.what}`)
        .join('\n'),
    );
  }
  require('fs').writeFileSync('/tmp/dbg2.txt', out.join('\n'));
});
