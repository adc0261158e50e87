import type { z } from 'zod';
import { Movement } from '../movement/schema/movement';
import { Phase } from '../movement/schema/phase';
import { Item, Plan, Session } from '../session/plan/session';
import { timelineOf } from '../session/schedule/timeline';
import type { Timeline } from '../session/timeline/segment';
import type { Pace } from '../timing/pace';

/** Small made-up movements and plans for tests. */

/** A phase as it would be read from a file, with what is left out filled in. */
export const phase = (written: z.input<typeof Phase>): Phase => Phase.parse(written);

export const inBreath = phase({ breath: 'in', length: { kind: 'span', share: 1 }, to: { sink: 10 }, call: 'Rise' });
export const outBreath = phase({ breath: 'out', length: { kind: 'span', share: 1 }, to: { sink: 20 }, call: 'Sink' });
export const natural = (breaths: number): Phase =>
  phase({ breath: 'natural', length: { kind: 'breaths', breaths }, call: 'Stand' });
export const beats = (count: number, tempo: number): Phase =>
  phase({ breath: 'natural', length: { kind: 'beats', beats: count, tempo }, call: 'Circle' });

export const movement = (change: Record<string, unknown> = {}): Movement =>
  Movement.parse({
    id: 'sample',
    names: { english: ['Sample Lift'] },
    tradition: 'qigong',
    roles: ['main'],
    about: 'A movement that exists only to be timed.',
    laterality: { sides: { kind: 'even' } },
    count: { unit: 'repetitions', least: 1, usual: 6, most: 36, step: 1 },
    start: { stance: 'parallel', load: { left: 50, right: 50 }, sink: 15, arms: 'hanging' },
    parts: { cycle: [inBreath, outBreath] },
    cautions: [],
    seated: false,
    ...change,
  });

export const constant = (perMinute: number): Pace => ({ from: perMinute, to: perMinute, easing: 0 });

export const line = (change: Record<string, unknown> = {}): Item =>
  Item.parse({ kind: 'movement', id: 'line', movementId: 'sample', count: 6, manner: 'quiet', ...change });

export const plan = (items: Item[], pace: Pace = constant(6), breath = { in: 1, out: 1 }): Plan =>
  Plan.parse({ slotMinutes: 60, breath, sections: [{ kind: 'main', pace, items }] });

/** A class as it is kept: one line in its main part, unless something else is said. */
export const session = (change: Record<string, unknown> = {}): Session =>
  Session.parse({
    id: 'tuesday',
    title: 'Tuesday',
    groupId: null,
    date: null,
    startsAt: '19:00',
    slotMinutes: 60,
    breath: { in: 1, out: 1 },
    sections: [{ kind: 'main', pace: constant(6), items: [line({ id: 'a' })] }],
    ...change,
  });

/** The timeline of a plan that is known to be sound. */
export function timelineFor(of: Plan, ...movements: Movement[]): Timeline {
  const answer = timelineOf(of, (id) => movements.find((candidate) => candidate.id === id));
  if (!answer.ok) throw new Error(answer.problems.map(({ message }) => message).join());
  return answer.timeline;
}

/** The timeline of one quiet line of one movement. */
export const timelineOfLine = (
  one: Movement,
  change: Record<string, unknown>,
  pace?: Pace,
  breath?: Plan['breath'],
): Timeline => timelineFor(plan([line({ movementId: one.id, ...change })], pace, breath), one);
