import { Link } from 'react-router';
import { type Movement, usualName } from '../../../../core/movement/schema/movement';
import { useRepertoire } from '../../../app/repertoire';

/** What there is to say of a movement besides its calls: what to watch, what is often seen, what each round looks at. */
export function MovementWords({ movement }: { readonly movement: Movement }) {
  const { points, faults, focuses, meaning, series, tags } = movement;
  if (points.length + faults.length + focuses.length + tags.length === 0 && meaning === '' && !series) return null;
  return (
    <section className="movement-words" aria-label="What to say">
      {points.length > 0 && (
        <div>
          <h2>To watch</h2>
          <ul>
            {points.map(({ text, phase }) => (
              <li key={text}>
                {phase !== null && <span className="faded">{movement.parts.cycle[phase]?.call}: </span>}
                {text}
              </li>
            ))}
          </ul>
        </div>
      )}
      {faults.length > 0 && (
        <div>
          <h2>Often seen</h2>
          <dl>
            {faults.map(({ seen, say }) => (
              <div key={seen}>
                <dt>{seen}</dt>
                <dd>“{say}”</dd>
              </div>
            ))}
          </dl>
        </div>
      )}
      <div>
        {focuses.length > 0 && (
          <>
            <h2>Round by round</h2>
            <ol>
              {focuses.map((focus) => (
                <li key={focus}>{focus}</li>
              ))}
            </ol>
          </>
        )}
        {meaning !== '' && (
          <p>
            <span className="faded">Tradition: </span>
            {meaning}
          </p>
        )}
        {series && <InSeries movement={movement} series={series} />}
        {tags.length > 0 && <p className="faded">{tags.map((tag) => `#${tag}`).join(' ')}</p>}
      </div>
    </section>
  );
}

interface InSeriesProps {
  readonly movement: Movement;
  readonly series: NonNullable<Movement['series']>;
}

/** Which part of a series it is, with the way to the others. */
function InSeries({ movement, series }: InSeriesProps) {
  const { movements } = useRepertoire();
  const others = movements
    .filter((one) => one.series?.name === series.name && one.id !== movement.id)
    .toSorted((a, b) => (a.series?.part ?? 0) - (b.series?.part ?? 0));
  return (
    <p>
      {series.name}, part {series.part} of {series.of}
      {others.length > 0 && ': '}
      {others.map((one, place) => (
        <span key={one.id}>
          {place > 0 && ', '}
          {one.series?.part} <Link to={`/repertoire/${one.id}`}>{usualName(one)}</Link>
        </span>
      ))}
    </p>
  );
}
