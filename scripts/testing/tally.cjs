const { appendFileSync } = require('node:fs');
const { relative } = require('node:path');

/** Writes down each file of tests when it is done, a line of JSON: what a run came to is known also when it is stopped. */
module.exports = class Tally {
  constructor({ rootDir }, { file }) {
    this.root = rootDir;
    this.file = file;
  }

  onTestResult(_test, result) {
    const { testFilePath, numPassingTests, numFailingTests, testExecError, testResults, perfStats } = result;
    const line = {
      file: relative(this.root, testFilePath),
      passed: numPassingTests,
      failed: numFailingTests + (testExecError ? 1 : 0),
      seconds: (perfStats.end - perfStats.start) / 1000,
      tests: testResults.map(({ ancestorTitles, title, status, duration }) => ({
        under: ancestorTitles,
        title,
        status,
        seconds: (duration ?? 0) / 1000,
      })),
    };
    appendFileSync(this.file, `${JSON.stringify(line)}\n`);
  }
};
