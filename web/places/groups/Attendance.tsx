import dayjs from 'dayjs';
import { type Came, comesOn, type Person } from '../../../core/group/person';
import { useTurnCame } from '../../class/people/useTurnCame';

interface Props {
  readonly people: readonly Person[];
  readonly came: readonly Came[];
  /** The local day of a class that was recorded. */
  readonly dayOf: (sessionId: string) => string | null;
}

/** So many classes stand side by side: the latest. */
const LATEST = 12;

/** Who was in which class, a press for each; the arrows go from one to the next. */
export function Attendance({ people, came, dayOf }: Props) {
  const turn = useTurnCame();
  const classes = came
    .flatMap((one) => {
      const day = dayOf(one.sessionId);
      return day === null ? [] : [{ ...one, day }];
    })
    .toSorted((a, b) => a.day.localeCompare(b.day))
    .slice(-LATEST);
  if (people.length === 0 || classes.length === 0) return null;
  const move = (cell: HTMLElement, down: number, across: number) => {
    const [row = 0, column = 0] = (cell.dataset.cell ?? '').split('-').map(Number);
    document.querySelector<HTMLElement>(`[data-cell="${row + down}-${column + across}"]`)?.focus();
  };
  return (
    <section aria-labelledby="attendance-title">
      <h2 id="attendance-title">Who came</h2>
      <table className="attendance">
        <thead>
          <tr>
            <th scope="col">
              <span className="unseen">Person</span>
            </th>
            {classes.map(({ logId, day }) => (
              <th key={logId} scope="col">
                {dayjs(day).format('D MMM')}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {people.map((person, row) => (
            <tr key={person.id}>
              <th scope="row">{person.called}</th>
              {classes.map(({ logId, day, people: marked }, column) => {
                const isThere = marked.includes(person.id);
                return (
                  <td key={logId}>
                    <button
                      type="button"
                      data-cell={`${row}-${column}`}
                      className="attendance-cell"
                      aria-pressed={isThere}
                      aria-label={`${person.called}, ${dayjs(day).format('D MMMM')}`}
                      disabled={!comesOn(person, day) && !isThere}
                      onClick={() => void turn(logId, marked, person.id)}
                      onKeyDown={(event) => {
                        const step = { ArrowDown: [1, 0], ArrowUp: [-1, 0], ArrowRight: [0, 1], ArrowLeft: [0, -1] }[
                          event.key
                        ];
                        if (!step) return;
                        event.preventDefault();
                        move(event.currentTarget, step[0] ?? 0, step[1] ?? 0);
                      }}
                    >
                      {isThere ? '●' : '○'}
                    </button>
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
        <tfoot>
          <tr>
            <th scope="row">came</th>
            {classes.map(({ logId, people: marked }) => (
              <td key={logId} className="number">
                {marked.length}
              </td>
            ))}
          </tr>
        </tfoot>
      </table>
    </section>
  );
}
