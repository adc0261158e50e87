import type { HallSheet } from './hall';

const LABELS: readonly { readonly field: keyof HallSheet; readonly label: string }[] = [
  { field: 'entrance', label: 'Ambulance' },
  { field: 'defibrillator', label: 'Defibrillator' },
  { field: 'firstAid', label: 'First aid' },
  { field: 'telephone', label: 'Telephone' },
  { field: 'exits', label: 'Exits and assembly point' },
  { field: 'caretaker', label: 'Caretaker' },
  { field: 'safeguarding', label: 'Safeguarding' },
  { field: 'lights', label: 'Lights and heating' },
];

/** What a hall sheet says, line by line in the order in which it is needed; what is not written down is left out. */
export const sheetLines = (sheet: HallSheet): { readonly label: string; readonly words: string }[] =>
  LABELS.flatMap(({ field, label }) => (sheet[field] === '' ? [] : [{ label, words: sheet[field] }]));
