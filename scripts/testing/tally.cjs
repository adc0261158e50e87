const { appendFileSync } = require('node:fs');
const { relative } = require('node:path');

/** Colours of a terminal. */
const COLOURS = new RegExp(`${String.fromCharCode(27)}\\[[0-9;]*m`, 'g');
/** What is said of a failure, and where in the project it is, characters and lines. */
const SAID = 600;
const OWN_FRAME = /^\s+at (?!.*(?:node_modules|<anonymous>))/;

/** The first failure of a test in a few lines: that of its first try, where there was a second. */
function reasonOf({ retryReasons = [], failureMessages }) {
  const [first = ''] = [...retryReasons, ...failureMessages];
  const lines = first
    .replaceAll(COLOURS, '')
    .split('\n')
    .filter((line) => line.trim() !== '');
  const said = lines
    .filter((line) => !/^\s+at /.test(line))
    .join('\n')
    .slice(0, SAID);
  const where = lines.filter((line) => OWN_FRAME.test(line)).slice(0, 3);
  return [said, ...where].join('\n');
}

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
      failures: [
        ...(testExecError
          ? [{ name: 'could not be run', reason: String(testExecError.message ?? testExecError) }]
          : []),
        ...testResults
          .filter(({ status }) => status === 'failed')
          .map((one) => ({ name: one.fullName, reason: reasonOf(one) })),
      ],
    };
    appendFileSync(this.file, `${JSON.stringify(line)}\n`);
  }
};
