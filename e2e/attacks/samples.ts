import type { RunningHouse } from '../runningHouse';

/** A request as it is meant to be, to begin with. */
export interface Sample {
  readonly method: string;
  readonly path: string;
  readonly body?: unknown;
}

type Document = Readonly<Record<string, unknown>> & { readonly id: string };
interface StoredClass {
  readonly session: Document & { readonly sections: readonly { readonly items: readonly Document[] }[] };
  readonly revision: number;
}

const EVENING = 'evening-week-4';
const LOG = 'evening-week-2-taught';

const READ = [
  '/api/sessions/page?today=2026-12-01',
  `/api/sessions/${EVENING}/summary`,
  `/api/sessions/${EVENING}/offered`,
  `/api/logs/${LOG}`,
  '/api/logs/over-time',
  '/api/logs/learnt',
  '/api/felt',
  '/api/unread',
  '/api/asides',
  '/api/wording',
  '/api/passages',
  '/api/own-practice',
  '/api/devices',
  '/api/keeping',
  '/api/keeping/underway',
  '/api/groups/put-away',
  '/api/movements/traits',
  '/api/movements/file?format=csv',
  '/api/schema/movement.json',
  '/api/openapi.json',
].map((path): Sample => ({ method: 'GET', path }));

/** What is about classes: read, written, taken away and brought back, drawn up again. */
function ofClasses({ session, revision }: StoredClass): Sample[] {
  const path = `/api/sessions/${session.id}`;
  const copy = `${session.id}-copy`;
  return [
    { method: 'GET', path },
    { method: 'PUT', path, body: { session, revision } },
    { method: 'POST', path: '/api/sessions', body: { session: { ...session, id: copy, course: null } } },
    { method: 'DELETE', path: `/api/sessions/${copy}` },
    { method: 'POST', path: `/api/sessions/${copy}/restore` },
    { method: 'GET', path: `${path}/base` },
    { method: 'PUT', path: `${path}/redrawn`, body: { session, revision, base: session } },
    { method: 'POST', path: '/api/compute/timeline', body: { session, movements: [] } },
    {
      method: 'POST',
      path: '/api/sessions/file',
      body: {
        id: 'from-a-file',
        text: JSON.stringify({ format: 'vesperum-class', version: 1, session, movements: [] }),
      },
    },
  ];
}

/** What is about groups, those who come to them, and the halls they meet in. */
function ofGroups(group: Document, people: readonly Document[], halls: readonly Document[]): Sample[] {
  const path = `/api/groups/${group.id}`;
  const copy = `${group.id}-copy`;
  const [person] = people;
  const [hall] = halls;
  return [
    { method: 'PUT', path, body: group },
    { method: 'POST', path: '/api/groups', body: { ...group, id: copy } },
    { method: 'DELETE', path: `/api/groups/${copy}` },
    { method: 'POST', path: `/api/groups/${copy}/restore` },
    { method: 'GET', path: `${path}/people` },
    { method: 'PUT', path: `${path}/schools`, body: group.schools },
    { method: 'PUT', path: `${path}/takes`, body: { talk: 1.2 } },
    ...(person
      ? [
          { method: 'PUT', path: `/api/people/${person.id}`, body: person },
          {
            method: 'PUT',
            path: '/api/people/somebody-new',
            body: { ...person, id: 'somebody-new', called: 'Ottoline' },
          },
          { method: 'DELETE', path: '/api/people/somebody-new' },
        ]
      : []),
    ...(hall
      ? [
          { method: 'PUT', path: `/api/halls/${hall.id}`, body: hall },
          { method: 'PUT', path: '/api/halls/another-hall', body: { ...hall, id: 'another-hall' } },
          { method: 'DELETE', path: '/api/halls/another-hall' },
        ]
      : []),
  ];
}

/** What is written down after a class. */
function ofRecords(log: Document, people: readonly Document[], line: string): Sample[] {
  const path = `/api/logs/${log.id}`;
  const person = people[0]?.id ?? null;
  const felt = { id: 'felt-0', what: 'tight', region: null, side: 'left', itemId: line, personId: person, words: '' };
  const later = {
    ...log,
    id: 'taught-later',
    startedAt: '2026-11-20T19:00:00.000Z',
    endedAt: '2026-11-20T20:10:00.000Z',
  };
  return [
    { method: 'PUT', path, body: { attendance: 9, notes: 'Clouds once more.' } },
    { method: 'PUT', path: `${path}/people`, body: { people: person === null ? [] : [person] } },
    { method: 'PUT', path: `${path}/felt`, body: [felt] },
    { method: 'POST', path: `${path}/answered`, body: { itemId: line } },
    { method: 'POST', path: `${path}/let-go`, body: { itemId: line, sessionId: EVENING } },
    { method: 'POST', path: '/api/logs', body: { log: later, present: [], taken: [] } },
    {
      method: 'POST',
      path: '/api/logs/carried',
      body: { record: { format: 'vesperum-record', version: 1, log, taken: [] } },
    },
  ];
}

