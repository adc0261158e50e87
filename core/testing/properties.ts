import fc from 'fast-check';
import { isSweep } from './sweep';

// In every run of the tests the same cases; in the sweep others each time, and many more. A case that fails tells its seed.
fc.configureGlobal(isSweep ? { numRuns: 2000 } : { seed: 20261201 });

export { fc };
