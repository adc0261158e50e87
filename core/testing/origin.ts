import type { LineOrigin } from '../session/plan/session';

/** Where a made-up line comes from in a made-up course. */
export const sampleOrigin = (role: LineOrigin['role']): LineOrigin => ({ thread: 'clouds', role, step: 1 });
