import type { Place } from '../app/place';
import { courses } from './courses/place';
import { groups } from './groups/place';
import { logbook } from './logbook/place';
import { repertoire } from './repertoire/place';
import { sessions } from './sessions/place';
import { settings } from './settings/place';
import { teach } from './teach/place';
import { today } from './today/place';

/** Every place of the house, in the order of work. A new one is a folder and a line here. */
export const PLACES: readonly Place[] = [today, repertoire, groups, courses, sessions, teach, logbook, settings];
