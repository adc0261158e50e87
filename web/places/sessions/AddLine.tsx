import { nanoid } from '@reduxjs/toolkit';
import { AutoComplete } from 'antd';
import { useMemo, useState } from 'react';
import { usualName } from '../../../core/movement/movement';
import { sidesOffered } from '../../../core/movement/pass';
import { countWords } from '../../../core/session/countWords';
import { newMovementItem } from '../../../core/session/defaults';
import { readLine } from '../../../core/session/readLine';
import type { Item, Session } from '../../../core/session/session';
import { timelineOf } from '../../../core/session/timeline';
import type { Repertoire } from '../../app/repertoire';
import { useAppDispatch } from '../../app/store';
import { minutes, sectionWord } from '../../app/words';
import { lineAdded } from './draft';

interface Props {
  readonly session: Session;
  readonly section: number;
  readonly repertoire: Repertoire;
}

/** How many movements are offered for what was typed. */
const OFFERED = 7;

/** A field at the end of a section that reads a line as it would be written on paper, and shows how it understood it. */
export function AddLine({ session, section, repertoire }: Props) {
  const dispatch = useAppDispatch();
  const [text, setText] = useState('');
  const passage = session.sections[section];

  const offers = useMemo(
    () => (passage ? offersFor(text, session, section, repertoire) : []),
    [text, session, section, repertoire, passage],
  );
  if (!passage) return null;
  const word = sectionWord(passage.kind).toLowerCase();

  const add = (key: string) => {
    const offer = offers.find((candidate) => candidate.key === key);
    if (!offer) return;
    dispatch(lineAdded({ at: { section, index: passage.items.length }, item: { ...offer.item, id: nanoid(8) } }));
    setText('');
  };

  return (
    <AutoComplete
      id={`add-to-${section}`}
      className="add-line"
      variant="borderless"
      value={text}
      options={offers.map(({ key, title, reading, cautions, ms }) => ({
        value: key,
        label: (
          <span className="add-offer">
            <span className="name">{title}</span>
            <span className="number">{reading}</span>
            <span className="number">{minutes(ms)}</span>
            {cautions !== '' && <span className="add-caution">mind {cautions}</span>}
          </span>
        ),
      }))}
      onChange={(value) => setText(offers.some(({ key }) => key === value) ? '' : value)}
      onSelect={add}
      defaultActiveFirstOption
      placeholder={`Add to the ${word}: a name and a count, such as “${EXAMPLES[passage.kind]}”`}
      aria-label={`Add to the ${word}`}
      notFoundContent={text.trim() === '' ? null : 'No movement by that name. “rest 30” and “talk 60 knees” work too.'}
    />
  );
}

const EXAMPLES = {
  opening: 'belly breathing 6',
  'warm-up': 'ankle circles 8',
  main: 'cloud hands 4 2 rounds',
  'cool-down': 'side stretch 2',
  closing: 'gather 3',
} as const;

interface Offer {
  readonly key: string;
  readonly item: Item;
  readonly title: string;
  readonly reading: string;
  readonly cautions: string;
  readonly ms: number;
}

/** What a typed line could mean, each with the time it would take in this section. */
function offersFor(text: string, session: Session, section: number, repertoire: Repertoire): Offer[] {
  const passage = session.sections[section];
  if (text.trim() === '' || !passage) return [];
  const line = readLine(text);
  if (line.kind !== 'movement') {
    const { kind, seconds, note } = line;
    if (seconds < 1 || seconds > 3600) return [];
    const title = kind === 'rest' ? 'Rest' : 'Talk';
    return [
      {
        key: kind,
        item: { kind, id: kind, seconds, note },
        title,
        reading: `${seconds} seconds ${note}`,
        cautions: '',
        ms: seconds * 1000,
      },
    ];
  }
  return repertoire
    .search(line.name)
    .slice(0, OFFERED)
    .map((movement) => {
      const item = {
        ...newMovementItem(movement.id, movement, passage.kind, line.count ?? undefined),
        rounds: Math.min(20, line.rounds),
        sides: sidesOffered(movement.laterality).includes(line.sides) ? line.sides : 'usual',
      };
      const alone = timelineOf({ ...session, sections: [{ ...passage, items: [item] }] }, repertoire.find);
      const { words } = countWords(movement, item);
      return {
        key: movement.id,
        item,
        title: usualName(movement),
        reading: `${item.count} ${words}${item.rounds > 1 ? `, ${item.rounds} rounds` : ''}`,
        cautions: movement.cautions
          .filter((caution) => caution !== 'general')
          .join(', ')
          .replaceAll('-', ' '),
        ms: alone.ok ? alone.timeline.totalMs : 0,
      };
    });
}
