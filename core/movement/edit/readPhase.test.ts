import { Movement } from '../schema/movement';
import {
  changePhase,
  emptyMovement,
  idFromName,
  insertPhase,
  joinChanges,
  movePhase,
  removePhase,
} from './editMovement';
import { readPhase } from './readPhase';

const read = (text: string) => readPhase(text).phase;

describe('a phase as it is written on paper', () => {
  test('breath, stance, side, weight, knees, arms and what is said', () => {
    expect(readPhase('in bow left 30/70 knees 40 palms at chest: Sit back')).toEqual({
      unknown: [],
      phase: {
        breath: 'in',
        length: { kind: 'span', share: 1 },
        to: { stance: 'bow', side: 'left', load: { left: 30, right: 70, seat: 0 }, sink: 40, arms: 'palms-at-chest' },
        windows: {},
        handPath: 'front',
        overlays: [],
        call: 'Sit back',
      },
    });
  });

  test.each([
    ['out 40%: Step', { breath: 'out', length: { kind: 'span', share: 0.4 } }],
    ['free 3 breaths: Stand', { breath: 'natural', length: { kind: 'breaths', breaths: 3 } }],
    ['8 beats at 90: Knock', { breath: 'natural', length: { kind: 'beats', beats: 8, tempo: 90 } }],
    ['5 s: Stay', { breath: 'natural', length: { kind: 'seconds', seconds: 5 } }],
    ['pause full: Wait', { breath: 'retained-full', length: { kind: 'seconds', seconds: 2 } }],
  ])('how long: %s', (text, expected) => expect(read(text)).toMatchObject(expected));

  test.each([
    ['in turn left 20', { turn: -20 }],
    ['in look right 40', { head: { turn: 40 } }],
    ['out hinge 30 lean left 15', { spine: { hinge: 30, bend: -15 } }],
    ['in face 90', { heading: 90 }],
    ['out weight left 80', { load: { left: 80, right: 20, seat: 0 } }],
    ['out weight middle', { load: { left: 50, right: 50, seat: 0 } }],
    ['in right foot 45 left foot heel', { feet: { right: { angle: 45 }, left: { contact: 'heel' } } }],
    ['in right empty heel', { stance: 'empty-heel', side: 'right' }],
    ['out sat back bow right', { stance: 'sat-back-bow', side: 'right' }],
    ['out drawing bow left', { arms: 'drawing-bow', armSide: 'left' }],
    [
      'in one leg left one up one down right',
      { stance: 'one-leg', side: 'left', arms: 'one-up-one-down', armSide: 'right' },
    ],
  ])('what changes: %s', (text, to) => expect(readPhase(text)).toMatchObject({ phase: { to }, unknown: [] }));

  test('what it cannot make out is said', () => {
    expect(readPhase('in bow left flurb 30/70 zick: x').unknown).toEqual(['flurb', 'zick']);
    expect(readPhase('in 30/90').phase.to.load).toBeUndefined();
    expect(readPhase('').phase.breath).toBe('natural');
  });
});

describe('editing a movement', () => {
  const [a, b] = [read('in raised front: Rise'), read('out hanging: Sink')];
  const two = insertPhase(insertPhase(emptyMovement(), { part: 'cycle', index: 0 }, a), { part: 'cycle', index: 1 }, b);

  test('phases are put in, moved, changed and taken out', () => {
    expect(two.parts.cycle.map(({ call }) => call)).toEqual(['Rise', 'Sink']);
    const moved = movePhase(two, { part: 'cycle', index: 1 }, -1);
    expect(moved.parts.cycle.map(({ call }) => call)).toEqual(['Sink', 'Rise']);
    expect(movePhase(two, { part: 'cycle', index: 1 }, 1)).toBe(two);
    expect(movePhase(moved, { part: 'cycle', index: 0 }, 1)).toEqual(two);
    const called = changePhase(two, { part: 'cycle', index: 0 }, (phase) => ({ ...phase, call: 'Float' }));
    expect(called.parts.cycle[0]?.call).toBe('Float');
    expect(removePhase(two, { part: 'cycle', index: 0 }).parts.cycle).toEqual([b]);
  });

  test('a part without phases is left out, and the cycle stays', () => {
    const entered = insertPhase(two, { part: 'entry', index: 0 }, a);
    expect(removePhase(entered, { part: 'entry', index: 0 })).toEqual(two);
    expect(emptyMovement().parts).toEqual({ cycle: [] });
  });

  test('two phases, a name and a word about it make a whole movement', () => {
    const whole = {
      ...two,
      id: idFromName('Ríse & Sink!'),
      names: { english: ['Rise & Sink'], pinyin: [], chinese: [] },
      about: 'Arms rise and sink.',
    };
    expect(Movement.parse(whole).id).toBe('rise-sink');
  });

  test('naming a stance again drops what was adjusted in the feet', () => {
    const adjusted = { stance: 'bow' as const, feet: { left: { angle: 20 } } };
    expect(joinChanges(adjusted, { stance: 'horse' })).toEqual({ stance: 'horse' });
    expect(joinChanges(adjusted, { feet: { left: { contact: 'heel' } } }).feet).toEqual({
      left: { angle: 20, contact: 'heel' },
    });
    expect(joinChanges({ spine: { hinge: 20 } }, { spine: { bend: 5 } }).spine).toEqual({ hinge: 20, bend: 5 });
  });
});
