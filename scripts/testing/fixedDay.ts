import { DEMO_MOMENT } from '../../demo/demoDay';
import { shiftDate } from './shiftDate';

// Before each file of tests without a browser: they take place on the day of the demo world.
shiftDate(Date.parse(DEMO_MOMENT) - Date.now());
