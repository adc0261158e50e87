import { Conflict, Problem } from '../../../../core/formats/api/api';
import type { SaveState } from './draft';

/** How a class is saved after an answer that is no success. */
export function saveStateAfter(error: unknown): SaveState {
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
