import type { Group } from '../core/group/group';
import { USUAL_SCHOOLS } from '../core/movement/adapt/schools';
import { NO_DOORS, USUAL_DOORS } from '../core/session/plan/slotTime';

/** The demo world: a hall in a former tram shed and a yard behind the depot, in the made-up town of Wendlebrook. */
export const demoGroups: readonly Group[] = [
  {
    id: 'tram-shed-evening',
    name: 'Tram Shed evening course',
    place: 'The Tram Shed, Wendlebrook, main hall',
    meets: 'Evenings, 19:00',
    knows: ['quiet-standing', 'belly-breathing'],
    meetings: [{ weekday: 2, startsAt: '19:00', minutes: 75 }],
    about: 'Fourteen adults, mixed, third term. Two mind a knee. Sprung wooden floor; the choir has the hall at 20:15.',
    asked: { strength: 'steady', paceLeast: 4, paceMost: 9 },
    schools: USUAL_SCHOOLS,
    doors: USUAL_DOORS,
  },
  {
    id: 'tram-shed-morning',
    name: 'Tram Shed morning group',
    place: 'The Tram Shed, Wendlebrook, side room',
    meets: 'Mornings, 10:15',
    knows: [],
    meetings: [{ weekday: 3, startsAt: '10:15', minutes: 55 }],
    about: 'Nine people over sixty, several with stiff shoulders. Chairs along the wall.',
    asked: { strength: 'steady', paceLeast: 5, paceMost: 10 },
    schools: USUAL_SCHOOLS,
    doors: USUAL_DOORS,
  },
  {
    id: 'depot-yard',
    name: 'Depot yard lunch break',
    place: 'Tar Lane depot, the covered yard',
    meets: 'Lunch break, 12:30',
    knows: [],
    meetings: [{ weekday: 4, startsAt: '12:30', minutes: 20 }],
    about: 'Six to ten drivers and fitters in work boots. Twenty minutes, no lying down, no mats.',
    asked: { strength: 'steady', paceLeast: 4, paceMost: 10 },
    schools: USUAL_SCHOOLS,
    doors: NO_DOORS,
  },
  {
    id: 'reading-room',
    name: 'Reading room, on the chair',
    place: 'Wendlebrook library, the reading room',
    meets: 'Afternoons, 14:00',
    knows: [],
    meetings: [{ weekday: 5, startsAt: '14:00', minutes: 60 }],
    about: 'Twelve people who sit: chairs without arms in a half circle, a carpet, the shelves within reach.',
    asked: { strength: 'gentle', paceLeast: 5, paceMost: 10 },
    schools: USUAL_SCHOOLS,
    doors: USUAL_DOORS,
  },
];
