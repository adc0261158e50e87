import type { Taken } from '../../../core/course/schema/course';
import type { AskedAfter } from '../../../core/formats/pocket/pocketClass';
import { TAKEN_WORDS } from '../../class/words/takenWords';

/** How each thing was taken that was said so far, by its thread. */
export type TakenSoFar = Readonly<Record<string, Taken>>;

interface Props {
  readonly asked: readonly AskedAfter[];
  readonly taken: TakenSoFar;
  readonly onTaken: (taken: TakenSoFar) => void;
}

/** Did they get it: one tap for each thing that was introduced or reviewed. */
export const AskedFields = ({ asked, taken, onTaken }: Props) =>
  asked.length > 0 && (
    <div className="teach-asked">
      {asked.map(({ thread, title }) => (
        <div key={thread} role="radiogroup" aria-label={title}>
          <span className="name">{title}</span>
          {TAKEN_WORDS.map(({ value, label }) => (
            <label key={value}>
              <input
                type="radio"
                name={thread}
                checked={taken[thread] === value}
                onChange={() => onTaken({ ...taken, [thread]: value })}
              />
              {label}
            </label>
          ))}
        </div>
      ))}
    </div>
  );

/** What was said of those that were asked after, in their order. */
export const takenSaid = (asked: readonly AskedAfter[], taken: TakenSoFar): { thread: string; taken: Taken }[] =>
  asked.flatMap(({ thread }) => {
    const said = taken[thread];
    return said ? [{ thread, taken: said }] : [];
  });
