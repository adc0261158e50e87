import { z } from 'zod';
import { Came, Person } from '../../group/person';
import { Slug } from '../../words/ids';

/** What travels about the people of a group: who they are called, and who came. */

export const GroupPeople = z.object({ people: z.array(Person), came: z.array(Came) });
export type GroupPeople = z.infer<typeof GroupPeople>;

/** Who was in a class that was recorded. */
export const WhoCame = z.object({ people: z.array(Slug).max(500) });
export type WhoCame = z.infer<typeof WhoCame>;

/** Where the name of somebody who was forgotten still stands, because it was written there in words. */
export const Mention = z.object({
  where: z.enum([
    'group',
    'class',
    'record',
    'course',
    'hall',
    'saved lines',
    'movement',
    'own words',
    'point left as it is',
    'practice',
    'backup',
  ]),
  name: z.string(),
});
export type Mention = z.infer<typeof Mention>;
