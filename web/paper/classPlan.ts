import type { Content, TableCell, TDocumentDefinitions } from 'pdfmake/interfaces';
import { CAUTION_WORDS } from '../../core/movement/schema/caution';
import type { MovementItem } from '../../core/session/plan/session';
import { classBegins } from '../../core/session/plan/slotTime';
import { BREATH_WORDS } from '../../core/session/schedule/calls';
import { breathsPerMinute } from '../../core/words/breathsPerMinute';
import { clockAt, minutes } from '../../core/words/clockWords';
import { sectionWord } from '../../core/words/sectionWord';
import { figureSvg } from './figureSvg';
import { type PaperClass, tellingPose } from './paperClass';
import { said } from './runs';

const FAINT = '#5d5c66';
const MANNER = {
  explained: 'explained first',
  named: 'named',
  'follow-along': 'follow along',
  quiet: 'quiet',
} as const;

function paceWords({ ownBreath, pace }: MovementItem): string {
  if (ownBreath) return 'breathed in their own time';
  return pace === null ? '' : `${breathsPerMinute(pace)} breaths a minute`;
}

/** What is read out in a line, in full and over the whole width, a paragraph at a time. */
function scriptRow({ script }: PaperClass['cues'][number]): TableCell[][] {
  const paragraphs = script.split(/\n\s*\n/).filter((paragraph) => paragraph.trim() !== '');
  if (paragraphs.length === 0) return [];
  const read: Content[] = paragraphs.map((paragraph) => said(paragraph.trim(), { margin: [0, 0, 0, 3] }));
  return [[{ text: '' }, { colSpan: 3, fontSize: 10, lineHeight: 1.15, stack: read }, {}, {}]];
}

/** The whole plan, for a folder or for whoever covers the class: every call with its breath, how it is led, what to mind. */
export function classPlan({ session, timeline, cues, group, place, ways }: PaperClass): TDocumentDefinitions {
  const items = new Map(session.sections.flatMap((section) => section.items.map((item) => [item.id, item] as const)));
  const row = (cue: PaperClass['cues'][number]): TableCell[] => {
    const item = items.get(cue.itemId);
    const how = item?.kind === 'movement' ? MANNER[item.manner] : '';
    const pace = item?.kind === 'movement' ? paceWords(item) : '';
    const mind = (cue.movement?.cautions ?? [])
      .filter((caution) => caution !== 'general')
      .map((caution) => CAUTION_WORDS[caution]);
    const names = [cue.pinyin, cue.chinese].filter(Boolean).join('  ');
    return [
      {
        stack: [
          said(clockAt(classBegins(session), cue.startMs).slice(0, 5), { bold: true }),
          said(minutes(cue.lengthMs), { color: FAINT }),
        ],
      },
      cue.movement ? { svg: figureSvg(tellingPose(cue.movement)), fit: [30, 34], alignment: 'center' } : { text: '' },
      {
        margin: [cue.depth * 9, 0, 0, 0],
        stack: [
          ...(cue.opens === '' ? [] : [said(cue.opens, { color: '#85500f', bold: true })]),
          said(cue.title, { fontSize: 12.5 }, 'Serif'),
          ...(names === '' ? [] : [said(names, { color: FAINT })]),
          said([cue.count, cue.sides, cue.counting, how, pace].filter(Boolean).join(' · ')),
          ...(cue.steps === '' ? [] : [said(`First: ${cue.steps}`, { color: FAINT })]),
          ...(cue.settles === '' ? [] : [said(`Then: ${cue.settles}`, { color: FAINT })]),
          ...(cue.lowest === '' ? [] : [said(cue.lowest)]),
          ...(cue.stands === '' ? [] : [said(cue.stands)]),
          ...cue.focuses.map((focus, round) => said(`Round ${round + 1}: ${focus}`)),
          ...cue.said.map((words) => said(words, { color: '#85500f' })),
          ...(cue.tags.length === 0 ? [] : [said(cue.tags.map((tag) => `#${tag}`).join(' '), { color: FAINT })]),
          ...(ways.has(cue.itemId) ? [said(ways.get(cue.itemId) ?? '', { color: '#85500f' })] : []),
          ...(cue.note === '' ? [] : [said(cue.note, { italics: false, color: '#85500f' })]),
        ],
      },
      {
        stack: [
          ...cue.calls.map(({ call, breath, how }) =>
            said(`${call}  (${[BREATH_WORDS[breath].toLowerCase(), how].filter(Boolean).join(', ')})`),
          ),
          ...cue.points.map((point) => said(`Watch: ${point}`, { fontSize: 8 })),
          ...cue.faults.map(({ seen, say }) => said(`${seen}: “${say}”`, { fontSize: 8, color: FAINT })),
          ...mind.map((words) => said(words, { color: '#9c4632', fontSize: 7.5 })),
        ],
      },
    ];
  };
  const rows = (cue: PaperClass['cues'][number]): TableCell[][] => [row(cue), ...scriptRow(cue)];
  const sections = session.sections.flatMap((section, index): Content[] => {
    const lines = cues.filter((cue) => section.items.some(({ id }) => id === cue.itemId));
    if (lines.length === 0) return [];
    const { from, to } = section.pace;
    const pace = from === to ? breathsPerMinute(to) : `${breathsPerMinute(from)} to ${breathsPerMinute(to)}`;
    return [
      {
        columns: [
          said(sectionWord(section.kind), { fontSize: 15 }, 'Serif'),
          said(`${minutes(timeline.sections[index]?.lengthMs ?? 0)}, ${pace} breaths a minute`, {
            alignment: 'right',
            color: FAINT,
            margin: [0, 5, 0, 0],
          }),
        ],
        margin: [0, 12, 0, 2],
      },
      {
        table: { widths: [40, 34, '*', 190], dontBreakRows: true, body: lines.flatMap(rows) },
        layout: {
          hLineWidth: () => 0.4,
          vLineWidth: () => 0,
          hLineColor: () => '#d8cfbb',
          paddingLeft: () => 0,
          paddingTop: () => 4,
          paddingBottom: () => 4,
        },
      },
    ];
  });
  const about = [group, place, session.date ?? '', `${session.startsAt}, ${session.slotMinutes} minutes`]
    .filter(Boolean)
    .join(' · ');
  return {
    pageSize: 'A4',
    pageMargins: [36, 36, 36, 44],
    info: { title: session.title, creator: 'Vesperum' },
    defaultStyle: { font: 'Sans', fontSize: 9, color: '#232742' },
    footer: (page, pages) => ({ text: `${page} / ${pages}`, alignment: 'right', color: FAINT, margin: [36, 8, 36, 0] }),
    content: [
      said(session.title, { fontSize: 22 }, 'Serif'),
      said(about, { color: FAINT, margin: [0, 0, 0, 6] }),
      said(
        'Pain is a stop sign; work inside a comfortable range, keep breathing, sit when you like. This plans an exercise class; it does not diagnose or treat. The venue’s rules, local first aid and safeguarding, and each person’s own clinician come first.',
        { fontSize: 8, color: FAINT },
      ),
      ...sections,
    ],
  };
}
