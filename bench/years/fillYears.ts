import type { Database } from 'better-sqlite3';
import dayjs from 'dayjs';
import type { Person } from '../../core/group/person';
import type { FindMovement, Movement } from '../../core/movement/schema/movement';
import { type ClassLog, loggedItems, newRecord } from '../../core/record/classLog';
import type { Felt } from '../../core/record/felt';
import { advance } from '../../core/record/running/advance';
import { beginTeaching } from '../../core/record/standing/teaching';
import type { Session } from '../../core/session/plan/session';
import { mayLastMs } from '../../core/session/plan/slotTime';
import { timelineOf } from '../../core/session/schedule/timeline';
import { loadDemo } from '../../demo/load';
import { demoPeople } from '../../demo/people';
import { demoSessions } from '../../demo/sessions';
import { readForms, readRepertoire } from '../../server/repertoire';
import { storesOf } from '../../server/store/all/stores';
import { atOnce } from '../../server/store/file/atOnce';
import { openDatabase } from '../../server/store/file/open';

/** What a year adds: four classes a week, each recorded, forty people, six movements written three times, four passages. */
const A_YEAR = { classes: 208, people: 40, movements: 6, versions: 3, passages: 4 } as const;
/** Of each class: who came, and what two of them felt. */
const CAME = 12;
const FELT = 2;

type Stores = ReturnType<typeof storesOf>;

/** A class as it was taught from beginning to end, line by line. */
function taught(session: Session, find: FindMovement): ClassLog | null {
  const answer = timelineOf(session, find);
  if (!answer.ok) return null;
  let teaching = beginTeaching(mayLastMs(session));
  while (!teaching.finished) teaching = advance(answer.timeline, teaching, 250);
  const begun = Date.parse('2020-01-01T18:00:00Z');
  return newRecord({
    id: session.id,
    startedAt: new Date(begun).toISOString(),
    endedAt: new Date(begun + teaching.wallMs).toISOString(),
    plan: session,
    items: loggedItems(session, answer.timeline, teaching, find),
    attendance: CAME,
    notes: 'The bow was shown once more; half of them turn the hands before the waist.',
  });
}

const onDay = (log: ClassLog, plan: Session, at: number): ClassLog => {
  const startedAt = dayjs(`${plan.date}T${plan.startsAt}:00Z`);
  const lasted = dayjs(log.endedAt).diff(log.startedAt);
  return {
    ...log,
    id: `years-log-${at}`,
    sessionId: plan.id,
    plan,
    startedAt: startedAt.toISOString(),
    endedAt: startedAt.add(lasted, 'millisecond').toISOString(),
  };
};

function addClasses(
  { sessions, logs, people, felt }: Stores,
  classes: readonly Session[],
  many: number,
  find: FindMovement,
  everybody: readonly Person[],
  today: string,
): void {
  const logsOf = new Map(classes.map((session) => [session.id, taught(session, find)]));
  for (let at = 0; at < many; at += 1) {
    const like = classes[at % classes.length] as Session;
    const date = dayjs(today)
      .subtract(1 + Math.floor((at * 7) / 4), 'day')
      .format('YYYY-MM-DD');
    const session = { ...like, id: `years-${at}`, title: `${like.title}, ${at}`, date, course: null };
    sessions.add(session, new Date().toISOString());
    const log = logsOf.get(like.id);
    if (!log) continue;
    const record = onDay(log, session, at);
    logs.add(record);
    const came = Array.from({ length: CAME }, (_, nth) => everybody[(at * 3 + nth) % everybody.length] as Person);
    people.note(
      record.id,
      came.map(({ id }) => id),
    );
    const feltIn = came.slice(0, FELT).map(
      (person, nth): Felt => ({
        id: `felt-${nth}`,
        what: nth === 0 ? 'tight' : 'click',
        region: 'hips',
        side: nth === 0 ? 'left' : 'right',
        itemId: session.sections[2]?.items[nth]?.id ?? null,
        personId: person.id,
        words: '',
      }),
    );
    felt.put(record.id, feltIn);
  }
}

function addOwn({ movements, passages }: Stores, shipped: readonly Movement[], years: number, like: Session): void {
  const now = new Date().toISOString();
  for (let version = 0; version < A_YEAR.versions; version += 1)
    movements.write(
      Array.from({ length: A_YEAR.movements * years }, (_, at) => {
        const movement = shipped[at % shipped.length] as Movement;
        const names = { ...movement.names, english: [`My own ${at} ${movement.names.english[0]}`.slice(0, 80)] };
        return { ...movement, id: `my-own-${at}`, names, about: `${movement.about.slice(0, 360)} Version ${version}.` };
      }),
      now,
    );
  const items = like.sections[2]?.items ?? [];
  for (let at = 0; at < A_YEAR.passages * years; at += 1)
    passages.put(
      { id: `years-passage-${at}`, name: `Passage ${at}`, role: 'main', version: 1, lines: { items, blocks: [] } },
      now,
    );
}

function fill(database: Database, shipped: readonly Movement[], years: number, today: string): void {
  const byId = new Map(shipped.map((movement) => [movement.id, movement]));
  const find: FindMovement = (id) => byId.get(id);
  const stores = storesOf(database, shipped);
  const classes = demoSessions(today, find);
  const like = demoPeople(today);
  const everybody = Array.from({ length: A_YEAR.people * years }, (_, at): Person => {
    const one = like[at % like.length] as Person;
    return { ...one, id: `years-person-${at}`, called: `${one.called} ${at}`, since: '2020-01-01' };
  });
  atOnce(database, () => {
    for (const person of everybody) stores.people.put(person);
    addClasses(stores, classes, A_YEAR.classes * years, find, everybody, today);
    addOwn(stores, shipped, years, classes[0] as Session);
  })();
}

/**
 * Fills an empty folder with the demo world and years of use besides.
 * @param repertoire the folder of the movements that come along
 * @param today the local day the years end on, YYYY-MM-DD
 */
export function fillYears(folder: string, repertoire: string, years: number, today: string): void {
  const movements = readRepertoire(repertoire);
  const { database } = openDatabase(folder, (empty) =>
    loadDemo(empty, movements, readForms(`${repertoire}/forms`), today),
  );
  fill(database, movements, years, today);
  database.close();
}
