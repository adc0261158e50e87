import { isDemoPrepared, prepareDemo } from '../../demo/preparedDemo';

/** Once before a run of tests with a server: the demo world they all start from. */
export default (): void => {
  if (!isDemoPrepared()) prepareDemo();
};
