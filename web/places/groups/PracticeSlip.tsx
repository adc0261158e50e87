import { App, Button, InputNumber, Modal, Select } from 'antd';
import { useMemo, useState } from 'react';
import { packClass } from '../../../core/formats/pocket/pocketClass';
import { doneIn } from '../../../core/group/doneIn';
import { knowledgeOf } from '../../../core/group/knowledge';
import type { Came, Person } from '../../../core/group/person';
import { seenBy } from '../../../core/group/seenBy';
import { type Movement, usualName } from '../../../core/movement/schema/movement';
import { proposeSlip } from '../../../core/practice/proposeSlip';
import { slipSession } from '../../../core/practice/slipSession';
import { slipCount, slipText } from '../../../core/practice/slipText';
import { timelineOf } from '../../../core/session/schedule/timeline';
import { minutes } from '../../../core/words/clockWords';
import { today } from '../../app/machine/clock';
import { download, fileName } from '../../app/machine/download';
import { freshId } from '../../app/machine/freshId';
import { useRepertoire } from '../../app/repertoire';
import { api } from '../../app/server/api';
import { Figure } from '../../drawing/figure/Figure';
import { tellingPose } from '../../paper/paperClass';

interface Props {
  readonly groupId: string;
  readonly people: readonly Person[];
  readonly came: readonly Came[];
  readonly onClose: () => void;
}

const TITLE = 'Practice between classes';
const EVERYBODY = '';

/** Practice between classes: for the group or for one of them, of what they have, as long as is asked. Proposed, and changed by hand. */
export function PracticeSlip({ groupId, people, came, onClose }: Props) {
  const { newest } = useRepertoire();
  const { message } = App.useApp();
  const { data: sessions } = api.useSessionsQuery();
  const { data: logs } = api.useLogsQuery();
  const { data: groups } = api.useGroupsQuery();
  const [who, setWho] = useState(EVERYBODY);
  const [asked, setAsked] = useState(10);
  const [chosen, setChosen] = useState<readonly string[]>([]);
  const group = groups?.find(({ id }) => id === groupId);

  /** What they have: what was practised last first and main pieces before loosening; for one of them only what they were there for. */
  const known = useMemo((): Movement[] => {
    const classes = doneIn(sessions ?? [], logs ?? []);
    const taught = classes.map(({ id, done }) => ({ sessionId: id, movementIds: done }));
    const days = came.flatMap(({ sessionId }) => {
      const session = classes.find(({ id }) => id === sessionId);
      return session?.date ? [{ day: session.date, movementIds: session.done }] : [];
    });
    const seen = seenBy(people, came, taught, group?.knows ?? [], today());
    const has = (id: string) => who === EVERYBODY || (seen.get(id)?.has(who) ?? false);
    return knowledgeOf(days, group?.knows ?? [])
      .filter(({ movementId }) => has(movementId))
      .flatMap(({ movementId }) => newest(movementId) ?? [])
      .filter(({ roles }) => roles.includes('main') || roles.includes('warm-up'))
      .toSorted((a, b) => Number(b.roles.includes('main')) - Number(a.roles.includes('main')));
  }, [sessions, logs, came, people, group, who, newest]);

  const slip = useMemo(() => {
    const needs = people.find(({ id }) => id === who)?.needs ?? [];
    const byHand = chosen.flatMap((id) => known.filter((movement) => movement.id === id));
    return proposeSlip({ known: byHand.length > 0 ? byHand : known, needs, minutes: asked });
  }, [known, people, who, asked, chosen]);

  const print = async () => {
    try {
      const [{ printPdf }, { practiceSlip }] = await Promise.all([
        import('../../paper/printPdf'),
        import('../../paper/sheets/practiceSlip'),
      ]);
      download(await printPdf(practiceSlip(slip, TITLE)), `${fileName(TITLE)}.pdf`);
    } catch (error) {
      console.error(error);
      message.error('It could not be printed. Try again, or copy it as text.');
    }
  };
  const save = async () => {
    try {
      const { printPocket } = await import('../../carry/pocketFile');
      const { session, find } = slipSession(slip, freshId('practice'), TITLE, newest);
      const answer = timelineOf(session, find);
      if (!answer.ok) throw new Error('A movement of the slip is not there.');
      download(
        await printPocket(packClass('practice', session, find), answer.timeline, find),
        `${fileName(TITLE)}.html`,
      );
    } catch (error) {
      console.error(error);
      message.error('The file could not be made. Try again, or print it.');
    }
  };
  const copy = async () => {
    try {
      await navigator.clipboard.writeText(slipText(slip, TITLE));
      message.success('Copied.');
    } catch {
      message.error('This browser does not let it be copied. Print it.');
    }
  };
  const isShort = Math.abs(slip.seconds - slip.asked) > 15;
  return (
    <Modal
      open
      title={TITLE}
      width={620}
      onCancel={onClose}
      footer={[
        <Button key="copy" disabled={slip.lines.length === 0} onClick={() => void copy()}>
          Copy as text
        </Button>,
        <Button key="file" disabled={slip.lines.length === 0} onClick={() => void save()}>
          As one file
        </Button>,
        <Button key="print" type="primary" disabled={slip.lines.length === 0} onClick={() => void print()}>
          Print, A5
        </Button>,
      ]}
    >
      <div className="slip-ask">
        <Select
          aria-label="For whom"
          value={who}
          options={[
            { value: EVERYBODY, label: 'the group' },
            ...people.map(({ id, called }) => ({ value: id, label: called })),
          ]}
          onChange={(id) => {
            setWho(id);
            setChosen([]);
          }}
        />
        <InputNumber
          aria-label="Minutes"
          min={2}
          max={30}
          suffix="min"
          value={asked}
          onChange={(value) => value !== null && setAsked(value)}
        />
        <Select
          mode="multiple"
          maxCount={3}
          aria-label="Of these"
          placeholder="of what they have"
          value={[...chosen]}
          options={known.map((movement) => ({ value: movement.id, label: usualName(movement) }))}
          optionFilterProp="label"
          onChange={setChosen}
        />
      </div>
      {slip.lines.length === 0 && (
        <p>
          Nothing is known yet that they could practise by themselves: teach a class and record it, or say what they
          know.
        </p>
      )}
      <ul className="slip-lines">
        {slip.lines.map((line) => (
          <li key={line.item.id}>
            <Figure pose={tellingPose(line.done)} scale={0.34} />
            <span>
              <strong className="name">{usualName(line.done)}</strong>
              <span>{slipCount(line)}</span>
              {line.way && <span className="faded">{line.way}</span>}
            </span>
            <span className="number">{minutes(line.seconds * 1000)}</span>
          </li>
        ))}
      </ul>
      {slip.lines.length > 0 && (
        <p className={isShort ? 'needs-old' : 'faded'}>
          {minutes(slip.seconds * 1000)} in all
          {isShort ? `: of what they have it comes no nearer to ${asked} minutes.` : '.'} Nothing on it is about
          anybody.
        </p>
      )}
    </Modal>
  );
}
