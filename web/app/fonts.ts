/** The faces that ship with the application. Latin Extended carries the tone marks of pinyin. */
import '@fontsource/alegreya/latin-400.css';
import '@fontsource/alegreya/latin-600.css';
import '@fontsource/alegreya/latin-ext-400.css';
import '@fontsource/source-sans-3/latin-400.css';
import '@fontsource/source-sans-3/latin-600.css';
import '@fontsource/source-sans-3/latin-ext-400.css';
import '@fontsource/lxgw-wenkai-tc/400.css';

const ON_EVERY_PAGE = [
  '400 1rem Alegreya',
  '600 1rem Alegreya',
  '400 1rem "Source Sans 3"',
  '600 1rem "Source Sans 3"',
];

/** Waits for the faces of every page, so that none changes under what is being read or pressed; one that does not come is done without. */
export const pageFonts = (): Promise<unknown> =>
  Promise.allSettled(ON_EVERY_PAGE.map((face) => document.fonts.load(face)));
