import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { writeTraits } from '../server/ahead/traitsAhead';
import { shippedRepertoire } from '../server/shippedRepertoire';

// Run once when the server is built, beside whose file it lies.
writeFileSync(join(import.meta.dirname, 'traits.json'), writeTraits(shippedRepertoire().movements));
