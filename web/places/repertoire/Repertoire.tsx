import { Input, Select } from 'antd';
import { useMemo } from 'react';
import { Link, useSearchParams } from 'react-router';
import { writtenSide } from '../../../core/movement/cycleFor';
import { type Movement, Role, Tradition, usualName } from '../../../core/movement/movement';
import { tellingPosture } from '../../../core/movement/tellingPosture';
import { useRepertoire } from '../../app/repertoire';
import { Notice, Waiting } from '../../app/shell/Notice';
import { sectionWord } from '../../app/words';
import { BreathLine } from '../../drawing/BreathLine';
import { cycleBreath } from '../../drawing/cycleBreath';
import { Footprints } from '../../drawing/Footprints';
import { traditionWord } from './traditionWord';
import './repertoire.css';

/** The filters, kept in the address so that a way back leads to the same wall. */
const FILTERS = ['role', 'tradition', 'breath', 'seated'] as const;

const goesByBreath = ({ parts }: Movement): boolean => parts.cycle.some(({ length }) => length.kind === 'span');

const passes = (movement: Movement, wanted: URLSearchParams): boolean => {
  const { roles, tradition, seated } = movement;
  const [role, of, breath, sits] = FILTERS.map((name) => wanted.get(name));
  return (
    (!role || roles.some((one) => one === role)) &&
    (!of || tradition === of) &&
    (!breath || goesByBreath(movement) === (breath === 'led')) &&
    (!sits || seated)
  );
};

const byName = (movements: readonly Movement[]): Movement[] =>
  movements.toSorted((a, b) => usualName(a).localeCompare(usualName(b)));

/** The repertoire as a wall of drawings, found by any name and narrowed by what is wanted. */
export function Repertoire() {
  const repertoire = useRepertoire();
  const [wanted, setWanted] = useSearchParams();
  const text = wanted.get('find') ?? '';
  const shown = useMemo(() => {
    if (!repertoire) return [];
    const found = text.trim() === '' ? byName(repertoire.movements) : repertoire.search(text);
    return found.filter((movement) => passes(movement, wanted));
  }, [repertoire, text, wanted]);
  if (!repertoire) return <Waiting />;

  const want = (name: string, value: string) => {
    const next = new URLSearchParams(wanted);
    if (value === '') next.delete(name);
    else next.set(name, value);
    setWanted(next, { replace: true });
  };
  const filter = (name: (typeof FILTERS)[number], all: string, options: { value: string; label: string }[]) => (
    <Select
      value={wanted.get(name) ?? ''}
      options={[{ value: '', label: all }, ...options]}
      onChange={(value: string) => want(name, value)}
      aria-label={all}
      popupMatchSelectWidth={false}
    />
  );

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
          onChange={({ target }) => want('find', target.value)}
          placeholder="Any name: cloud, ch, yun shou, 雲手"
          aria-label="Find a movement by any of its names"
        />
        {filter(
          'role',
          'Anywhere in a class',
          Role.options.map((value) => ({ value, label: sectionWord(value) })),
        )}
        {filter(
          'tradition',
          'Any tradition',
          Tradition.options.map((value) => ({ value, label: traditionWord(value) })),
        )}
        {filter('breath', 'Any breath', [
          { value: 'led', label: 'Breath is led' },
          { value: 'free', label: 'Breath is free' },
        ])}
        {filter('seated', 'Standing or seated', [{ value: 'yes', label: 'Can be done seated' }])}
      </header>
      {shown.length === 0 ? (
        <Notice action={{ label: 'Show all', onPress: () => setWanted({}) }}>No movement is like that.</Notice>
      ) : (
        <ul className="wall">
          {shown.map((movement) => (
            <WallPiece key={movement.id} movement={movement} />
          ))}
        </ul>
      )}
    </div>
  );
}

const WallPiece = ({ movement }: { readonly movement: Movement }) => (
  <li>
    <Link to={`/repertoire/${movement.id}`} className="wall-piece">
      <div className="wall-feet">
        <Footprints posture={tellingPosture(movement, writtenSide(movement))} height={64} />
      </div>
      <div>
        <h2 className="name">{usualName(movement)}</h2>
        <p className="wall-names">
          <span className="han" lang="zh-Hant">
            {movement.names.chinese[0]}
          </span>{' '}
          <span>{movement.names.pinyin[0]}</span>
        </p>
        <BreathLine stretches={cycleBreath(movement)} scale={6} most={150} />
      </div>
    </Link>
  </li>
);
