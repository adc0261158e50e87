import { PrinterOutlined } from '@ant-design/icons';
import { App, Button, Dropdown } from 'antd';
import { useState } from 'react';
import { writeClass } from '../../../../../core/formats/classJson';
import { classMarkdown } from '../../../../../core/formats/classMarkdown';
import { classVtt } from '../../../../../core/formats/classVtt';
import { packClass } from '../../../../../core/formats/pocket/pocketClass';
import { countedNeeds, notToStart } from '../../../../../core/group/coverWords';
import type { WayCount } from '../../../../../core/needs/whoNeedsWhat';
import type { Session } from '../../../../../core/session/plan/session';
import { cueSheet, type Facing, type SideWords } from '../../../../../core/session/report/cueSheet';
import type { Timeline } from '../../../../../core/session/timeline/segment';
import { spokenIn } from '../../../../../core/session/words/lineSpeech';
import { today } from '../../../../app/machine/clock';
import { download, fileName } from '../../../../app/machine/download';
import { useRepertoire } from '../../../../app/repertoire';
import { api } from '../../../../app/server/api';
import { askJudge } from '../../../../class/people/theJudge';
import { useComing } from '../../../../class/people/useComing';
import type { AskedNow } from '../../../../class/useAsked';
import { useAskedAfter } from '../../../../course/useAskedAfter';
import { Landmarks } from './Landmarks';

interface Props {
  readonly session: Session;
  readonly timeline: Timeline;
  readonly askedOf: AskedNow;
}

type Kind = 'pocket' | 'card-A5' | 'card-A4' | 'plan' | 'cover' | 'vtt' | 'markdown' | 'json';
const WAYS = { facing: ['mirrored', 'same'], words: ['sides', 'hours', 'room'] } as const;
const WAY_WORDS = {
  mirrored: 'I face the class and mirror it',
  same: 'I stand with my back to the class',
  sides: 'Say left and right',
  hours: 'Say hours of a clock on the floor',
  room: 'Say what stands there in the room …',
} as const;

/** How many take which way, on paper: "2: the higher way". */
const countsWords = (counts: readonly WayCount[]): string =>
  counts.map(({ words, count }) => `${count}: ${words}`).join(' · ');

