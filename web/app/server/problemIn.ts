import { Problem } from '../../../core/formats/api/api';

/** What the server said was wrong; null where it could not be asked. */
export function problemIn(error: unknown): Problem | null {
  if (typeof error !== 'object' || error === null || !('data' in error)) return null;
  const answer = Problem.safeParse(error.data);
  return answer.success ? answer.data : null;
}

/** Why something was not done, in a sentence. */
export const whyRefused = (error: unknown): string =>
  problemIn(error)?.title ?? 'The server could not be asked. Nothing was changed; try again.';
