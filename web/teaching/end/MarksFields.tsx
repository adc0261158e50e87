import type { Teaching } from '../../../core/record/standing/teaching';
import { clockAt } from '../../../core/words/clockWords';

interface Props {
  readonly marks: Teaching['marks'];
  /** When the class began by the room's clock, HH:MM. */
  readonly beganAt: string;
  readonly titleOf: (itemId: string) => string;
  /** What each mark was, in their order, as far as it was said. */
  readonly words: readonly string[];
  readonly onWords: (words: readonly string[]) => void;
}

/** What was marked in the class, sorted now: what each of them was. */
export const MarksFields = ({ marks, beganAt, titleOf, words, onWords }: Props) =>
  marks.length > 0 && (
    <div className="teach-marks">
      {marks.map(({ itemId, atMs }, place) => (
        <label key={`${itemId} ${atMs}`}>
          <span className="number">{clockAt(beganAt, atMs).slice(0, 5)}</span> {titleOf(itemId)}
          <input
            value={words[place] ?? ''}
            maxLength={200}
            placeholder="what was it?"
            onChange={({ target }) => onWords(marks.map((_, at) => (at === place ? target.value : (words[at] ?? ''))))}
          />
        </label>
      ))}
    </div>
  );
