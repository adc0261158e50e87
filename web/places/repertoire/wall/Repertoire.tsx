import { Button, Input } from 'antd';
import { memo, useEffect, useMemo, useRef, useState } from 'react';
import { Link, useLocation, useNavigate, useSearchParams } from 'react-router';
import { postureWords } from '../../../../core/body/written/postureWords';
import { tellingMoment } from '../../../../core/movement/sample/tellingMoment';
import { type Movement, usualName } from '../../../../core/movement/schema/movement';
import { writtenSide } from '../../../../core/movement/walk/cycleFor';
import { useRepertoire } from '../../../app/repertoire';
import { api } from '../../../app/server/api';
import { Notice } from '../../../app/shell/Notice';
import { BreathLine } from '../../../drawing/BreathLine';
import { cycleBreath } from '../../../drawing/cycleBreath';
import { Footprints } from '../../../drawing/Footprints';
import { Figure } from '../../../drawing/figure/Figure';
import { Facets } from './Facets';
import { passesFacets } from './facetOf';
import { MovementFiles } from './MovementFiles';
import './repertoire.css';

/** Marks an address that came from what was typed or chosen on the wall itself. */
const OWN_DOING = { own: true };
const isOwnDoing = (state: unknown): boolean => typeof state === 'object' && state !== null && 'own' in state;

const byName = (movements: readonly Movement[]): Movement[] =>
  movements.toSorted((a, b) => usualName(a).localeCompare(usualName(b)));

/** The repertoire as a wall of figures, found by any name and narrowed by what is wanted. */
export function Repertoire() {
  const repertoire = useRepertoire();
  const { data: traits } = api.useTraitsQuery();
  const [wanted, setWanted] = useSearchParams();
  const navigate = useNavigate();
  const [text, setText] = useState(wanted.get('find') ?? '');
  const { state } = useLocation();
  const asked = wanted.get('find') ?? '';
  // The address follows what is typed, a moment later; only an address that was come to in another way is followed.
  useEffect(() => {
    if (!isOwnDoing(state)) setText(asked);
  }, [asked, state]);
  const traitsOf = useMemo(() => new Map(traits?.map((one) => [one.id, one])), [traits]);
  const shown = useMemo(() => {
    const found = text.trim() === '' ? byName(repertoire.movements) : repertoire.search(text);
    return found.filter((movement) => passesFacets(movement, traitsOf.get(movement.id), wanted));
  }, [repertoire, text, wanted, traitsOf]);

  const want = (name: string, value: string) => {
    const next = new URLSearchParams(wanted);
    if (value === '') next.delete(name);
    else next.set(name, value);
    setWanted(next, { replace: true, state: OWN_DOING });
  };
  const find = (value: string) => {
    // Kept here first: while the address is on its way a further letter must not be lost.
    setText(value);
    want('find', value);
  };
  const showAll = () => {
    setText('');
    setWanted({}, { state: OWN_DOING });
  };

  return (
    <div className="place repertoire">
      <header>
        <h1>Repertoire</h1>
        <p className="faded number" aria-live="polite">
          {shown.length} of {repertoire.movements.length} movements
        </p>
        <Input
          allowClear
          value={text}
          onChange={({ target }) => find(target.value)}
          placeholder="Any name: cloud, ch, yun shou, 雲手"
          aria-label="Find a movement by any of its names"
        />
        <div className="repertoire-acts">
          <MovementFiles />
          <Button type="primary" onClick={() => navigate('/repertoire/new')}>
            New movement
          </Button>
        </div>
      </header>
      <Facets wanted={wanted} onWant={want} />
      <nav className="forms-row" aria-label="Forms">
        <span className="faded">Forms</span>
        {repertoire.forms.map((form) => (
          <Link key={form.id} to={`/repertoire/forms/${form.id}`}>
            {form.names.english[0]}
          </Link>
        ))}
      </nav>
      {shown.length === 0 ? (
        <Notice action={{ label: 'Show all', onPress: showAll }}>No movement is like that.</Notice>
      ) : (
        <Wall movements={shown} />
      )}
    </div>
  );
}

/** So many figures stand on the wall at first, and so many more each time its end comes near. */
const PIECES = 60;

/** The wall, as far as it has been looked at: the rest is hung when its end comes near, or is asked for. */
function Wall({ movements }: { readonly movements: readonly Movement[] }) {
  const [hung, setHung] = useState({ movements, many: PIECES });
  // Another choice of movements is another wall.
  const many = hung.movements === movements ? hung.many : PIECES;
  const left = movements.length - many;
  const more = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    if (left <= 0 || !more.current) return undefined;
    const near = new IntersectionObserver(
      (seen) => {
        if (seen.some(({ isIntersecting }) => isIntersecting)) setHung({ movements, many: many + PIECES });
      },
      { rootMargin: '600px' },
    );
    near.observe(more.current);
    return () => near.disconnect();
  }, [movements, many, left]);
  return (
    <>
      <ul className="wall">
        {movements.slice(0, many).map((movement) => (
          <WallPiece key={movement.id} movement={movement} />
        ))}
      </ul>
      {left > 0 && (
        <Button ref={more} onClick={() => setHung({ movements, many: many + PIECES })}>
          Show {Math.min(PIECES, left)} more
        </Button>
      )}
    </>
  );
}

const WallPiece = memo(function WallPiece({ movement }: { readonly movement: Movement }) {
  const { pose, posture } = tellingMoment(movement, writtenSide(movement));
  return (
    <li>
      <Link to={`/repertoire/${movement.id}`} className="wall-piece">
        <div className="wall-figure">
          <Figure pose={pose} scale={0.6} />
        </div>
        <div>
          <h2 className="name">{usualName(movement)}</h2>
          <p className="wall-names">
            <span className="han" lang="zh-Hant">
              {movement.names.chinese[0]}
            </span>{' '}
            <span>{movement.names.pinyin[0]}</span>
          </p>
          <div className="wall-lines">
            <Footprints pose={pose} label={postureWords(posture)} height={30} />
            <BreathLine stretches={cycleBreath(movement)} scale={5} most={104} />
          </div>
        </div>
      </Link>
    </li>
  );
});