function ofCourses({ course, revision }: { readonly course: Document; readonly revision: number }): Sample[] {
  const path = `/api/courses/${course.id}`;
  const copy = `${course.id}-copy`;
  return [
    { method: 'GET', path },
    { method: 'PUT', path, body: { course, revision } },
    { method: 'GET', path: `${path}/calendar` },
    { method: 'POST', path: '/api/courses', body: { course: { ...course, id: copy } } },
    { method: 'DELETE', path: `/api/courses/${copy}` },
    { method: 'POST', path: `/api/courses/${copy}/restore` },
  ];
}

function ofRepertoire(movement: Document): Sample[] {
  return [
    { method: 'PUT', path: `/api/movements/${movement.id}`, body: { movement, basedOn: movement.id } },
    { method: 'DELETE', path: '/api/movements/shaking' },
    { method: 'POST', path: '/api/movements/shaking/restore' },
    {
      method: 'POST',
      path: '/api/movements/file',
      body: { format: 'json', text: JSON.stringify({ format: 'vesperum-movements/1', movements: [movement] }) },
    },
    {
      method: 'POST',
      path: '/api/movements/file',
      body: { format: 'csv', text: 'id,about\ncloud-hands,"Hands as clouds, drifting by"' },
    },
    { method: 'PUT', path: `/api/wording/${movement.id}`, body: { movementId: movement.id, calls: [] } },
  ];
}

/** What an instructor keeps besides: saved lines, points left as they are, practice, devices, backups. */
function ofTheHouse(line: Document): Sample[] {
  const passage = { id: 'kept-one', name: 'One', role: 'main', version: 1, lines: { items: [line], blocks: [] } };
  const practice = {
    id: 'daily-one',
    title: 'Raise and sink',
    aim: { by: 'times', daily: 300 },
    tally: { days: {}, added: [], since: null },
  };
  return [
    { method: 'PUT', path: '/api/passages/kept-one', body: passage },
    { method: 'DELETE', path: '/api/passages/kept-one' },
    { method: 'PUT', path: '/api/asides', body: { code: 'strained', movement: '', reason: 'They are used to it.' } },
    { method: 'DELETE', path: '/api/asides', body: { code: 'strained', movement: '' } },
    { method: 'PUT', path: '/api/own-practice/daily-one', body: practice },
    { method: 'POST', path: '/api/own-practice/daily-one/tally', body: { do: 'add', day: '2026-12-01', many: 9 } },
    { method: 'DELETE', path: '/api/own-practice/daily-one' },
    { method: 'POST', path: '/api/devices/presses', body: { press: 'next' } },
    { method: 'POST', path: '/api/devices/sounds', body: { sound: 'section', breath: null } },
    { method: 'POST', path: '/api/pocket/faces', body: { text: '雲手' } },
  ];
}

/** What is really there, as a beginning: every list and every document, and what writes each. */
export async function samplesOf({ url }: RunningHouse): Promise<Sample[]> {
  const get = async <Answer>(path: string): Promise<Answer | null> => {
    const answer = await fetch(url + path);
    return answer.ok ? ((await answer.json()) as Answer) : null;
  };
  const list = async <Answer>(path: string): Promise<readonly Answer[]> => (await get<Answer[]>(path)) ?? [];
  const stored = await get<StoredClass>(`/api/sessions/${EVENING}`);
  const rota = (await list<Document>('/api/sessions')).find(({ course }) => course !== null);
  const ofCourse = rota && (await get<StoredClass>(`/api/sessions/${rota.id}`));
  const groups = await list<Document>('/api/groups');
  const { people } = (await get<{ people: Document[] }>('/api/groups/tram-shed-evening/people')) ?? { people: [] };
  const halls = await list<Document>('/api/halls');
  const [log, movement] = [await get<Document>(`/api/logs/${LOG}`), await get<Document>('/api/movements/cloud-hands')];
  const courses = await list<{ course: Document; revision: number }>('/api/courses');
  const line = stored?.session.sections.flatMap(({ items }) => items).find(({ kind }) => kind === 'movement');
  return [
    ...READ,
    ...[stored, ofCourse].flatMap((one) => (one ? ofClasses(one) : [])),
    ...groups.slice(0, 2).flatMap((group) => ofGroups(group, people, halls)),
    ...(log ? ofRecords(log, people, line?.id ?? 'none') : []),
    ...courses.slice(0, 2).flatMap(ofCourses),
    ...(movement ? ofRepertoire(movement) : []),
    ...(line ? ofTheHouse(line) : []),
  ];
}
