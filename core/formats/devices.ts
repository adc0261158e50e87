import { z } from 'zod';
import { SOUNDS } from '../record/running/soundsBetween';

/** What a page-turner sends: one of the three commands a class is steered by. */
export const PRESSES = ['next', 'stay', 'shorten'] as const;
export const Press = z.object({ press: z.enum(PRESSES) });
export type Press = z.infer<typeof Press>;

/** What a bell in the hall hears: a sound of the class, and for a breath which way it goes. */
export const HallSound = z.object({ sound: z.enum(SOUNDS), breath: z.enum(['in', 'out']).nullable() });
export type HallSound = z.infer<typeof HallSound>;

/** The stand-ins for devices that come along. */
export const STAND_INS = ['page-turner', 'hall-bell'] as const;
export type StandInName = (typeof STAND_INS)[number];

/** A stand-in, and the address of its own page while it runs; null while it does not. */
export const StandIn = z.object({ name: z.enum(STAND_INS), address: z.string().nullable() });
export type StandIn = z.infer<typeof StandIn>;
