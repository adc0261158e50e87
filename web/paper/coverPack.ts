import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces';
import type { NotToStart } from '../../core/group/coverWords';
import { schoolsWords } from '../../core/movement/adapt/schoolWords';
import { classBegins } from '../../core/session/plan/slotTime';
import { clockAt } from '../../core/words/clockWords';
import { classPlan } from './classPlan';
import { hallSheetPage } from './hallSheetPage';
import type { PaperClass } from './paperClass';
import { said } from './runs';

const FAINT = '#5d5c66';
const RULE = {
  canvas: [{ type: 'line' as const, x1: 0, y1: 0, x2: 520, y2: 0, lineWidth: 0.5, lineColor: '#d8cfbb' }],
};

const heading = (words: string): Content => said(words, { fontSize: 14, margin: [0, 12, 0, 3] }, 'Serif');
const listed = (lines: readonly string[]): Content => ({ ul: lines.map((line) => said(line)) });

/** Everything whoever covers needs beside the class itself. */
export interface CoverNotes {
  /** How many are to be expected; null where that is not known. */
  readonly expected: number | null;
  /** What to mind, counted and without names. */
  readonly needs: readonly { readonly words: string; readonly count: number }[];
  /** What the class would begin, and whoever covers should not. */
  readonly notToStart: NotToStart;
  /** Whether the instructor faces the class. */
  readonly mirrors: boolean;
}

/**
 * The pack for whoever covers a class: where and when, how this group is taught, how many come and what to mind without names, what
 * not to start, the class, the hall sheet, and three lines to hand back.
 */
/** What a cover teacher should not begin; where nobody wrote down what the group knows, that is said. */
function notToStartWords({ names, isUncertain }: NotToStart): string[] {
  const ask = 'What this group knows isn’t written down. Ask them first, and begin nothing new.';
  if (names.length === 0) return [isUncertain ? ask : 'Nothing in this class is new to them.'];
  return [
    `Leave out, or only show what they know of it: ${names.join(', ')}.`,
    'Review only: what this class would have begun comes again later.',
    ...(isUncertain ? [ask] : []),
  ];
}

export function coverPack(paper: PaperClass, notes: CoverNotes): TDocumentDefinitions {
  const { session, timeline, group, place, hall } = paper;
  const plan = classPlan(paper);
  const ends = clockAt(classBegins(session), timeline.totalMs).slice(0, 5);
  const names = paper.cues.flatMap(({ title, pinyin, chinese, movement }) =>
    movement && (pinyin || chinese) ? [`${title}: ${[pinyin, chinese].filter(Boolean).join(', ')}`] : [],
  );
  const first: Content[] = [
    said(`Covering: ${session.title}`, { fontSize: 22 }, 'Serif'),
    said(
      [
        group,
        place,
        session.date ?? 'no day yet',
        `${classBegins(session)} to ${ends}, in a slot from ${session.startsAt} of ${session.slotMinutes} minutes`,
      ]
        .filter(Boolean)
        .join(' · '),
      { color: FAINT },
    ),
    heading('Who comes'),
    listed([
      notes.expected === null ? 'How many is not known.' : `About ${notes.expected} are to be expected.`,
      ...(hall ? [`${hall.chairs} chairs; ${hall.wall} m of wall to hold.`] : []),
      ...notes.needs.map(({ words, count }) => `${count}: ${words}`),
      'Ask who has something to mind: theirs is the last word, and their clinician’s before it. Nothing on this page says what anybody may do.',
    ]),
    heading('How this group is taught'),
    listed([
      notes.mirrors ? 'Face the class and mirror it.' : 'Stand with the back to the class.',
      'The first side is in each line of the class.',
      ...(schoolsWords(session.schools).length > 0
        ? schoolsWords(session.schools)
        : ['Where schools disagree: as usual.']),
    ]),
    heading('Not to be started'),
    listed(notToStartWords(notes.notToStart)),
    ...(names.length > 0 ? [heading('Their names for movements'), listed([...new Set(names)])] : []),
    heading('To hand back'),
    ...[
      'How many came, and who was new:',
      'What was left out, and where the class ended:',
      'What somebody said hurt, clicked or was too much:',
    ].flatMap((words): Content[] => [said(words, { margin: [0, 6, 0, 16] }), RULE]),
  ];
  const [title, ...rest] = plan.content as Content[];
  return {
    ...plan,
    info: { title: `Covering: ${session.title}`, creator: 'Vesperum' },
    content: [...first, { ...(title as object), pageBreak: 'before' } as Content, ...rest, ...hallSheetPage(hall, 13)],
  };
}
