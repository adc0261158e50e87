import type { Session } from '../session/plan/session';
import { classBegins } from '../session/plan/slotTime';
import type { Cue } from '../session/report/cueSheet';
import { clockAt } from '../words/clockWords';

/** Words that would be read as signs of their own are escaped. */
const plain = (words: string): string => words.replaceAll(/([\\`*_{}[\]<>#+|~])/g, '\\$1').replaceAll(/\s+/g, ' ');

const SECTION = {
  opening: 'Opening',
  'warm-up': 'Warm-up',
  main: 'Main',
  'cool-down': 'Cool-down',
  closing: 'Closing',
} as const;

/** A class as Markdown: a heading for each section, a line for each item, its calls beneath. */
export function classMarkdown(
  session: Pick<Session, 'title' | 'startsAt' | 'slotMinutes' | 'doors' | 'date'>,
  cues: readonly Cue[],
): string {
  const lines = [
    `# ${plain(session.title)}`,
    '',
    `${session.date ? `${session.date}, ` : ''}${session.startsAt}, ${session.slotMinutes} minutes`,
  ];
  let section: Cue['section'] | null = null;
  for (const cue of cues) {
    if (cue.section !== section) {
      section = cue.section;
      lines.push('', `## ${SECTION[cue.section]}`, '');
    }
    if (cue.opens !== '') lines.push(`- *${plain(cue.opens)}*`);
    const indent = '  '.repeat(cue.depth);
    const names = [cue.title, cue.pinyin, cue.chinese].filter(Boolean).map(plain).join(', ');
    lines.push(
      `${indent}- **${clockAt(classBegins(session), cue.startMs).slice(0, 5)}** ${names}: ${plain(cue.count)}${cue.sides ? `; ${plain(cue.sides)}` : ''}`,
    );
    if (cue.steps !== '') lines.push(`${indent}  - first: ${plain(cue.steps)}`);
    if (cue.calls.length > 0)
      lines.push(
        `${indent}  - ${cue.calls.map(({ call, how }) => plain(how === '' ? call : `${call} (${how})`)).join(' / ')}`,
      );
    if (cue.settles !== '') lines.push(`${indent}  - then: ${plain(cue.settles)}`);
    if (cue.lowest !== '') lines.push(`${indent}  - ${plain(cue.lowest)}`);
    if (cue.stands !== '') lines.push(`${indent}  - ${plain(cue.stands)}`);
    cue.focuses.forEach((focus, round) => {
      lines.push(`${indent}  - round ${round + 1}: ${plain(focus)}`);
    });
    for (const words of cue.said) lines.push(`${indent}  - ${plain(words)}`);
    if (cue.script !== '') lines.push(`${indent}  - read: ${plain(cue.script)}`);
    if (cue.note !== '') lines.push(`${indent}  - ${plain(cue.note)}`);
  }
  return `${lines.join('\n')}\n`;
}
