import type { Present, Supports } from '../needs/present';
import { comesOn, type Person } from './person';

/**
 * Who is to be minded in a class on a day: everybody who belongs to the group then and for whom something is written down, whether they
 * will come or not. They stand in it by their id only.
 * @param supports what the hall has to hold on to
 */
export const presentOn = (people: readonly Person[], day: string, supports: Supports): Present => ({
  comers: people
    .filter((person) => person.needs.length > 0 && comesOn(person, day))
    .map(({ id, needs }) => ({ id, needs: needs.map((need) => ({ ...need, reason: '' })) })),
  supports,
});
