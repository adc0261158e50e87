import { AutoComplete } from 'antd';
import { memo, useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { tellingMoment } from '../../../../../core/movement/sample/tellingMoment';
import type { Movement } from '../../../../../core/movement/schema/movement';
import { writtenSide } from '../../../../../core/movement/walk/cycleFor';
import { offersFor } from '../../../../../core/session/offer/offersFor';
import type { Section } from '../../../../../core/session/plan/session';
import { minutes } from '../../../../../core/words/clockWords';
import { sectionWord } from '../../../../../core/words/sectionWord';
import { useRepertoire } from '../../../../app/repertoire';
import { Figure } from '../../../../drawing/figure/Figure';
import { selectSession, useDeskSelector } from '../../draft/draftStore';
import { useEdits } from '../../draft/useEdits';

interface Props {
  readonly section: number;
  readonly kind: Section['kind'];
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
    // However many lines it is, it is one step. What was not used of it stays in the field.
    if (offer.lines && edit([{ kind: 'paste', at: { section, index }, lines: offer.lines }])) setText(offer.unused);
  };

  return (
    <AutoComplete
      id={`add-to-${section}`}
      className="add-line"
      variant="borderless"
      value={text}
      options={offers.map(({ key, lines, title, reading, unused, cautions, ms, movement, newName }) => ({
        value: key,
        disabled: lines === null && newName === null,
        label: (
          <span className="add-offer">
            {movement ? <OfferFigure movement={movement} /> : <span />}
            <span className="name">{title}</span>
            <span className="number">
              {reading}
              {unused !== '' && (
                <>
                  {' '}
                  <del title="Not used: it stays in the field">{unused}</del>
                </>
              )}
            </span>
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
