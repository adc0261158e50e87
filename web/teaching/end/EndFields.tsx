import { useState } from 'react';
import type { Taken } from '../../../core/course/schema/course';
import type { AskedAfter } from '../../../core/formats/pocket/pocketClass';
import type { Teaching } from '../../../core/record/standing/teaching';
import { AskedFields, type TakenSoFar, takenSaid } from './AskedFields';
import { MarksFields } from './MarksFields';

/** What is said at the end of a class: how many came, what each mark was, how what was taught was taken. */
export interface SaidAtEnd {
  readonly came: number | null;
  readonly marks: readonly string[];
  readonly taken: { readonly thread: string; readonly taken: Taken }[];
}

interface Asks {
  readonly asked: readonly AskedAfter[];
  readonly marks: Teaching['marks'];
  /** When the class began by the room's clock, HH:MM. */
  readonly beganAt: string;
  readonly titleOf: (itemId: string) => string;
  readonly mostCame: number;
}

/** What is asked at the end of a class, and what was said so far; the fields are put where they belong. */
export function useSaidAtEnd(begin: number | null, { asked, mostCame, ...marked }: Asks) {
  const [taken, setTaken] = useState<TakenSoFar>({});
  const [words, setWords] = useState<readonly string[]>([]);
  const [came, setCame] = useState(begin);
  const said: SaidAtEnd = { came, marks: words, taken: takenSaid(asked, taken) };
  const number = (text: string) => (text === '' ? null : Math.min(mostCame, Math.max(0, Math.round(Number(text)))));
  const fields = (
    <>
      <AskedFields asked={asked} taken={taken} onTaken={setTaken} />
      <MarksFields {...marked} words={words} onWords={setWords} />
      <label>
        How many came{' '}
        <input
          type="number"
          min={0}
          max={mostCame}
          value={came ?? ''}
          onChange={({ target }) => setCame(number(target.value))}
          className="teach-came"
        />
      </label>
    </>
  );
  return { said, fields };
}
