import { readLine } from './readLine';

test.each([
  ['cloud hands 6', { name: 'cloud hands', count: 6, sides: 'usual', rounds: 1 }],
  ['6 cloud hands', { name: 'cloud hands', count: 6 }],
  ['Cloud Hands x8', { name: 'Cloud Hands', count: 8 }],
  ['ch', { name: 'ch', count: null }],
  ['ankle circles 8 each side left first', { name: 'ankle circles', count: 8, sides: 'left-first' }],
  ['lift the sky 12 breaths 2 rounds', { name: 'lift the sky', count: 12, rounds: 2 }],
  ['neck stretch 20s right only', { name: 'neck stretch', count: 20, sides: 'right-only' }],
  ['lantern form 3-6', { name: 'lantern form', part: [3, 6], count: null }],
  ['lantern form 5 to 9', { name: 'lantern form', part: [5, 9] }],
  ['  雲手   4 ', { name: '雲手', count: 4 }],
])('"%s"', (text, expected) => {
  expect(readLine(text)).toMatchObject({ kind: 'movement', ...expected });
});

test.each([
  ['rest', { kind: 'rest', seconds: 30, note: '' }],
  ['rest 45s', { kind: 'rest', seconds: 45, note: '' }],
  ['talk 2 min mind the knees', { kind: 'talk', seconds: 120, note: 'mind the knees' }],
  ['Rest 90', { kind: 'rest', seconds: 90, note: '' }],
])('"%s" is a line of its own', (text, expected) => expect(readLine(text)).toEqual(expected));
