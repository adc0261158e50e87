import './classContents.css';
import type { PlanSummary } from '../../core/course/plan/planSummary';

interface Props {
  readonly now: PlanSummary;
  readonly wouldBe: PlanSummary;
}

const percent = (share: number): string => `${Math.round(100 * share)} %`;

/** When the new of a thread comes: "3 of 4, class 2 to 9". */
function reachedWords(row: PlanSummary['reached'][number] | undefined): string {
  if (!row) return 'not taught';
  const far = `${row.layers} of ${row.of}`;
  if (row.begins === null) return row.layers > 0 ? `${far}, known` : 'not reached';
  return row.begins === row.ends ? `${far}, class ${row.begins}` : `${far}, class ${row.begins} to ${row.ends}`;
}

/** Two plans of a course side by side: what is reached, when, and how full the classes are. */
export function SideBySide({ now, wouldBe }: Props) {
  const rows = [
    ...wouldBe.reached,
    ...now.reached.filter(({ id }) => wouldBe.reached.every((one) => one.id !== id)),
  ].map(({ id, title }) => ({
    key: id,
    head: title,
    cells: [now, wouldBe].map(({ reached }) => reachedWords(reached.find((one) => one.id === id))),
  }));
  const figures = [
    { key: 'classes', head: 'Classes', cells: [now, wouldBe].map(({ classes }) => String(classes)) },
    {
      key: 'load',
      head: 'Main parts used',
      cells: [now, wouldBe].map(({ meanLoad, mostLoad }) => `${percent(meanLoad)}, at most ${percent(mostLoad)}`),
    },
    { key: 'new', head: 'Most new in a class', cells: [now, wouldBe].map(({ mostNew }) => String(mostNew)) },
  ];
  return (
    <details className="side-by-side">
      <summary>Side by side</summary>
      <table className="figures-table">
        <thead>
          <tr>
            <th scope="col">
              <span className="unseen">What</span>
            </th>
            <th scope="col">Now</th>
            <th scope="col">Then</th>
          </tr>
        </thead>
        <tbody>
          {[...rows, ...figures].map(({ key, head, cells: [left, right] }) => (
            <tr key={key} className={left === right ? undefined : 'side-by-side-differs'}>
              <th scope="row">{head}</th>
              <td>{left}</td>
              <td>{right}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </details>
  );
}
