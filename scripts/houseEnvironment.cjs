const { TestEnvironment } = require('jest-environment-node');

/**
 * The server's tests share one kind of error. The database's own is made once in a process, by the first test file that opens one,
 * and would be no error to those after it.
 */
module.exports = class HouseEnvironment extends TestEnvironment {
  async setup() {
    await super.setup();
    this.global.Error = Error;
  }
};
