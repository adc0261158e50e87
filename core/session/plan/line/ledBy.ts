import { z } from 'zod';

/** What leads while a class is taught: the breath, with its horizon and bell; or the clock, without a metronome. */
export const LedBy = z.enum(['breath', 'clock']);
export type LedBy = z.infer<typeof LedBy>;

/** A section or a line, and what it says of what leads it. */
type Led = { readonly ledBy?: LedBy | null | undefined } | undefined;

/** What leads a line: what it says itself, else what its section says, else the breath. */
export const ledBy = (section: Led, item: Led): LedBy => item?.ledBy ?? section?.ledBy ?? 'breath';
