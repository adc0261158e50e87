import type { HallSheet } from './hall';

/** A line of a hall sheet: what it is called on the sheet, and what is asked for where it is written. */
interface SheetField {
  readonly field: keyof HallSheet;
  readonly label: string;
  readonly asks: string;
}

/** What a hall sheet holds, in the order in which it is needed. */
export const SHEET_FIELDS: readonly SheetField[] = [
  { field: 'entrance', label: 'Ambulance', asks: 'Entrance and postcode, for an ambulance' },
  { field: 'defibrillator', label: 'Defibrillator', asks: 'Where the defibrillator is' },
  { field: 'firstAid', label: 'First aid', asks: 'Where the first-aid box is' },
  { field: 'telephone', label: 'Telephone', asks: 'Where a telephone works' },
  { field: 'exits', label: 'Exits and assembly point', asks: 'Exits and assembly point' },
  { field: 'caretaker', label: 'Caretaker', asks: 'Who the caretaker is, and where' },
  { field: 'safeguarding', label: 'Safeguarding', asks: 'Who leads on safeguarding' },
  { field: 'lights', label: 'Lights and heating', asks: 'Lights and heating' },
];

/** What a hall sheet says, line by line; what is not written down is left out. */
export const sheetLines = (sheet: HallSheet): { readonly label: string; readonly words: string }[] =>
  SHEET_FIELDS.flatMap(({ field, label }) => (sheet[field] === '' ? [] : [{ label, words: sheet[field] }]));
