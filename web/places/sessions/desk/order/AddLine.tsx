import { AutoComplete } from 'antd';
import { memo, useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { tellingMoment } from '../../../../../core/movement/sample/tellingMoment';
import type { Movement } from '../../../../../core/movement/schema/movement';
import { writtenSide } from '../../../../../core/movement/walk/cycleFor';
import { Block } from '../../../../../core/session/plan/block';
import type { LineSet } from '../../../../../core/session/plan/lineSet';
import type { Section } from '../../../../../core/session/plan/session';
import { minutes } from '../../../../../core/words/clockWords';
import { sectionWord } from '../../../../../core/words/sectionWord';
import { useRepertoire } from '../../../../app/repertoire';
import { Figure } from '../../../../drawing/figure/Figure';
import { selectSession, useDeskSelector } from '../../draft/draftStore';
import { useEdits } from '../../draft/useEdits';
import { type Offer, offersFor } from './offersFor';

interface Props {
  readonly section: number;
  readonly kind: Section['kind'];
}

/** What an offer puts in: a form stands together in a block of its name, so that it can be moved, repeated and timed as one. */
function asLines({ items, title }: Offer): LineSet {
  if (items.length < 2) return { items: [...items], blocks: [] };
  // A form with places on one side only is done as it is taught; one without is the same on both.
  const oneWay = items.some((item) => item.kind === 'movement' && item.sides.endsWith('-only'));
  const block = Block.parse({ id: 'form', name: title, oneWay });
  return { items: items.map((item) => ({ ...item, block: block.id })), blocks: [block] };
}

/** A field at the end of a section that reads a line as it would be written on paper, and shows how it understood it. */
export const AddLine = memo(function AddLine({ section, kind }: Props) {
  const repertoire = useRepertoire();
  const edit = useEdits();
  const navigate = useNavigate();
  const [text, setText] = useState('');
  // As long as nothing is typed the class does not matter here.
  const session = useDeskSelector((state) => (text === '' ? null : selectSession(state)));

  const offers = useMemo(
    () => (session ? offersFor(text, session, section, repertoire) : []),
    [text, session, section, repertoire],
  );
  const word = sectionWord(kind).toLowerCase();

  const add = (key: string) => {
    const offer = offers.find((candidate) => candidate.key === key);
    const index = session?.sections[section]?.items.length;
    if (!offer || index === undefined) return;
    if (offer.newName !== null) {
      navigate(`/repertoire/new?name=${encodeURIComponent(offer.newName)}`);
      return;
    }
    // However many lines it is, it is one step.
    if (edit([{ kind: 'paste', at: { section, index }, lines: asLines(offer) }])) setText('');
  };

  return (
    <AutoComplete
      id={`add-to-${section}`}
      className="add-line"
      variant="borderless"
      value={text}
      options={offers.map(({ key, items, title, reading, cautions, ms, movement, newName }) => ({
        value: key,
        disabled: items.length === 0 && newName === null,
        label: (
          <span className="add-offer">
            {movement ? <OfferFigure movement={movement} /> : <span />}
            <span className="name">{title}</span>
            <span className="number">{reading}</span>
            <span className="number">{ms > 0 && minutes(ms)}</span>
            {cautions !== '' && <span className="add-caution">mind {cautions}</span>}
          </span>
        ),
      }))}
      onChange={(value) => setText(offers.some(({ key }) => key === value) ? '' : value)}
      onSelect={add}
      defaultActiveFirstOption
      placeholder={`Add to the ${word}: a name and a count, such as “${EXAMPLES[kind]}”`}
      aria-label={`Add to the ${word}`}
    />
  );
});

/** A movement at the moment that tells it, small. */
const OfferFigure = memo(function OfferFigure({ movement }: { readonly movement: Movement }) {
  return <Figure pose={tellingMoment(movement, writtenSide(movement)).pose} scale={0.2} />;
});

const EXAMPLES = {
  opening: 'belly breathing 6',
  'warm-up': 'ankle circles 8',
  main: 'cloud hands 4 2 rounds',
  'cool-down': 'side stretch 2',
  closing: 'gather 3',
} as const;
