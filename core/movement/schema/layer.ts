import { z } from 'zod';
import { isSeated } from '../../body/written/load';
import type { Posture, PostureChange } from '../../body/written/posture';
import type { Parts } from './parts';
import type { Phase } from './phase';

/** What a teaching step keeps of a movement; the rest waits. */
export const LayerKeeps = z.enum(['arms', 'turn', 'weight', 'steps', 'breath']);
export type LayerKeeps = z.infer<typeof LayerKeeps>;

/** One teaching step: the arms first, then the turn of the waist, then the steps, then the breath. */
export const Layer = z.object({ name: z.string().min(1).max(60), keeps: z.array(LayerKeeps).min(1) });
export type Layer = z.infer<typeof Layer>;

const ARMS = ['arms', 'armSide', 'hands', 'shoulders'] as const;
const TURN = ['turn', 'hips', 'spine', 'head', 'gaze'] as const;
const WEIGHT = ['load', 'sink', 'rock'] as const;
const STEPS = ['stance', 'side', 'feet', 'heading', 'spread'] as const;

function kept(change: PostureChange, keeps: readonly LayerKeeps[]): PostureChange {
  const names: (keyof PostureChange)[] = [
    ...(keeps.includes('arms') ? ARMS : []),
    ...(keeps.includes('turn') ? TURN : []),
    ...(keeps.includes('weight') || keeps.includes('steps') ? WEIGHT : []),
    ...(keeps.includes('steps') ? STEPS : []),
    'eyes',
    'firmness',
  ];
  return Object.fromEntries(names.flatMap((name) => (change[name] === undefined ? [] : [[name, change[name]]])));
}

/** A phase's length when nobody counts the breath yet: as long by the clock as the breath half would be at an easy pace. */
const EASY_HALF = 4;
const unbreathed = (phase: Phase): Phase =>
  phase.length.kind === 'span'
    ? { ...phase, breath: 'natural', length: { kind: 'seconds', seconds: EASY_HALF * phase.length.share } }
    : phase;

/** Without its steps a movement is done in place: feet parallel, weight in the middle. */
const IN_PLACE = {
  stance: 'parallel',
  side: null,
  load: { left: 50, right: 50, seat: 0 },
  spread: 1,
  heading: 0,
  feet: {},
} as const;

/** A movement's start and parts as one teaching step has them. */
export function layMovementLayer(start: Posture, parts: Parts, { keeps }: Layer): { start: Posture; parts: Parts } {
  const phase = (one: Phase): Phase => {
    const stripped = { ...one, to: kept(one.to, keeps) };
    return keeps.includes('breath') ? stripped : unbreathed(stripped);
  };
  const steps = keeps.includes('steps');
  const seated = isSeated(start.load);
  const { entry, cycle, between, exit } = parts;
  return {
    start: steps || seated ? start : { ...start, ...IN_PLACE, sink: Math.min(start.sink, 20) },
    parts: {
      ...(entry && steps ? { entry: entry.map(phase) } : {}),
      cycle: cycle.map(phase),
      ...(between && steps ? { between: between.map(phase) } : {}),
      ...(exit && steps ? { exit: exit.map(phase) } : {}),
    },
  };
}
