import {
  ANNOUNCED_MOVED,
  freshOf,
  gapsOf,
  honours,
  introOf,
  LATE,
  NEVER_PRACTISED,
  PIN_MISSED,
  type Practice,
  stopsShort,
  unfinishedCost,
  type WeaveInstance,
  type WeavePin,
  type WeavePlan,
  type WeaveThread,
} from './instance';

/** Rounding in sums of minutes and of what is new. */
const HAIR = 1e-9;

/** A plan held against its rules. */
export interface PlanJudged {
  readonly cost: number;
  /** Each rule that is broken, in words; none in a legal plan. */
  readonly faults: readonly string[];
  /** Minutes and newness of each class. */
  readonly minutes: readonly number[];
  readonly fresh: readonly number[];
}

/** How a plan stands, thread by thread and class by class. */
interface PlanRead {
  readonly pathOf: (id: string) => readonly Practice[];
  /** The class in which a thread has so many layers: -1 where it has them from the start. */
  readonly reached: (id: string, layers: number) => number;
  readonly isCovered: (id: string, at: number) => boolean;
}

function readPlan({ threads }: WeaveInstance, plan: WeavePlan): PlanRead {
  const known = new Map(threads.map((thread) => [thread.id, thread.known]));
  const pathOf = (id: string) => plan[id] ?? [];
  const layersIn = (id: string, at: number) => pathOf(id).find((one) => one.class === at)?.layers ?? -1;
  return {
    pathOf,
    reached: (id, layers) =>
      (known.get(id) ?? 0) >= layers ? -1 : (pathOf(id).find((one) => one.layers >= layers)?.class ?? Infinity),
    isCovered: (id, at) => threads.some(({ id: form, covers }) => layersIn(form, at) >= (covers?.[id] ?? Infinity)),
  };
}

/** Follows one thread through its classes, and tells what each costs. */
function followThread(
  thread: WeaveThread,
  instance: WeaveInstance,
  { pathOf, reached, isCovered }: PlanRead,
  tell: { fault: (what: string) => void; load: (at: number, minutes: number, fresh: number) => void },
): number {
  const { classes, amount, stageBack = Infinity, halfWait = false, late = LATE } = instance;
  const { id, priority, known, ideal, review, second = 0, most = 2, keepWithin, standing } = thread;
  const gaps = gapsOf(thread);
  const path = pathOf(id);
  let before = known;
  let stage = standing?.stage ?? (known > 0 ? gaps.length - 1 : 0);
  let last: number | null = standing?.last ?? null;
  let shown = standing ? introOf(thread, known - standing.added, known) : 0;
  let cost = path.length === 0 && known > 0 ? NEVER_PRACTISED * priority : 0;
  cost += otherwiseCost(thread, path, classes);
  if (known > 0 && !standing && (path[0]?.class ?? 0) >= (gaps.at(-1) ?? 0))
    tell.fault(`known, first practised in class ${path[0]?.class}`);
  for (const { class: at, layers } of path) {
    if (at >= classes) {
      tell.fault(`there is no class ${at}`);
      continue;
    }
    const more = layers - before;
    const wait = last === null ? 0 : at - last;
    const gap = gaps[stage] ?? 1;
    if (more < 0 || layers > thread.layers || (before === 0 && more === 0))
      tell.fault(`${before} to ${layers} layers in class ${at}`);
    if (more > most) tell.fault(`${more} new layers in class ${at}`);
    // What was overdue when the course was planned anew may be practised in the first class.
    const isOverdue = last !== null && last < 0 && at === 0;
    if (last !== null && !isOverdue && (wait <= 0 || wait > gap))
      tell.fault(`${wait} classes after class ${last}, at most ${gap}`);
    const there = more > 0 ? before : layers;
    const practised = (there > 0 ? (review[there] ?? 0) : 0) * (amount?.[at] ?? 1);
    if (more > 0) {
      shown = introOf(thread, before, layers);
      tell.load(at, practised + shown, freshOf(thread, before, layers));
      for (let place = before; place < layers; place += 1) {
        cost += late * priority * (ideal ? Math.abs(at - (ideal[place] ?? at)) : at);
      }
      stage = last === null ? 0 : Math.max(0, stage - stageBack);
    } else {
      tell.load(at, isCovered(id, at) ? 0 : Math.max(practised, second * shown), 0);
      shown = 0;
      if (last !== null && (!halfWait || 2 * wait >= gap)) stage = Math.min(gaps.length - 1, stage + 1);
    }
    before = layers;
    last = at;
  }
  if (stopsShort(thread, before)) tell.fault(`begun, and left with ${before} of at least ${thread.least} layers`);
  const isLetGo = standing !== undefined && path.length === 0;
  if (last !== null && !isLetGo && classes - 1 - last >= (keepWithin ?? gaps[stage] ?? 1))
    tell.fault(`not practised again after class ${last}`);
  for (const { thread: other, layers, mine } of thread.after) {
    const begins = known >= mine ? undefined : path.find((one) => one.layers >= mine)?.class;
    if (begins !== undefined && begins <= reached(other, layers))
      tell.fault(`layer ${mine} in class ${begins}, before “${other}” is there`);
  }
  const isMissed = (pin: WeavePin) =>
    !path.some((one, place) => one.class === pin.class && honours(pin, path[place - 1]?.layers ?? known, one.layers));
  const missed = (thread.pins ?? []).filter((pin) => pin.class < classes && isMissed(pin)).length;
  return cost + PIN_MISSED * missed + unfinishedCost(thread, before);
}

/** What a thread costs for being otherwise than it was, and than was announced. */
function otherwiseCost(
  { keep, announced = [], known }: WeaveThread,
  path: readonly Practice[],
  classes: number,
): number {
  let cost = 0;
  for (let at = 0; keep && at < classes; at += 1) {
    const [was, is] = [keep.practices, path].map((all) => all.find((one) => one.class === at)?.layers ?? 0);
    if (was !== is) cost += keep.price[at] ?? 0;
  }
  for (const { layer, class: at } of announced) {
    const reached = layer <= known ? at : path.find(({ layers }) => layers >= layer)?.class;
    if (reached !== at) cost += ANNOUNCED_MOVED;
  }
  return cost;
}

/**
 * Holds a plan against the rules of its instance, in plain arithmetic and apart from whatever made the plan.
 * @example judgePlan({ classes: 1, capacity: [10], newPerClass: [1], threads: [] }, {}).cost // 0
 */
export function judgePlan(instance: WeaveInstance, plan: WeavePlan): PlanJudged {
  const { classes, capacity, newPerClass, threads } = instance;
  const read = readPlan(instance, plan);
  const faults: string[] = [];
  const minutes = new Array<number>(classes).fill(0);
  const fresh = new Array<number>(classes).fill(0);
  let cost = 0;
  for (const thread of threads) {
    cost += followThread(thread, instance, read, {
      fault: (what) => faults.push(`${thread.id}: ${what}`),
      load: (at, more, newer) => {
        minutes[at] = (minutes[at] ?? 0) + more;
        fresh[at] = (fresh[at] ?? 0) + newer;
      },
    });
  }
  for (let at = 0; at < classes; at += 1) {
    const [used, asked] = [minutes[at] ?? 0, fresh[at] ?? 0];
    if (used > (capacity[at] ?? 0) + HAIR) faults.push(`class ${at}: ${used} minutes of ${capacity[at]}`);
    if (asked > (newPerClass[at] ?? 0) + HAIR) faults.push(`class ${at}: ${asked} new of ${newPerClass[at]}`);
  }
  return { cost, faults, minutes, fresh };
}
