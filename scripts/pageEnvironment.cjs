const { TestEnvironment } = require('jest-environment-jsdom');

/** An address without a beginning is one of the page's own. */
class PageRequest extends Request {
  constructor(input, init) {
    super(typeof input === 'string' ? new URL(input, 'http://localhost') : input, init);
  }
}

/** A page for tests without a browser, with what every browser has and jsdom lacks, as Node has it. */
module.exports = class PageEnvironment extends TestEnvironment {
  async setup() {
    await super.setup();
    Object.assign(this.global, { TextEncoder, TextDecoder, Response, Headers, structuredClone, fetch });
    this.global.Request = PageRequest;
  }

  /** Packages are taken as Node has them: their modules for browsers are not run here. */
  exportConditions() {
    return ['require', 'node', 'default'];
  }
};
