import { Button, Input } from 'antd';
import { memo, useCallback } from 'react';
import { CAUTION_WORDS } from '../../../../../core/movement/schema/caution';
import { type Movement, usualName } from '../../../../../core/movement/schema/movement';
import type { Block } from '../../../../../core/session/plan/block';
import { deepestFor } from '../../../../../core/session/plan/line/depth';
import { isPauseKind, PAUSE_WORDS } from '../../../../../core/session/plan/lineTitle';
import type { Item, MovementItem, Session } from '../../../../../core/session/plan/session';
import { lineTimes } from '../../../../../core/session/timeline/lineTimes';
import type { Timeline } from '../../../../../core/session/timeline/segment';
import { scriptRoom } from '../../../../../core/session/words/lineSpeech';
import { useRepertoire } from '../../../../app/repertoire';
import { useAppDispatch } from '../../../../app/store';
import { useDeskSelector } from '../../draft/draftStore';
import { taken } from '../../draft/hand';
import { useEdits } from '../../draft/useEdits';
import { Noticed } from '../findings/Noticed';
import type { NoticedProps } from '../findings/noticedProps';
import { MovementFields } from './MovementFields';
import { TaughtFields } from './TaughtFields';
import { WhyMinutes } from './WhyMinutes';
import { ScriptField } from './words/ScriptField';
import './linePanel.css';

interface Props extends NoticedProps {
  readonly timeline: Timeline;
}

/** The line in hand: how it is done, why it takes its minutes, what to mind. */
export const LinePanel = memo(function LinePanel({ timeline, ...noticed }: Props) {
  const { session } = noticed;
  const itemId = useDeskSelector(({ hand }) => hand.inHand);
  const item = session.sections.flatMap(({ items }) => items).find(({ id }) => id === itemId);
  return (
    <aside className="line-panel" aria-label="The line in hand">
      {item ? (
        <>
          <Back count={noticed.findings?.open.length ?? 0} />
          <InHand key={item.id} item={item} timeline={timeline} {...noticed} />
        </>
      ) : (
        <>
          <Noticed {...noticed} itemId={null} />
          <Keys />
        </>
      )}
    </aside>
  );
});

/** From the line in hand back to the whole class, and what is worth a look in it. */
function Back({ count }: { readonly count: number }) {
  const dispatch = useAppDispatch();
  return (
    <Button className="panel-back" size="small" type="text" onClick={() => dispatch(taken(null))}>
      The whole class{count > 0 && `: ${count} worth a look`}
    </Button>
  );
}

function InHand({ item, timeline, ...noticed }: { readonly item: Item; readonly timeline: Timeline } & NoticedProps) {
  const repertoire = useRepertoire();
  const edit = useEdits();
  const { id } = item;
  const note = useCallback(
    (said: string) => void edit([{ kind: 'change', itemId: id, to: { note: said } }]),
    [edit, id],
  );
  const time = lineTimes(timeline).get(id);
  const room = time ? scriptRoom(item, timeline, time) : null;
  const script = useCallback(
    (said: string) => void edit([{ kind: 'change', itemId: id, to: { script: said } }]),
    [edit, id],
  );
  const movement = item.kind === 'movement' ? repertoire.find(item.movementId) : undefined;
  return (
    <>
      {item.kind === 'movement' && movement ? (
        <MovementFields
          item={item}
          movement={movement}
          timeline={timeline}
          block={blockOf(noticed.session, item)}
          schools={noticed.session.schools}
          deepest={deepestFor(noticed.session.sections, item.id)}
        />
      ) : (
        <h2>{isPauseKind(item.kind) ? PAUSE_WORDS[item.kind] : 'Unknown movement'}</h2>
      )}
      <Note value={item.note} isTalk={item.kind === 'talk'} onChange={note} />
      {item.kind !== 'movement' && (
        <ScriptField
          value={item.script}
          takesMs={room?.takesMs ?? null}
          lastsMs={room?.lastsMs ?? null}
          onChange={script}
        />
      )}
      <TaughtFields item={item} />
      <Noticed {...noticed} itemId={item.id} />
      <WhyMinutes timeline={timeline} itemId={item.id} takes={noticed.session.takes} />
      {item.kind === 'movement' && movement && <NewerVersion item={item} movement={movement} />}
      {movement && (
        <section className="line-cautions" aria-label="Cautions">
          <h3>To mind</h3>
          <ul>
            {movement.cautions.map((caution) => (
              <li key={caution}>{CAUTION_WORDS[caution]}</li>
            ))}
          </ul>
        </section>
      )}
    </>
  );
}

interface NoteProps {
  readonly value: string;
  readonly isTalk: boolean;
  readonly onChange: (note: string) => void;
}

const Note = memo(function Note({ value, isTalk, onChange }: NoteProps) {
  return (
    <Input
      value={value}
      maxLength={400}
      placeholder={isTalk ? 'What about' : 'A note to myself'}
      aria-label="Note"
      onChange={({ target }) => onChange(target.value)}
    />
  );
});

const blockOf = ({ sections }: Session, { block }: Item): Block | null =>
  sections.flatMap(({ blocks }) => blocks).find(({ id }) => id === block) ?? null;

const KEYS = [
  ['↑ ↓', 'take the line before or after'],
  ['+ −', 'count up or down'],
  ['Alt ↑ ↓', 'move the line'],
  ['Space', 'choose it, with others'],
  ['Shift ↑ ↓', 'choose on from here'],
  ['G', 'what is chosen, as rounds'],
  ['C, V', 'carry it; put in what is carried'],
  ['S', 'sides'],
  ['D', 'double the line'],
  ['R', 'put a rest after it'],
  ['Delete', 'take it out'],
  ['A', 'add to this section'],
  ['Enter', 'its details'],
  ['Ctrl Z', 'undo'],
] as const;

const Keys = () => (
  <>
    <h2>Nothing in hand</h2>
    <p className="faded">Click a line, or reach it with Tab. With a line in hand:</p>
    <dl className="panel-keys">
      {KEYS.map(([key, what]) => (
        <div key={key}>
          <dt>
            <kbd>{key}</kbd>
          </dt>
          <dd>{what}</dd>
        </div>
      ))}
    </dl>
  </>
);

/** A line keeps the version of a movement it was made with until told otherwise. */
function NewerVersion({ item, movement }: { readonly item: MovementItem; readonly movement: Movement }) {
  const repertoire = useRepertoire();
  const edit = useEdits();
  const newest = repertoire.newest(movement.id);
  if (!newest || newest.id === movement.id) return null;
  return (
    <p className="line-newer">
      {usualName(movement)} has been changed since.{' '}
      <Button size="small" onClick={() => edit([{ kind: 'change', itemId: item.id, to: { movementId: newest.id } }])}>
        Take the new version
      </Button>
    </p>
  );
}
