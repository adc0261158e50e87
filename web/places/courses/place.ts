import type { Place } from '../../app/place';
import { movementPage } from '../../app/shell/lazyPart';

export const courses: Place = {
  label: 'Courses',
  path: '/courses',
  routes: [
    { path: 'courses', Component: movementPage(async () => (await import('./Courses')).Courses) },
    { path: 'courses/new', Component: movementPage(async () => (await import('./NewCourse')).NewCourse) },
    { path: 'courses/:id', Component: movementPage(async () => (await import('./CoursePage')).CoursePage) },
  ],
};