/** Everything a class can be put on paper or in a file as. */
export function PaperMenu({ session, timeline, askedOf }: Props) {
  const repertoire = useRepertoire();
  const [facing, setFacing] = useState<Facing>('mirrored');
  const [words, setWords] = useState<SideWords>('sides');
  const [isOpen, setIsOpen] = useState(false);
  const [isNaming, setIsNaming] = useState(false);
  const [isBusy, setIsBusy] = useState(false);
  const taught = useAskedAfter(session);
  const coming = useComing(askedOf.group?.id ?? null);
  const { isLoading: isCourseComing } = api.useCourseQuery(session.course?.id ?? '', { skip: session.course === null });
  // What is not here yet would be missing on the paper, and nobody would know.
  const isAllHere = askedOf.isKnown && !isCourseComing;
  const { message } = App.useApp();

  const made = async (kind: Kind): Promise<{ blob: Blob; ending: string }> => {
    const cues = cueSheet(session, timeline, repertoire.find, { facing, words });
    const text = (content: string, type: string, ending: string) => ({ blob: new Blob([content], { type }), ending });
    if (kind === 'vtt')
      return text(classVtt(session.title, timeline, spokenIn(session, timeline, repertoire.find)), 'text/vtt', 'vtt');
    if (kind === 'markdown') return text(classMarkdown(session, cues), 'text/markdown', 'md');
    if (kind === 'json') return text(writeClass(session, repertoire.find), 'application/json', 'json');
    if (kind === 'pocket') {
      const { printPocket } = await import('../../../../carry/pocketFile');
      const carried = packClass('class', session, repertoire.find, { asked: taught, hall: askedOf.hall });
      return { blob: await printPocket(carried, timeline, repertoire.find), ending: 'html' };
    }
    const { printPdf } = await import('../../../../paper/printPdf');
    const { group, hall, asked } = askedOf;
    const { ways } = await askJudge(repertoire, (judge) => judge.comers(session, asked));
    const paper = {
      session,
      timeline,
      cues,
      group: group?.name ?? '',
      place: group?.place ?? '',
      hall,
      ways: new Map(ways.flatMap(({ itemId, counts }) => (counts.length === 0 ? [] : [[itemId, countsWords(counts)]]))),
    };
    if (kind === 'cover') {
      const { coverPack } = await import('../../../../paper/coverPack');
      const day = session.date ?? today();
      const notes = {
        expected: coming?.on(day).expected ?? null,
        needs: countedNeeds(coming?.people ?? [], day),
        notToStart: notToStart(session, asked.known, repertoire.find),
        mirrors: facing === 'mirrored',
      };
      return { blob: await printPdf(coverPack(paper, notes)), ending: 'cover.pdf' };
    }
    if (kind === 'plan') {
      const { classPlan } = await import('../../../../paper/classPlan');
      return { blob: await printPdf(classPlan(paper)), ending: 'plan.pdf' };
    }
    const { classCard } = await import('../../../../paper/classCard');
    return { blob: await printPdf(classCard(paper, kind === 'card-A5' ? 'A5' : 'A4')), ending: 'card.pdf' };
  };
  const save = async (kind: Kind) => {
    setIsBusy(true);
    try {
      const { blob, ending } = await made(kind);
      download(blob, `${fileName(session.title)}.${ending}`);
    } catch (error) {
      console.error(error);
      message.error('It could not be printed. Try again, or take the Markdown.');
    } finally {
      setIsBusy(false);
    }
  };

  return (
    <>
      <Dropdown
        autoFocus
        open={isOpen}
        onOpenChange={(open, { source }) => (open || source === 'trigger') && setIsOpen(open)}
        trigger={['click']}
        menu={{
          selectable: true,
          multiple: true,
          selectedKeys: [facing, typeof words === 'string' ? words : 'room'],
          items: [
            {
              type: 'group',
              label: 'On paper',
              children: [
                { key: 'card-A5', label: 'Card for the chair, A5' },
                { key: 'card-A4', label: 'Card for the chair, A4' },
                { key: 'plan', label: 'Full plan, for a folder' },
                { key: 'cover', label: 'Cover pack, for whoever takes the class' },
              ],
            },
            {
              type: 'group',
              label: 'As a file',
              children: [
                { key: 'pocket', label: 'To carry: one file that teaches by itself' },
                { key: 'vtt', label: 'Calls and words, as WebVTT' },
                { key: 'markdown', label: 'The order, as Markdown' },
                { key: 'json', label: 'The class with its movements, as JSON' },
              ],
            },
            { type: 'divider' },
            ...WAYS.facing.map((key) => ({ key, label: WAY_WORDS[key] })),
            { type: 'divider' },
            ...WAYS.words.map((key) => ({ key, label: WAY_WORDS[key] })),
          ],
          onClick: ({ key }) => {
            if (key === 'mirrored' || key === 'same') setFacing(key);
            else if (key === 'sides' || key === 'hours') setWords(key);
            else if (key === 'room') {
              setIsOpen(false);
              setIsNaming(true);
            } else {
              setIsOpen(false);
              void save(key as Kind);
            }
          },
        }}
      >
        <Button icon={<PrinterOutlined />} loading={isBusy} disabled={!isAllHere}>
          Paper
        </Button>
      </Dropdown>
      {isNaming && (
        <Landmarks
          place={askedOf.group?.place ?? ''}
          onSaid={(said) => {
            setWords(said);
            setIsNaming(false);
          }}
          onLeave={() => setIsNaming(false)}
        />
      )}
    </>
  );
}
