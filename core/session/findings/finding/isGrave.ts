import type { Finding } from './finding';

/** Whether a class should not be taught with it as it is; what is only to be known is not grave. */
export const isGrave = ({ severity }: Finding): boolean => severity !== 'notice';

/** Whether it is about how long the class is: that lies with fitting it. */
export const isOfSlot = ({ code }: Finding): boolean => code === 'slot-over' || code === 'slot-under';
