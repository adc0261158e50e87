import { isDemoPrepared, prepareDemo, preparedFolder } from '../../demo/preparedDemo';
import { openHouse } from '../runningHouse';

/** What a server works out in its first moments. */
const WORKED_OUT = ['/api/sessions', '/api/movements/traits', '/api/logs/over-time'];

/** Once before journeys in the browser: the demo world, and what a server works out of it, so that each need not. */
export default async (): Promise<void> => {
  if (!isDemoPrepared()) prepareDemo();
  const house = await openHouse({ folder: preparedFolder() });
  for (const path of WORKED_OUT) await (await fetch(house.url + path)).arrayBuffer();
  await house.stop();
};
