import { fakeStorage } from '../../testing/fakeStorage';
import { mentionsHere } from './mentionsHere';

beforeEach(() => {
  Object.assign(globalThis, { localStorage: fakeStorage() });
});
afterEach(() => void Reflect.deleteProperty(globalThis, 'localStorage'));

test('a name is found in whatever this browser keeps: edits that were not saved, a class in hand, copied lines; each is told once', () => {
  const session = { title: 'Tuesday', sections: [{ note: 'Ines sits for this' }] };
  localStorage.setItem('vesperum.draft.tuesday.tab-1', JSON.stringify({ session }));
  localStorage.setItem('vesperum.draft.tuesday.tab-2', JSON.stringify({ session }));
  localStorage.setItem('vesperum.teaching.tuesday.log', JSON.stringify({ session }));
  localStorage.setItem('vesperum.carried.lines', JSON.stringify({ lines: { items: [{ note: 'ask INES' }] } }));
  localStorage.setItem('vesperum.movement-draft.my-own', JSON.stringify({ names: { english: ['Lines'] } }));
  localStorage.setItem('vesperum.light', 'Ines');
  expect(mentionsHere('Ines')).toEqual([
    'edits not saved yet: “Tuesday”',
    'a class being taught: “Tuesday”',
    'lines that were copied',
  ]);
  expect(mentionsHere('Joss')).toEqual([]);
});

test('what is kept and cannot be read is looked through all the same', () => {
  localStorage.setItem('vesperum.draft.tuesday.tab', '{"session": {"title": "Tues, Ines');
  expect(mentionsHere('Ines')).toEqual(['edits not saved yet']);
});
