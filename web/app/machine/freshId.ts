import { nanoid } from '@reduxjs/toolkit';

/** An id that nothing has yet, of letters and digits: `freshId('class')` is "class-x7k2…". */
export const freshId = (kind: string): string =>
  `${kind}-${nanoid(12)
    .toLowerCase()
    .replaceAll(/[^a-z0-9]/g, 'x')}`;
