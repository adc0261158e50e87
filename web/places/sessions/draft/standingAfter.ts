import { Conflict, Problem } from '../../../../core/formats/api/api';
import type { Standing } from './draft';

/** What an answer that is no success means for a class. */
export function standingAfter(error: unknown): Standing {
  const { status, data } = (typeof error === 'object' && error !== null ? error : {}) as {
    status?: unknown;
    data?: unknown;
  };
  const conflict = Conflict.safeParse(data);
  if (conflict.success) return { kind: 'conflict', stored: conflict.data.stored };
  if (typeof status !== 'number') return { kind: 'away' };
  const problem = Problem.safeParse(data);
  if (status >= 500) return { kind: 'failing', reason: problem.data?.title ?? `The server fails (${status}).` };
  const [first] = problem.data?.errors ?? [];
  const where = first ? ` (${first.path.join(' ')}: ${first.message})` : '';
  return { kind: 'refused', reason: `${problem.data?.title ?? 'The server refused this class.'}${where}` };
}
