import { now } from '../server/clock/clock';
import { readSettings } from '../server/settings';
import { restoreFrom } from '../server/store/keeping/restoreFrom';

const [file] = process.argv.slice(2);
try {
  if (!file) throw new Error('Say where from: npm run restore -- FILE');
  const { dataFolder } = readSettings(process.env);
  const kept = await restoreFrom(dataFolder, file, now().format('YYYYMMDD-HHmmss'));
  console.log(
    `Restored from ${file}.${kept ? ` What was there before is kept in ${kept}.` : ''} Start Vesperum again.`,
  );
} catch (error) {
  console.error(error instanceof Error ? error.message : error);
  process.exit(1);
}
