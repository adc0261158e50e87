import type { Region } from '../../core/body/written/region';

/** A region as it is said. */
export const regionWord = (region: Region): string =>
  region === 'low-back' ? 'low back' : region === 'upper-back' ? 'upper back' : region;
