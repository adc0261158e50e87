import {
  constant,
  inBreath,
  movement,
  natural,
  outBreath,
  phase,
  plan,
  line as sampleLine,
  timelineFor,
} from '../../testing/sample';
import { SCRIPT_PAUSE, SCRIPT_WORDS_PER_SECOND } from '../../timing/timingConstants';
import type { Item } from '../plan/session';
import { lineTimes } from '../timeline/lineTimes';
import type { Segment } from '../timeline/segment';
import { besideCall } from './besideCall';
import { fitsIn, type LineSpeech, lineSpeech, scriptRoom, spokenAt, spokenIn } from './lineSpeech';
import { readScript, scriptMs } from './readScript';
import { cueAtWords, standsWords } from './wordsSaid';

describe('a script', () => {
  test('is read paragraph by paragraph, with a short pause where none is written', () => {
    // Five words take 2.5 s at two a second; four words 2 s.
    expect(readScript('Let the feet grow heavy.\n\nFeel the whole sole.', 8000)).toEqual([
      { say: 'Let the feet grow heavy.', speakMs: 2500, pauseMs: SCRIPT_PAUSE * 1000 },
      { say: 'Feel the whole sole.', speakMs: 2000, pauseMs: SCRIPT_PAUSE * 1000 },
    ]);
    expect(scriptMs(readScript('Let the feet grow heavy.\n\nFeel the whole sole.', 8000))).toBe(8500);
  });

  test('pauses as they are written, in seconds, minutes and breaths, in the middle of a paragraph too', () => {
    const parts = readScript('One (10 s) two (1 min)\n\nthree (3 breaths) four (pause 2 seconds)', 8000);
    expect(parts.map(({ say, pauseMs }) => [say, pauseMs])).toEqual([
      ['One', 10_000],
      ['two', 60_000],
      ['three', 24_000],
      ['four', 2000],
    ]);
  });

  test('a pause in a paragraph of its own stands in place of the short one', () => {
    expect(readScript('Listen.\n\n(20 s)\n\nAnd come back.', 8000).map(({ pauseMs }) => pauseMs)).toEqual([
      20_000, 4000,
    ]);
  });

  test('what only looks like a pause is read: brackets with other words in them', () => {
    const [part] = readScript('Stand (as you like) for a while', 8000);
    expect(part).toMatchObject({ say: 'Stand (as you like) for a while', speakMs: 3500 });
  });

  test('nothing written takes no time, and ten thousand words take as long as they are', () => {
    expect(scriptMs(readScript('', 8000))).toBe(0);
    expect(scriptMs(readScript('  \n\n ', 8000))).toBe(0);
    expect(scriptMs(readScript('word '.repeat(2000), 8000))).toBe((2000 / SCRIPT_WORDS_PER_SECOND) * 1000);
  });
});

const sample = movement();
const standing = movement({
  id: 'post',
  count: { unit: 'breaths', least: 1, usual: 10, most: 200, step: 1 },
  parts: { cycle: [natural(1)] },
});

function speechOf(change: Record<string, unknown>, of = sample): LineSpeech {
  const item: Item = sampleLine({ movementId: of.id, ...change });
  const timeline = timelineFor(plan([item], constant(6)), of);
  const time = lineTimes(timeline).get(item.id);
  if (!time) throw new Error('the line has its time');
  return lineSpeech(item, of, timeline, time);
}
const at = ({ spoken }: LineSpeech) => spoken.map(({ startMs, say }) => [startMs, say]);

describe('words at a moment', () => {
  test('come so many seconds or breaths after the line begins to move: at 6 a minute four breaths are 40 s', () => {
    const said = speechOf({
      cues: [
        { at: { unit: 'seconds', after: 15 }, say: 'Elbows heavy' },
        { at: { unit: 'breaths', after: 4 }, say: 'Softer' },
      ],
    });
    expect(at(said)).toEqual([
      [15_000, 'Elbows heavy'],
      [40_000, 'Softer'],
    ]);
    expect(fitsIn(said)).toBe(true);
  });

  test('in the middle of a breath too, and in a hold', () => {
    expect(at(speechOf({ count: 10, cues: [{ at: { unit: 'breaths', after: 2.5 }, say: 'Here' }] }, standing))).toEqual(
      [[25_000, 'Here']],
    );
  });

  test('as a repetition begins, on each side of it', () => {
    const sided = movement({ id: 'sided', laterality: { sides: { kind: 'each-side', first: 'left' } } });
    const said = speechOf({ count: 3, cues: [{ at: { unit: 'repetitions', at: 3 }, say: 'Once more' }] }, sided);
    expect(said.spoken).toHaveLength(2);
    const [first, second] = said.spoken.map(({ startMs }) => startMs);
    expect(first).toBe(20_000);
    expect(second).toBeGreaterThan(50_000);
  });

  test('as a round begins; each round has its focus, its own or the movement’s', () => {
    const focused = movement({ id: 'focused', focuses: ['the shape', 'the shoulders'] });
    const said = speechOf({ count: 2, rounds: 2, cues: [{ at: { unit: 'rounds', at: 2 }, say: 'Lower' }] }, focused);
    expect(at(said)).toEqual([
      [0, 'the shape'],
      [20_000, 'the shoulders'],
      [20_000, 'Lower'],
    ]);
    expect(speechOf({ count: 2 }, focused).spoken).toEqual([]);
    expect(at(speechOf({ count: 2, focuses: ['the eyes'] }, focused))).toEqual([[0, 'the eyes']]);
  });

  test('that never come are named: beyond the last repetition, after the end', () => {
    const cues = [
      { at: { unit: 'repetitions', at: 7 }, say: 'Never' },
      { at: { unit: 'seconds', after: 60 }, say: 'Too late' },
      { at: { unit: 'repetitions', at: 6 }, say: 'Last' },
    ];
    const said = speechOf({ cues });
    expect(said.never.map(({ say }) => say)).toEqual(['Never', 'Too late']);
    expect(fitsIn(said)).toBe(false);
  });

  test('clash where one begins while the other is said; what goes on past the end says how long', () => {
    const long = 'one two three four five six seven eight nine ten';
    const said = speechOf({
      cues: [
        { at: { unit: 'seconds', after: 10 }, say: long },
        { at: { unit: 'seconds', after: 12 }, say: 'Here' },
        { at: { unit: 'seconds', after: 58 }, say: long },
      ],
    });
    expect(said.clashes).toBe(1);
    // Ten words take four seconds; the line ends two seconds into them.
    expect(said.overMs).toBe(2000);
  });

  test('while nothing is written yet nothing is said', () => {
    expect(speechOf({ cues: [{ at: { unit: 'seconds', after: 1 }, say: ' ' }] }).spoken).toEqual([]);
  });
});

