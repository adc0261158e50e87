import type { CourseThread } from '../schema/thread';
import { topicKind } from '../schema/topicKinds';
import { interpolate } from './interpolate';

/** What is practised in every class, and so is no question: it is taken off the room. */
export const isStanding = (thread: CourseThread): boolean => topicKind(thread).isByMinutes && thread.every === 1;

/** The minutes of a thread by amount in a class: from its first figure to its last. */
export const amountIn = ({ practise }: CourseThread, place: number, classes: number): number =>
  interpolate(practise[0] ?? 0, practise.at(-1) ?? 0, place / Math.max(1, classes - 1));
