import type { PocketClass } from '../../core/formats/pocket/pocketClass';
import { type FindMovement, usualName } from '../../core/movement/schema/movement';
import { notedTitle } from '../../core/session/plan/lineTitle';
import { classBegins } from '../../core/session/plan/slotTime';
import { countSaid } from '../../core/session/report/countWords';
import { lineTimes, segmentsOf } from '../../core/session/timeline/lineTimes';
import type { Timeline } from '../../core/session/timeline/segment';
import { clockAt, minutes } from '../../core/words/clockWords';
import { sectionWord } from '../../core/words/sectionWord';
import { figureSvg } from '../paper/figureSvg';
import { tellingPose } from '../paper/paperClass';

const ESCAPED: Readonly<Record<string, string>> = {
  '&': '&amp;',
  '<': '&lt;',
  '>': '&gt;',
  '"': '&quot;',
  "'": '&#39;',
};
const escaped = (words: string): string => words.replace(/[&<>"']/g, (letter) => ESCAPED[letter] ?? letter);

/** Where the page has a place for what it carries. */
const PLACES = {
  title: '<title>A class</title>',
  faces: '<style id="vesperum-faces"></style>',
  carried: '<script type="application/json" id="vesperum-pocket"></script>',
  card: '<div id="card"></div>',
} as const;

const CAUTION =
  'Pain is a stop sign. Keep breathing, sit when you like. A chair or wall within reach for balance work.';

/** The running order as plain text and pictures: a card to teach from wherever no script runs. */
export function cardHtml({ session, sheet }: PocketClass, timeline: Timeline, find: FindMovement): string {
  const times = lineTimes(timeline);
  const sections = session.sections
    .filter(({ items }) => items.length > 0)
    .map(({ kind, items }) => {
      const rows = items.map((item) => {
        const when = times.get(item.id);
        const movement = item.kind === 'movement' ? find(item.movementId) : undefined;
        const calls = when ? [...new Set(segmentsOf(timeline, when).map(({ call }) => call))].filter(Boolean) : [];
        const count = item.kind === 'movement' && movement ? countSaid(movement, item) : '';
        const name = movement ? usualName(movement) : notedTitle(item, find);
        const han = movement?.names.chinese[0] ?? '';
        return `<tr><td>${clockAt(classBegins(session), when?.startMs ?? 0).slice(0, 5)}</td><td>${movement ? figureSvg(tellingPose(movement)) : ''}</td><td><strong>${escaped(name)}</strong> ${escaped(han)}<small>${escaped(calls.join(' / '))}</small></td><td>${escaped(count)}</td><td class="card-minutes">${minutes(when?.lengthMs ?? 0)}</td></tr>`;
      });
      return `<h2>${escaped(sectionWord(kind))}</h2><table>${rows.join('')}</table>`;
    });
  const hall = sheet.map(({ label, words }) => `<dt>${escaped(label)}</dt><dd>${escaped(words)}</dd>`).join('');
  return `<h1>${escaped(session.title)}</h1><p>${minutes(timeline.totalMs)} in all. ${CAUTION}</p>${sections.join('')}${hall ? `<h2>Hall</h2><dl>${hall}</dl>` : ''}`;
}

/** What is to be read as data within a page: no text of it can end the element it stands in. */
const asData = (carried: PocketClass): string => JSON.stringify(carried).replaceAll('<', '\\u003c');

/** The Chinese letters of a class, each once. */
export const hanOf = ({ movements, session }: PocketClass): string =>
  [...new Set(JSON.stringify([movements.map(({ names }) => names.chinese), session.title]))]
    .filter((letter) => /\p{Script=Han}/u.test(letter))
    .join('');

/** Puts a class into the page it is carried in. Throws where the page has no place for it. */
export function pocketHtml(
  template: string,
  carried: PocketClass,
  timeline: Timeline,
  find: FindMovement,
  faces: string,
): string {
  const parts: readonly (readonly [place: string, with_: string])[] = [
    [PLACES.title, `<title>${escaped(carried.session.title)}</title>`],
    [PLACES.faces, `<style id="vesperum-faces">${faces.replaceAll('<', '')}</style>`],
    [PLACES.carried, `<script type="application/json" id="vesperum-pocket">${asData(carried)}</script>`],
    [PLACES.card, `<div id="card">${cardHtml(carried, timeline, find)}</div>`],
  ];
  return parts.reduce((page, [place, filled]) => {
    if (!page.includes(place)) throw new Error(`The page has no place for ${place}.`);
    return page.replace(place, () => filled);
  }, template);
}

/** A class in a file of its own, ready to be saved: the page, the face of its Chinese names, and everything it takes to teach it. */
export async function printPocket(carried: PocketClass, timeline: Timeline, find: FindMovement): Promise<Blob> {
  const [page, faces] = await Promise.all([
    fetch('/api/pocket/template'),
    fetch('/api/pocket/faces', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ text: hanOf(carried) }),
    }),
  ]);
  if (!page.ok) throw new Error(`The file could not be made: the server answers ${page.status}.`);
  // Without its face a name is written in whatever the device has.
  const css = faces.ok ? await faces.text() : '';
  return new Blob([pocketHtml(await page.text(), carried, timeline, find, css)], { type: 'text/html' });
}
