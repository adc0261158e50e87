const SECTION_WORDS: Readonly<Record<string, string>> = {
  opening: 'Opening',
  'warm-up': 'Warm-up',
  main: 'Main',
  'cool-down': 'Cool-down',
  closing: 'Closing',
};

/** What a section of a class is called: "Warm-up". */
export const sectionWord = (kind: string): string => SECTION_WORDS[kind] ?? kind;
