import { readLine } from './readLine';

const many = (value: number, unit: string | null = null) => ({ amount: { value, unit, least: null, most: null } });

test.each([
  ['cloud hands 6', { name: 'cloud hands', sides: 'usual', rounds: null, ...many(6) }],
  ['6 cloud hands', { name: 'cloud hands', ...many(6) }],
  ['Cloud Hands x8', { name: 'Cloud Hands', ...many(8) }],
  ['ch', { name: 'ch', amount: null }],
  ['ankle circles 8 each side left first', { name: 'ankle circles', sides: 'left-first', ...many(8) }],
  ['lift the sky 12 breaths 2 rounds', { name: 'lift the sky', rounds: 2, ...many(12, 'breaths') }],
  ['neck stretch 20s right only', { name: 'neck stretch', sides: 'right-only', ...many(20, 'seconds') }],
  ['lantern form 3-6', { name: 'lantern form', amount: { value: 4.5, least: 3, most: 6, unit: null } }],
  ['lantern form 5 to 9', { name: 'lantern form', amount: { least: 5, most: 9 } }],
  ['  雲手   4 ', { name: '雲手', ...many(4) }],
  ['standing post 1:30', { name: 'standing post', ...many(90, 'seconds') }],
  ['standing post 2 min 30', { name: 'standing post', ...many(150, 'seconds') }],
  ['one leg stand 20s', { name: 'one leg stand', ...many(20, 'seconds') }],
  ['one hand up 6', { name: 'one hand up', ...many(6) }],
  ['figure eights 4', { name: 'figure eights', ...many(4) }],
])('"%s"', (text, expected) => {
  expect(readLine(text)).toMatchObject({ kind: 'movement', ...expected });
});

test.each([
  ['rest', { kind: 'rest', seconds: 30, note: '', orSeconds: null }],
  ['rest 45s', { kind: 'rest', seconds: 45, note: '', orSeconds: null }],
  ['rest 1:30', { kind: 'rest', seconds: 90, note: '', orSeconds: null }],
  ['rest one minute', { kind: 'rest', seconds: 60, note: '', orSeconds: null }],
  ['rest half a minute', { kind: 'rest', seconds: 30, note: '', orSeconds: null }],
  ['talk 2 min mind the knees', { kind: 'talk', seconds: 120, note: 'mind the knees', orSeconds: null }],
  ['Rest 90', { kind: 'rest', seconds: 90, note: '', orSeconds: null }],
  // A bare small number may be either.
  ['rest 2', { kind: 'rest', seconds: 2, note: '', orSeconds: 120 }],
])('"%s" is a line of its own', (text, expected) => expect(readLine(text)).toEqual(expected));
