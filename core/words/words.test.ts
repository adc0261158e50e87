import { clockAt, minutes, timecode } from './clockWords';
import { Slug } from './ids';
import { spaced } from './spaced';

test('a length is rounded as a whole, so that no minute has sixty seconds', () => {
  expect([0, 59_400, 59_600, 90_500, 3_600_000].map(minutes)).toEqual(['0:00', '0:59', '1:00', '1:31', '60:00']);
});

test('the time of day goes on after midnight', () => {
  expect([clockAt('19:00', 90_000), clockAt('23:59', 61_000)]).toEqual(['19:01:30', '00:00:01']);
});

test('a place in a recording is cut, not rounded, to its second', () =>
  expect([timecode(90_999), timecode(3_661_005)]).toEqual(['00:01:30.999', '01:01:01.005']));

test('names are said with spaces, and ids have none', () => {
  expect(spaced('wide-low-back')).toBe('wide low back');
  expect([Slug.safeParse('evening-4').success, Slug.safeParse('Evening 4').success]).toEqual([true, false]);
});
