import { readLine } from './readLine';

const many = (value: number, unit: string | null = null) => ({ amount: { value, unit, least: null, most: null } });

test.each([
  ['cloud hands 6', { name: 'cloud hands', sides: 'usual', rounds: null, ...many(6) }],
  ['6 cloud hands', { name: 'cloud hands', ...many(6) }],
  ['Cloud Hands x8', { name: 'Cloud Hands', ...many(8, 'times') }],
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
  ['rest 2', { kind: 'rest', seconds: 120, note: '', orSeconds: 2 }],
])('"%s" is a line of its own', (text, expected) => expect(readLine(text)).toEqual(expected));

test.each([
  ["post 10'", 600],
  ['post 45"', 45],
  ['post ~2 min', 120],
  ['post 1/2 min', 30],
])('a time as it is marked on a watch: %s', (text, value) => {
  expect(readLine(text)).toMatchObject({ name: 'post', amount: { value, unit: 'seconds' } });
});

test.each([
  ['hips 3+3', { aSide: true, eachWay: true, amount: { value: 3 } }],
  ['brush 3 L 3 R', { aSide: true, eachWay: false, amount: { value: 3 } }],
  ['rolls 6 back 6 fwd', { aSide: false, eachWay: true, amount: { value: 6 } }],
  ['belly 36 + 24', { aSide: false, eachWay: false, amount: { value: 60, inAll: true } }],
  ['lifts 10/side', { aSide: true, amount: { value: 10 } }],
  ['stretch 25s/side', { aSide: true, amount: { value: 25, unit: 'seconds' } }],
  ['brush R only 4', { sides: 'right-only', amount: { value: 4 } }],
  ['post 1min x3', { rounds: 3, amount: { value: 60, unit: 'seconds' } }],
  ['horse 30 sec x 2', { rounds: 2, amount: { value: 30, unit: 'seconds' } }],
  ['clouds, half a dozen', { name: 'clouds', amount: { value: 6 } }],
  ['a dozen clouds', { name: 'clouds', amount: { value: 12 } }],
] as const)('how it is shared between sides and rounds: %s', (text, expected) => {
  expect(readLine(text)).toMatchObject(expected);
});
