import { classTrack } from '../../../hall/track';
import { classWith, contextWith, line } from '../../../testing/cleanClass';
import { inBreath, movement, outBreath, plan, line as sampleLine, timelineFor } from '../../../testing/sample';
import { readLine } from '../../edit/written/readLine';
import { analyseClass } from '../../findings/finding/analyseClass';
import { forecastParts } from '../../report/forecast';
import { newPause } from '../defaults';
import { notedTitle } from '../lineTitle';

const even = movement({ id: 'even', parts: { cycle: [inBreath, outBreath] } });

test('tables to clear for ten minutes are ten minutes, whoever measures', () => {
  const of = { ...plan([newPause('clock', 'tables', 600, 'tables to clear')]), takes: { talk: 1.4 } };
  const timeline = timelineFor(of, even);
  expect(timeline.segments.map(({ kind, lengthMs, breaths }) => [kind, lengthMs, breaths])).toEqual([
    ['clock', 600_000, null],
  ]);
  // It keeps the clock: it adds nothing to what is uncertain.
  expect(forecastParts(of, timeline, () => even).every(({ deviation }) => deviation === 0)).toBe(true);
});

test.each([
  ['tables to clear 10 min', 600, 'tables to clear'],
  ['practise by yourselves 5 min', 300, 'practise by yourselves'],
  ['clock 2 min notices', 120, 'notices'],
  ['chairs back', 300, 'chairs back'],
])('it is written as it is said: %s', (text, seconds, note) => {
  expect(readLine(text)).toMatchObject({ kind: 'clock', seconds, note });
});

test('it is called by what it is for', () => {
  expect(notedTitle(newPause('clock', 'a', 60, 'tables to clear'), () => undefined)).toBe(
    'By the clock: tables to clear',
  );
});

test('in five minutes by themselves everybody is back in their places', () => {
  const main = [line('sidesteps', 8), newPause('clock', 'alone', 300, 'by yourselves'), line('lift', 3)];
  const analysed = analyseClass(classWith({ main }), contextWith());
  const after = analysed ? classTrack(analysed).filter(({ itemId }) => itemId === 'alone') : [];
  expect(after.map(({ x, y }) => [x, y])).toEqual([[0, 0]]);
});

test('what others do meanwhile changes nothing of the time', () => {
  const of = (meanwhile: string) =>
    timelineFor(plan([sampleLine({ movementId: 'even', count: 4, meanwhile })]), even).totalMs;
  expect(of('the back row sits and follows the hands')).toBe(of(''));
});
