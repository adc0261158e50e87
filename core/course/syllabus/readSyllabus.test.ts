import { searchOf } from '../../movement/edit/search';
import { Form } from '../../movement/schema/form';
import { movement } from '../../testing/sample';
import { sampleCourse } from '../../testing/sampleCourse';
import { heldClasses } from '../calendar/courseClasses';
import { readSyllabus } from './readSyllabus';

const LAYERS = ['Arms only', 'Add the waist', 'Add the steps'].map((name, place) => ({
  name,
  keeps: (['arms', 'turn', 'steps'] as const).slice(0, place + 1),
}));
const named = (id: string, english: string, layers = LAYERS) => ({
  ...movement({ id }),
  names: { english: [english], pinyin: [], chinese: [] },
  layers: layers.map((layer) => ({ ...layer, keeps: [...layer.keeps] })),
});
const movements = [
  named('cloud-hands', 'Cloud Hands'),
  named('brush-knee', 'Brush Knee'),
  named('post', 'Standing Post', []),
];
const find = (id: string) => movements.find((one) => one.id === id);
const form = Form.parse({
  id: 'first-form',
  names: { english: ['First Form'] },
  tradition: 'tai-chi',
  about: 'Three places, one after the other.',
  entries: [{ movementId: 'cloud-hands' }, { movementId: 'brush-knee' }, { movementId: 'cloud-hands' }],
});
const held = heldClasses(sampleCourse([], 6).calendar, '2027-01-01');
const read = (text: string) => readSyllabus(text, held, { search: searchOf(movements), find, forms: [form] });
/** Each thread with its pins, as "class:layers", new ones marked. */
const pinsOf = (text: string) =>
  Object.fromEntries(
    read(text).threads.map(({ id, pins }) => [
      id,
      pins
        .map(
          ({ classId, layers, isNew }) =>
            `${held.findIndex((one) => one.id === classId) + 1}:${layers}${isNew ? '*' : ''}`,
        )
        .join(' '),
    ]),
  );

test('a line a week: numbers, steps by a word of theirs, several things in a line', () => {
  expect(pinsOf('1: cloud hands, arms; standing post\n3: cloud hands, steps; brush knee')).toEqual({
    'cloud-hands': '1:1* 3:3*',
    post: '1:1*',
    'brush-knee': '3:1*',
  });
});

test('without numbers lines follow each other; what is named again goes a step on, and again is only practised', () => {
  expect(pinsOf('cloud hands\n\ncloud hands\ncloud hands, again')).toEqual({
    'cloud-hands': '1:1* 2:2* 3:2',
  });
  expect(read('cloud hands\nweek 5: cloud hands, nose').faults).toEqual([
    {
      line: 2,
      text: 'cloud hands, nose',
      message: '“nose” is none of its steps: Arms only, Add the waist, Add the steps.',
    },
  ]);
});

test('a form goes as far as its places, and binds the movements that are taught besides', () => {
  const { threads } = read('1: cloud hands\n2: first form 2\n4: first form 3');
  expect(pinsOf('1: cloud hands\n2: first form 2\n4: first form 3')).toEqual({
    'cloud-hands': '1:1*',
    'first-form': '2:2* 4:3*',
  });
  expect(threads.find(({ id }) => id === 'first-form')).toMatchObject({
    covers: { 'cloud-hands': 1 },
    layers: { length: 3 },
  });
});

test('what is not understood is said with its line and what comes nearest, and the rest is read', () => {
  const { threads, faults, classes } = read(
    '1: cloud hands\n2: umbrella dance; brush knee\n9: brush knee\n3: brush knee, arms; post, again',
  );
  expect(threads.map(({ id }) => id)).toEqual(['cloud-hands', 'brush-knee']);
  expect(faults.map(({ line, text }) => `${line} ${text}`)).toEqual([
    '2 umbrella dance',
    '3 brush knee',
    '4 post, again',
  ]);
  expect(faults[1]?.message).toBe('There is no class 9: the course has 6.');
  expect(classes).toBe(9);
});

test('an empty text asks for nothing', () => {
  expect(read(' \n\n')).toEqual({ threads: [], faults: [], classes: 0 });
});
