import { EPOCH_HEADER } from '../../../core/formats/api/epoch';

/** The data this page began with, by what the server called it; null until it has said so. */
let begun: string | null = null;

/** The data this page works on; null while the server has not answered yet. */
export const currentEpoch = (): string | null => begun;

/** Says to the server which data something was made from. */
export function withEpoch(headers: Headers): Headers {
  if (begun !== null) headers.set(EPOCH_HEADER, begun);
  return headers;
}

/** Hears which data the server has; answers whether it is other data than this page began with. */
export function hearEpoch({ headers }: Pick<Response, 'headers'>): boolean {
  const epoch = headers.get(EPOCH_HEADER);
  begun ??= epoch;
  return epoch !== null && epoch !== begun;
}

/** This page has brought other data back itself: it goes on with that. */
export function adoptEpoch({ headers }: Pick<Response, 'headers'>): void {
  begun = headers.get(EPOCH_HEADER) ?? begun;
}

/** The answer to bringing data back; from then on this page works on that data. */
export function withAdoptedEpoch<Answer>(answer: Answer, meta: { readonly response?: Response } | undefined): Answer {
  if (meta?.response) adoptEpoch(meta.response);
  return answer;
}
