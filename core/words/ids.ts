import { z } from 'zod';

/** What names a class, a group, a passage or a record in an address. */
export const Slug = z.string().regex(/^[a-z0-9-]{3,60}$/);

/** What names a line or a block within its class. */
export const LineId = z.string().min(1).max(60);

/** What names a movement, with its version. */
export const MovementId = z.string().min(1).max(80);
