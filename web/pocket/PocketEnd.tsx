import type { PocketClass, PocketRecord } from '../../core/formats/pocket/pocketClass';
import { carriedLogId, writeCode } from '../../core/formats/pocket/recordCode';
import type { FindMovement } from '../../core/movement/schema/movement';
import { loggedItems, newRecord } from '../../core/record/classLog';
import { linesLeftOut, threadsLeftOut } from '../../core/record/leftOut';
import { markNotes } from '../../core/record/running/marks';
import { titleOf } from '../../core/record/running/shownNow';
import type { Teaching } from '../../core/record/standing/teaching';
import type { Timeline } from '../../core/session/timeline/segment';
import { download, fileName } from '../app/machine/download';
import { inWords } from '../app/words';
import { useSaidAtEnd } from '../teaching/end/EndFields';
import { forgetHere } from './keptHere';

interface Props {
  readonly carried: PocketClass;
  readonly timeline: Timeline;
  readonly find: FindMovement;
  readonly startedAt: string;
  readonly teaching: Teaching;
  readonly onBack: () => void;
}

/** Nobody reads more off a screen than fits a number of three digits. */
const MOST_CAME = 126;
/** A second more or less of a minute is none. */
const MINUTE = 60_000;

const twoDigits = (number: number): string => String(number).padStart(2, '0');
const clockOf = (instant: Date): string => `${twoDigits(instant.getHours())}:${twoDigits(instant.getMinutes())}`;

/** The end: how what was taught was taken, who came, and what was done given back, as a code or as a file. */
export function PocketEnd({ carried, timeline, find, startedAt, teaching, onBack }: Props) {
  const { session, kind, asked } = carried;
  const began = new Date(startedAt);
  const titled = (itemId: string) => titleOf(session, itemId, find);
  const items = loggedItems(session, timeline, teaching, find);
  const left = threadsLeftOut(session, linesLeftOut(items));
  const { said, fields } = useSaidAtEnd(null, {
    asked: asked.filter(({ thread }) => !left.includes(thread)),
    marks: teaching.marks,
    beganAt: clockOf(began),
    titleOf: titled,
    mostCame: MOST_CAME,
  });
  if (kind === 'practice')
    return (
      <main className="teach teach-threshold pocket-threshold">
        <h1>Done</h1>
        <p>{inWords(teaching.wallMs)} practised.</p>
        <button type="button" className="teach-begin" onClick={onBack}>
          Back
        </button>
      </main>
    );
  const beganAt = Math.floor(began.getTime() / MINUTE);
  const code = writeCode(session, {
    beganAt,
    tookMinutes: Math.round(teaching.wallMs / MINUTE),
    came: said.came,
    leftOut: session.sections
      .flatMap((section) => section.items)
      .map(({ id }) => items.find(({ itemId }) => itemId === id)?.outcome === 'left out'),
    taken: asked.map(({ thread }) => said.taken.find((one) => one.thread === thread)?.taken ?? null),
  });
  const save = () => {
    const record: PocketRecord = {
      format: 'vesperum-record',
      version: 1,
      log: newRecord({
        id: carriedLogId(session, beganAt),
        startedAt: began.toISOString(),
        endedAt: new Date(began.getTime() + teaching.wallMs).toISOString(),
        plan: session,
        items,
        attendance: said.came,
        notes: markNotes(teaching, clockOf(began), titled, said.marks).join('\n'),
        stops: teaching.stops,
      }),
      taken: said.taken,
    };
    const text = JSON.stringify(record, null, 2);
    download(new Blob([text], { type: 'application/json' }), `${fileName(session.title)}.record.json`);
  };
  return (
    <main className="teach teach-threshold pocket-threshold">
      <h1>{teaching.finished ? 'The class is done' : 'The class ends here'}</h1>
      <p>
        {inWords(teaching.wallMs)} taught, {inWords(timeline.totalMs)} planned.
      </p>
      {fields}
      {code ? (
        <p>
          To be typed in the Logbook:
          <output className="pocket-code">{code}</output>
        </p>
      ) : (
        <p>This class has more lines than a code can tell: save the record.</p>
      )}
      <button type="button" className="teach-begin" onClick={save}>
        Save the record
      </button>
      <button
        type="button"
        className="bare teach-quiet"
        onClick={() => {
          forgetHere(session);
          onBack();
        }}
      >
        It is given back: forget it here
      </button>
      <button type="button" className="bare teach-quiet" onClick={onBack}>
        Back
      </button>
    </main>
  );
}
