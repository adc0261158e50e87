const { relative } = require('node:path');
const { readFileSync } = require('node:fs');
const { default: Sequencer } = require('@jest/test-sequencer');

const loaded = /require\("(?:\.\.\/)+(.*?)"\)/g;

/**
 * Runs what takes longest first, so that both workers end together; a shard takes as long as the files it loads. Where an order is
 * given, it holds.
 */
module.exports = class LongestFirst extends Sequencer {
  async sort(tests) {
    const wanted = process.env.VESPERUM_ORDER;
    if (wanted) {
      const order = JSON.parse(readFileSync(wanted, 'utf8'));
      const placeOf = ({ path, context }) => order.indexOf(relative(context.config.rootDir, path));
      return tests.toSorted((a, b) => placeOf(a) - placeOf(b));
    }
    const { durationOf, keptDurations } = await import('./durations.mjs');
    const durations = keptDurations();
    const secondsOf = ({ path, context }) => {
      const file = relative(context.config.rootDir, path);
      if (!file.startsWith('.cache')) return durationOf(durations, file);
      const files = [...readFileSync(path, 'utf8').matchAll(loaded)].map(([, one]) => one);
      return files.reduce((sum, one) => sum + durationOf(durations, one), 0);
    };
    const timed = tests.map((test) => ({ test, seconds: secondsOf(test) }));
    return timed.toSorted((a, b) => b.seconds - a.seconds).map(({ test }) => test);
  }
};
