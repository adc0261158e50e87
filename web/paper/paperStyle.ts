import dayjs from 'dayjs';
import type { CustomTableLayout } from 'pdfmake/interfaces';

export const INK = '#232742';
export const MUTED = '#5d5c66';

/** A day as it is printed: "Tue 5 January 2027". */
export const dayOnPaper = (date: string): string => dayjs(date).format('ddd D MMMM YYYY');

/** A table with a hair line under each row, and so many points of air. */
export const quietLines = (air: number): CustomTableLayout => ({
  hLineWidth: () => 0.4,
  vLineWidth: () => 0,
  hLineColor: () => '#d8cfbb',
  paddingLeft: () => 0,
  paddingRight: () => 8,
  paddingTop: () => air,
  paddingBottom: () => air,
});
