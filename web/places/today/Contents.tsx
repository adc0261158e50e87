import { postureWords } from '../../../core/body/written/postureWords';
import { tellingMoment } from '../../../core/movement/sample/tellingMoment';
import { type Movement, usualName } from '../../../core/movement/schema/movement';
import { writtenSide } from '../../../core/movement/walk/cycleFor';
import type { Session } from '../../../core/session/plan/session';
import { sectionWord } from '../../../core/words/sectionWord';
import { useRepertoire } from '../../app/repertoire';
import { Figure } from '../../drawing/figure/Figure';

interface Props {
  readonly session: Session;
}

/** A class at a glance: its main movements as pictures, the rest by name. */
export function Contents({ session }: Props) {
  const repertoire = useRepertoire();
  return (
    <div className="contents">
      {session.sections.map(({ kind, items }) => {
        const movements = items.flatMap((item) =>
          item.kind === 'movement'
            ? [repertoire.find(item.movementId)].filter((found): found is Movement => !!found)
            : [],
        );
        if (movements.length === 0) return null;
        return (
          <section key={kind} aria-label={sectionWord(kind)}>
            <h3>{sectionWord(kind)}</h3>
            {kind === 'main' ? <Pictures movements={movements} /> : <p>{movements.map(usualName).join(', ')}</p>}
          </section>
        );
      })}
    </div>
  );
}

const Pictures = ({ movements }: { readonly movements: readonly Movement[] }) => (
  <ol className="contents-pictures">
    {movements.map((movement, place) => {
      const { pose, posture } = tellingMoment(movement, writtenSide(movement));
      return (
        <li key={`${place}-${movement.id}`}>
          <Figure pose={pose} scale={0.5} label={postureWords(posture)} />
          <span className="name">{usualName(movement)}</span>
        </li>
      );
    })}
  </ol>
);
