import { heldClasses } from '../../course/calendar/courseClasses';
import { schemeOf } from '../../course/classes/scheme';
import { movement } from '../../testing/sample';
import { sampleCourse, sampleThread } from '../../testing/sampleCourse';
import { courseCsv, courseLines } from './courseCsv';
import { readCourse, writeCourse } from './courseJson';
import { readCourseCsv } from './readCourseCsv';

const held = heldClasses(sampleCourse([], 4).calendar, '2027-01-01');
const at = (...cells: [number, number][]) =>
  cells.map(([number, layers]) => ({ classId: held[number - 1]?.id ?? '', layers }));
const clouds = movement({
  id: 'clouds',
  names: { english: ['Clouds'] },
  points: [{ text: 'the waist leads the hands' }],
  variants: [{ id: 'chair', kind: 'seated', name: 'on the chair', patch: {} }],
});
const walking = movement({ id: 'walking', names: { english: ['Walking'] } });
const here = (id: string) => [clouds, walking].find((one) => one.id === id);
const course = sampleCourse([sampleThread('clouds', 2, { title: 'Clouds' }), sampleThread('walking', 1)], 4, {
  plan: { clouds: at([1, 1], [2, 1], [3, 2], [4, 2]), walking: at([2, 1], [3, 1]) },
  seen: [{ classId: held[0]?.id ?? '', thread: 'clouds', taken: 'half' }],
});

describe('a course in a file', () => {
  test('comes back whole for another group, with nothing that is here already', () => {
    const read = readCourse(writeCourse(course, here), here, [], 'spring', 'others');
    expect(read).toEqual({ ok: true, course: { ...course, id: 'spring', groupId: 'others' }, brings: [], renamed: [] });
  });

  test('brings movements that are not here, and beside those that are otherwise here under another name', () => {
    const text = writeCourse(course, here);
    const elsewhere = readCourse(text, () => undefined, [], 'spring', 'others');
    expect(elsewhere).toMatchObject({ ok: true, brings: [{ id: 'clouds' }, { id: 'walking' }], renamed: [] });
    const mine = { ...clouds, about: 'Another piece of that name altogether.' };
    const beside = readCourse(text, (id) => (id === 'clouds' ? mine : here(id)), [], 'spring', 'others');
    expect(beside).toMatchObject({
      ok: true,
      brings: [{ id: 'clouds-2' }],
      renamed: [{ from: 'clouds', to: 'clouds-2' }],
      course: { threads: [{ id: 'clouds', taught: { id: 'clouds-2' } }, { taught: { id: 'walking' } }] },
    });
  });

  test.each([
    ['once upon a time', /not JSON/],
    ['[]', /./],
    [JSON.stringify({ format: 'vesperum-class', version: 1 }), /./],
    [writeCourse({ ...course, name: '' }, here), /a course needs a name/],
    [writeCourse(course, () => undefined).replaceAll('"id": "walking"', '"id": "nowhere"'), /./],
    [
      writeCourse(sampleCourse([sampleThread('f', 1, { taught: { kind: 'form', id: 'no-form', places: 1 } })]), here),
      /no-form.* is not here/,
    ],
  ])('what cannot be read is refused with its field: %#', (text, message) => {
    const read = readCourse(text, here, [], 'spring', 'others');
    expect(read.ok).toBe(false);
    expect(JSON.stringify(read)).toMatch(message);
  });

  test('a movement that is neither in the file nor here is named with its place', () => {
    const read = readCourse(
      writeCourse(course, () => undefined),
      () => undefined,
      [],
      'spring',
      'others',
    );
    expect(read).toMatchObject({
      ok: false,
      problems: [
        { path: ['course', 'threads', 0, 'taught', 'id'] },
        { path: ['course', 'threads', 1, 'taught', 'id'] },
      ],
    });
  });
});

describe('a syllabus in a table', () => {
  test('as it is written here it says the same as the lines of the term', () => {
    const read = readCourseCsv(courseCsv(course, held));
    expect(read).toEqual({ ok: true, lines: '1: Clouds, step 1\n2: walking, step 1\n3: Clouds, step 2' });
    expect(courseLines(course, held)).toBe('1: Clouds, step 1\n2: walking\n3: Clouds, step 2');
  });

  test('made by hand, rows and columns in another order, a mark at its beginning, only what is new', () => {
    const text = '\uFEFFThread;Class\n\nbrush knee;3\n"cloud; hands";2\n'.replaceAll(/;(?=Class|\d)/g, ',');
    expect(readCourseCsv(text)).toEqual({ ok: true, lines: '2: cloud  hands\n3: brush knee' });
    expect(readCourseCsv("class,thread,what\n1,'=sum,new\n1,waves,practised\n")).toEqual({
      ok: true,
      lines: '1: =sum',
    });
  });

  test.each([
    ['', 1, 'class', /no column/],
    ['class,what\n1,new\n', 1, 'thread', /no column/],
    ['class,thread\none,clouds\n', 2, 'class', /number/],
    ['class,thread\n1,clouds\n1.5,waves\n', 3, 'class', /whole/],
    ['class,thread\n0,clouds\n', 2, 'class', /from 1/],
    ['class,thread\n1,\n', 2, 'thread', /name/],
    ['class,thread,what\n1,clouds,practised\n', 2, 'what', /nothing in it is new/],
    [`class,thread\n${'1,clouds\n'.repeat(4001)}`, 4002, 'class', /more than/],
  ])('hostile: %#', (text, line, field, message) => {
    expect(readCourseCsv(text)).toMatchObject({
      ok: false,
      problems: [{ line, field, message: expect.stringMatching(message) }],
    });
  });
});

test('a scheme of work says for each week what it is for, how it is made to fit, and how it is seen to be learnt', () => {
  const weeks = schemeOf(course, held, here, []);
  expect(weeks.map(({ aim }) => aim)).toEqual([
    'To meet Clouds (step 1).',
    'To meet walking and see Clouds a second time.',
    'To meet Clouds (step 2) and see walking a second time.',
    'To see Clouds a second time.',
  ]);
  expect(weeks[0]).toMatchObject({
    held: { number: 1, date: '2027-01-05' },
    content: ['Clouds: new, step 1'],
    adaptations: ['Clouds: on the chair'],
    seen: ['Clouds: the waist leads the hands'],
  });
  expect(weeks[1]).toMatchObject({
    content: ['walking: new', 'Clouds: shown again'],
    seen: ['They do Walking (whole) without looking at anybody'],
  });
});
