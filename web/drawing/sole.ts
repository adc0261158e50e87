/** A right sole seen from above, toes up, in centimetres round its middle: 25.5 long, 9.2 wide. */
export const SOLE =
  'M-1.2-12.7C-3.6-12.3-4.5-9.6-4.3-6.2-4.1-3-2.7-.4-2.7 3.4-2.7 6.4-3.3 8.6-2.9 10.6-2.3 13.4 2.3 13.4 2.9 10.6 3.4 8.4 2.9 5 3.4 2 3.9-1.6 4.9-4.2 4.6-7.2 4.2-10.8 1.8-13 -1.2-12.7Z';
