import { type Tally, type TallyAim, tallyDays } from '../../core/practice/tally';
import { minutes } from '../../core/words/clockWords';

interface Props {
  readonly aim: TallyAim;
  readonly tally: Tally;
}

/** The days with any, the latest first: so many, or so long. */
export const TallyDays = ({ aim, tally }: Props) => (
  <ul className="tally-days">
    {tallyDays(tally).map(({ day, many }) => (
      <li key={day} className="number">
        {day}: {aim.by === 'minutes' ? minutes(many * 1000) : many}
      </li>
    ))}
  </ul>
);
