const { TestEnvironment } = require('jest-environment-node');

/**
 * The server's tests share one kind of error, and of bytes. The database's own is made once in a process, by the first test file that opens one,
 * and would be no error to those after it; what a zip is made of would be no bytes.
 */
module.exports = class HouseEnvironment extends TestEnvironment {
  async setup() {
    await super.setup();
    this.global.Error = Error;
    this.global.Uint8Array = Uint8Array;
  }
};
