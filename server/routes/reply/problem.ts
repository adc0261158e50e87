import type { z } from 'zod';
import type { Problem } from '../../../core/formats/api/api';

type Fault = NonNullable<Problem['errors']>[number];

/** An answer as `application/problem+json`; `more` adds members of its own. */
export function problem(status: number, title: string, more: object = {}): Response {
  return new Response(JSON.stringify({ type: 'about:blank', title, status, ...more }), {
    status,
    headers: { 'Content-Type': 'application/problem+json; charset=utf-8' },
  });
}

/** Thrown by a route that cannot answer as asked; what went wrong becomes a problem. */
export class Refusal extends Error {
  readonly response: Response;

  constructor(status: number, title: string, more: object = {}) {
    super(title);
    this.response = problem(status, title, more);
  }
}

/** The faults a schema found, one per field, in the form a problem carries them. */
export const faultsOf = (error: z.ZodError): Fault[] =>
  error.issues.map(({ path, message }) => ({
    path: path.map((step) => (typeof step === 'number' ? step : String(step))),
    message,
  }));
