import { join } from 'node:path';
import { bin, root, run } from './prepare.mjs';

/** Measures: everything, or only what is named. `npm run bench -- years weave` */
const ALL = ['main', 'compose', 'hall', 'teach', 'weave', 'terms', 'years', 'browser'];
const named = process.argv.slice(2).filter((name) => ALL.includes(name));
for (const name of named.length > 0 ? named : ALL) run(bin('tsx'), [join(root, 'bench', `${name}.ts`)]);
