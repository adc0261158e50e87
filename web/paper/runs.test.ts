import { runsOf } from './runs';

test('tone marks and Chinese are set in the files that have them, and nothing is lost', () => {
  const words = 'Cloud Hands, Yún Shǒu 雲手, 8 times';
  const runs = runsOf(words, 'Sans');
  expect(runs.map(({ text }) => text).join('')).toBe(words);
  expect(runs.flatMap(({ font, text }) => (font.startsWith('Han') ? [...text.trim()] : []))).toEqual(['雲', '手']);
  expect(runs.filter(({ font }) => font === 'SansExt').map(({ text }) => text)).toEqual(['ǒ']);
});

test('plain words are one run, and none are none', () => {
  expect(runsOf('Rest', 'Serif')).toEqual([{ text: 'Rest', font: 'Serif' }]);
  expect(runsOf('', 'Sans')).toEqual([]);
});