describe('what is read out', () => {
  test('stands in the class at its times, and never before the line moves', () => {
    const said = speechOf(
      { count: 10, manner: 'named', script: 'One two three four. (3 breaths)\n\nFive six.' },
      standing,
    );
    const [first, second] = said.spoken;
    expect(first?.startMs).toBeGreaterThan(2000);
    expect((second?.startMs ?? 0) - (first?.startMs ?? 0)).toBe(2000 + 30_000);
    expect(said.overMs).toBe(0);
  });

  test('pauses in breaths are the line’s own: at half the pace they take twice as long', () => {
    const takes = (pace: number) => {
      const item = sampleLine({ movementId: 'post', count: 10, pace, script: 'One two. (3 breaths)\n\nThree four.' });
      const timeline = timelineFor(plan([item], constant(6)), standing);
      const time = lineTimes(timeline).get(item.id);
      return time && scriptRoom(item, timeline, time);
    };
    expect(takes(6)).toEqual({ takesMs: 32_000, lastsMs: 100_000 });
    expect(takes(3)).toEqual({ takesMs: 62_000, lastsMs: 200_000 });
  });

  test('is as much too long as it goes past the end of its line, in a rest as well', () => {
    const rest = sampleLine({ movementId: 'post', count: 1, script: 'word '.repeat(60) });
    expect(speechOf(rest, standing).overMs).toBe(30_000 - 10_000);
  });
});

test('everything a class says is in the order of the class, and is heard while it is said and a moment longer', () => {
  const items = [
    sampleLine({ id: 'a', count: 2, cues: [{ at: { unit: 'seconds', after: 5 }, say: 'Let go' }] }),
    sampleLine({ id: 'b', count: 2, cues: [{ at: { unit: 'seconds', after: 5 }, say: 'Grow' }] }),
  ];
  const of = plan(items, constant(6));
  const spoken = spokenIn(of, timelineFor(of, sample), () => sample);
  expect(spoken.map(({ itemId, startMs }) => [itemId, startMs])).toEqual([
    ['a', 5000],
    ['b', 25_000],
  ]);
  expect(spokenAt(spoken, 4999)).toBeNull();
  expect(spokenAt(spoken, 5000)?.say).toBe('Let go');
  expect(spokenAt(spoken, 20_000)).toBeNull();
});

describe('beside the call', () => {
  const watched = movement({
    points: [{ text: 'Shoulders low' }, { text: 'Ribs down' }, { text: 'Sink in the hips', phase: 1 }],
    focuses: ['the shape'],
    parts: { cycle: [inBreath, phase({ ...outBreath, manner: { route: 'sounded', sound: 'ah' } })] },
  });
  const items = [sampleLine({ count: 3 })];
  const { segments } = timelineFor(plan(items, constant(6)), watched);
  const points = (one: readonly Segment[]) => one.map((segment) => besideCall(segment, watched, undefined).point);

  test('each point of the whole has its turn, and that of a phase stands at its phase', () => {
    expect(points(segments.filter(({ phase: index }) => index === 0))).toEqual([
      'Shoulders low',
      'Ribs down',
      'Shoulders low',
    ]);
    expect(new Set(points(segments.filter(({ phase: index }) => index === 1)))).toEqual(new Set(['Sink in the hips']));
  });

  test('says how the breath is taken where it is not the plain way', () => {
    expect(segments.slice(0, 2).map((segment) => besideCall(segment, watched, undefined).breath)).toEqual([
      '',
      'sounded “ah”',
    ]);
  });
});

test('moments and places are said in words', () => {
  expect(cueAtWords({ unit: 'seconds', after: 90 })).toBe('after 1:30');
  expect(cueAtWords({ unit: 'breaths', after: 1 })).toBe('after 1 breath');
  expect(cueAtWords({ unit: 'repetitions', at: 3 })).toBe('at number 3');
  expect(cueAtWords({ unit: 'rounds', at: 2 })).toBe('round 2');
  expect(standsWords({ faces: 'usual', place: 'usual' })).toBe('');
  expect(standsWords({ faces: 'back', place: 'nearer' })).toBe('back to the class, stand nearer');
});
