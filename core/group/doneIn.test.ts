import { doneIn } from './doneIn';

const classes = [
  { id: 'planned', movementIds: ['cloud-hands', 'lift-the-sky'] },
  { id: 'taught', movementIds: ['cloud-hands@2', 'cloud-hands', 'lift-the-sky', 'gather'] },
  { id: 'twice', movementIds: ['cloud-hands', 'lift-the-sky'] },
];
const records = [
  { sessionId: 'taught', leftOut: ['cloud-hands'] },
  { sessionId: 'twice', leftOut: ['cloud-hands'] },
  { sessionId: 'twice', leftOut: ['lift-the-sky'] },
];

test('of a recorded class what was done, in any of its records; of another what is planned', () => {
  expect(doneIn(classes, records).map(({ id, done }) => [id, done])).toEqual([
    ['planned', ['cloud-hands', 'lift-the-sky']],
    ['taught', ['lift-the-sky', 'gather']],
    ['twice', ['cloud-hands', 'lift-the-sky']],
  ]);
});
