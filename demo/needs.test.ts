import { presentOn } from '../core/group/presentOn';
import { wallPlaces } from '../core/hall/hall';
import { USUAL_SCHOOLS } from '../core/movement/adapt/schools';
import { whoNeedsWhat } from '../core/needs/whoNeedsWhat';
import { analyseClass } from '../core/session/findings/finding/analyseClass';
import { contextFor } from '../core/session/findings/finding/finding';
import { findingsOf } from '../core/session/findings/judge';
import { USUAL_DOORS } from '../core/session/plan/slotTime';
import { AIMS } from '../core/session/propose/aims';
import { proposeDraft } from '../core/session/propose/proposeDraft';
import { shippedRepertoire } from '../server/shippedRepertoire';
import { demoHalls } from './halls';
import { demoPeople } from './people';

/** Classes drawn up for the demo's morning group: everybody has a way through every line, or it is said that somebody has none. */

const { movements, forms, find } = shippedRepertoire();
const today = '2026-11-27';
const people = demoPeople(today).filter(({ groupId }) => groupId === 'tram-shed-morning');
const hall = demoHalls.find(({ id }) => id === 'tram-shed-side-room');
if (!hall) throw new Error('the side room is in the demo');
const present = presentOn(people, today, { chairs: hall.chairs, wall: wallPlaces(hall) });

test('the morning group has needs that matter: of the stance, the arms, the fold, a hold, a seat', () => {
  const kinds = new Set(present.comers.flatMap(({ needs }) => needs.map(({ kind }) => kind)));
  for (const kind of ['higher-stance', 'arm-low', 'soft-fold', 'chair-near', 'wall-near', 'sits-for-parts'])
    expect(kinds).toContain(kind);
});

test.each(AIMS)('a class for %s', (aim) => {
  const context = contextFor(
    { strength: 'steady', pace: { least: 5, most: 10 }, known: null, present },
    find,
    movements,
  );
  const preferences = { recent: new Set<string>(), level: 1 };
  const request = { aim, slotMinutes: 55, doors: USUAL_DOORS, schools: USUAL_SCHOOLS, forms, preferences };
  const analysed = analyseClass(proposeDraft(context, request).plan, context);
  if (!analysed) throw new Error('a class of known movements');
  const without = whoNeedsWhat(analysed, present.comers)
    .filter(({ through }) => through.some(({ way }) => way.kind === 'none'))
    .map(({ itemId }) => itemId);
  const told = findingsOf(analysed).flatMap(({ code, itemId }) => (code === 'no-way-for' ? [itemId] : []));
  expect(told.toSorted()).toEqual(without.toSorted());
  // What is chosen for a group has a way for all of it.
  expect(without).toEqual([]);
});
