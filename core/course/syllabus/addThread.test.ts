import { sampleCourse, sampleThread } from '../../testing/sampleCourse';
import { withThreadAdded } from './addThread';

const inPlace = sampleThread('clouds-in-place', 3);
const walking = sampleThread('slow-walking', 1);

test('a thread that comes in is bound to what is taught before it', () => {
  const threads = withThreadAdded(sampleCourse([inPlace, walking]), sampleThread('cloud-hands', 4), []);
  expect(threads.at(-1)?.after).toContainEqual({ thread: 'clouds-in-place', layers: 2, mine: 1 });
});

test('one that waits for nothing by hand goes on waiting for nothing', () => {
  const course = sampleCourse([inPlace, walking, sampleThread('cloud-hands', 4)]);
  expect(withThreadAdded(course, sampleThread('waves', 1), []).find(({ id }) => id === 'cloud-hands')?.after).toEqual(
    [],
  );
});
