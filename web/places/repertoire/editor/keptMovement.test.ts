import { inBreath, movement, outBreath } from '../../../../core/testing/sample';
import { keptMovements } from './keptMovement';

/** A movement that is half made is gone on with, and what is none is never shown as one. */

const clouds = movement({ parts: { cycle: [inBreath, outBreath] } });
const [first, ...others] = clouds.parts.cycle;

test.each([
  ['whole', clouds],
  ['without a name', { ...clouds, names: { ...clouds.names, english: [] } }],
  ['without phases', { ...clouds, parts: { cycle: [] } }],
  [
    'with a cue that is too long',
    { ...clouds, parts: { cycle: [{ ...first, call: 'slowly '.repeat(20) }, ...others] } },
  ],
])('%s, it is found as it was left', (_name, thing) => {
  keptMovements.keep('new', thing as typeof clouds);
  expect(keptMovements.find('new')).toEqual(thing);
});

test.each([
  ['something else', { parts: 1, start: 2 }],
  ['one without a start', { ...clouds, start: undefined }],
  ['one whose weight is a word', { ...clouds, start: { ...clouds.start, load: 'left' } }],
  ['nothing', null],
])('%s is not taken for a movement', (_name, thing) => {
  keptMovements.keep('new', thing as unknown as typeof clouds);
  expect(keptMovements.find('new')).toBeNull();
});
