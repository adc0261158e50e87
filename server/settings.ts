import { resolve } from 'node:path';
import { z } from 'zod';

const Environment = z.object({
  VESPERUM_PORT: z.coerce.number().int().min(0).max(65_535).default(4780),
  VESPERUM_DATA: z.string().min(1).default('./data'),
  VESPERUM_NOW: z.iso.datetime({ local: true, offset: true }).optional(),
});

export interface Settings {
  readonly port: number;
  readonly dataFolder: string;
  /** The moment the clock is set to at the start, for tests and pictures; null for the real one. */
  readonly startAt: string | null;
}

/** The settings from the environment, or an error that names the variable that is wrong. */
export function readSettings(environment: NodeJS.ProcessEnv): Settings {
  const answer = Environment.safeParse(environment);
  if (!answer.success) {
    const wrong = answer.error.issues.map(({ path, message }) => `${path.join('.')}: ${message}`).join('; ');
    throw new Error(`A setting is wrong: ${wrong}`);
  }
  return {
    port: answer.data.VESPERUM_PORT,
    dataFolder: resolve(answer.data.VESPERUM_DATA),
    startAt: answer.data.VESPERUM_NOW ?? null,
  };
}
