/** A layer of one movement comes after layers of another: a stepping piece after the stance and what is done in place. */
interface Before {
  readonly movement: string;
  /** My layer, from 1. */
  readonly mine: number;
  readonly after: string;
  readonly layers: number;
}

/** What is usually taught first. Only what is a thread of the same course is waited for. */
export const TAUGHT_FIRST: readonly Before[] = [
  { movement: 'cloud-hands', mine: 1, after: 'clouds-in-place', layers: 2 },
  { movement: 'cloud-hands', mine: 3, after: 'slow-walking', layers: 1 },
  { movement: 'cloud-hands', mine: 3, after: 'side-walking', layers: 1 },
  { movement: 'brush-knee', mine: 3, after: 'slow-walking', layers: 1 },
  { movement: 'part-the-mane', mine: 3, after: 'slow-walking', layers: 1 },
  { movement: 'repulse-monkey', mine: 3, after: 'slow-walking', layers: 1 },
  { movement: 'repulse-monkey', mine: 3, after: 'back-walking', layers: 1 },
  { movement: 'part-the-mane', mine: 3, after: 'bow-rocking', layers: 1 },
  { movement: 'brush-knee', mine: 3, after: 'bow-rocking', layers: 1 },
  { movement: 'grasp-the-tail', mine: 3, after: 'part-the-mane', layers: 3 },
  { movement: 'slow-walking', mine: 1, after: 'raise-and-sink', layers: 1 },
];
