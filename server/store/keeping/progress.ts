/** Told how many rows of all have been gone through. */
export type OnProgress = (done: number, of: number) => void;

/** How many rows pass between two reports. */
export const ROWS_BETWEEN_REPORTS = 200;

/** Counts rows that are gone through, and tells it now and then. */
export function countRows(of: number, onProgress: OnProgress): () => void {
  let done = 0;
  return () => {
    done += 1;
    if (done % ROWS_BETWEEN_REPORTS === 0) onProgress(Math.min(done, of), of);
  };
}
