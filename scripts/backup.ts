import { readSettings } from '../server/settings';
import { backUp } from '../server/store/keeping/backUp';

const [file] = process.argv.slice(2);
try {
  if (!file) throw new Error('Say where to: npm run backup -- FILE');
  await backUp(readSettings(process.env).dataFolder, file);
  console.log(`Everything is copied to ${file}`);
} catch (error) {
  console.error(error instanceof Error ? error.message : error);
  process.exit(1);
}
