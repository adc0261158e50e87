import { TestEnvironment } from 'jest-environment-node';

/**
 * Tests that open the database share one kind of error, and of bytes. The database's own error is made once in a process, by the
 * first test file that opens one, and would be no error to those after it; what a zip is made of would be no bytes.
 */
export default class HouseEnvironment extends TestEnvironment {
  override async setup(): Promise<void> {
    await super.setup();
    this.global.Error = Error;
    this.global.Uint8Array = Uint8Array as typeof this.global.Uint8Array;
  }
}
