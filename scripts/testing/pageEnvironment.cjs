const { TestEnvironment } = require('jest-environment-jsdom');

/** An address without a beginning is one of the page's own. */
class PageRequest extends Request {
  constructor(input, init) {
    super(typeof input === 'string' ? new URL(input, 'http://localhost') : input, init);
  }
}

/** Two ends that pass on what is posted a moment later; Node's own would keep the tests from ending. */
class PageChannel {
  constructor() {
    const [port1, port2] = [{ onmessage: null }, { onmessage: null }];
    const post = (to) => (data) => setTimeout(() => to.onmessage?.({ data }), 0);
    this.port1 = Object.assign(port1, { postMessage: post(port2) });
    this.port2 = Object.assign(port2, { postMessage: post(port1) });
  }
}

/** A page for tests without a browser, with what every browser has and jsdom lacks, as Node has it. */
module.exports = class PageEnvironment extends TestEnvironment {
  async setup() {
    await super.setup();
    Object.assign(this.global, { TextEncoder, TextDecoder, Response, Headers, structuredClone, fetch });
    this.global.Request = PageRequest;
    this.global.MessageChannel = PageChannel;
  }

  /** Packages are taken as Node has them: their modules for browsers are not run here. */
  exportConditions() {
    return ['require', 'node', 'default'];
  }
};
