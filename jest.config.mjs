import { keptDurations } from './scripts/testing/durations.mjs';
import { writeShards } from './scripts/testing/shards.mjs';
import { limitSeconds } from './scripts/testing/slowness.mjs';

// Everywhere the same time of day, with nights on which the clocks change.
process.env.TZ = 'Europe/London';

const root = import.meta.dirname;
const transform = {
  '^.+\\.(tsx?|m?js)$': [
    '@swc/jest',
    {
      jsc: {
        parser: { syntax: 'typescript', tsx: true },
        transform: { react: { runtime: 'automatic' } },
        target: 'es2022',
      },
      module: { type: 'commonjs' },
    },
  ],
};
// Styles have no bearing on what is tested outside a browser.
const noStyles = { '\\.css$': '<rootDir>/scripts/testing/noStyles.ts' };
const room = (displayName, folders, more = {}) => ({
  displayName,
  testEnvironment: 'node',
  roots: folders.map((folder) => `<rootDir>/${folder}`),
  testMatch: ['**/*.test.ts', '**/*.test.tsx'],
  transform,
  cacheDirectory: '<rootDir>/.cache/jest',
  setupFiles: ['<rootDir>/scripts/testing/fixedDay.ts'],
  globals: { VESPERUM_SWEEP: process.env.VESPERUM_SWEEP === '1' },
  // These ship modules only; everything else runs as it is.
  transformIgnorePatterns: ['/node_modules/(?!(d3-polygon|tinyqueue|react-hotkeys-hook|react-error-boundary)/)'],
  // Looking these up in a test's own world is slow enough to be felt where they are used by the million.
  sandboxInjectedGlobals: [
    'Error',
    'Math',
    'Number',
    'Float64Array',
    'Int32Array',
    'Array',
    'Map',
    'Set',
    'WeakMap',
    'Object',
  ],
  moduleNameMapper: noStyles,
  ...more,
});

/** The tests of the computation: in a few shared worlds in a whole run, each by itself where some are looked for. */
const FOLDERS = ['core', 'repertoire'];
function computation() {
  if (process.env.VESPERUM_SHARDS !== '1') return [room('core', FOLDERS)];
  const { single } = writeShards(root, FOLDERS, keptDurations());
  const byThemselves = { testMatch: single.map((file) => `<rootDir>/${file}`) };
  return [
    // What they load lies outside of their own folder.
    room('core', ['.cache/shards', ...FOLDERS], { testMatch: ['<rootDir>/.cache/shards/*.test.js'] }),
    ...(single.length > 0 ? [room('core alone', FOLDERS, byThemselves)] : []),
  ];
}

/** Packages that come in thousands of files come in one as well, which is read in a tenth of the time. */
const inOneFile = {
  ...noStyles,
  '^React$': '<rootDir>/node_modules/react/index.js',
  '^antd$': '<rootDir>/node_modules/antd/dist/antd.min.js',
  '^@ant-design/icons$': '<rootDir>/node_modules/@ant-design/icons/dist/index.umd.min.js',
};

// The demo world is made once, before the first test that needs it.
const prepared = { globalSetup: '<rootDir>/scripts/testing/prepare.ts' };

export default {
  // What never comes is told from what is late on a busy machine.
  testTimeout: 1000 * limitSeconds(process.env.VESPERUM_SWEEP === '1' ? 3600 : 60),
  reporters: [
    'default',
    ...(process.env.VESPERUM_TALLY
      ? [['<rootDir>/scripts/testing/tally.cjs', { file: process.env.VESPERUM_TALLY }]]
      : []),
  ],
  testSequencer: '<rootDir>/scripts/testing/sequencer.cjs',
  projects: [
    ...computation(),
    room('house', ['server', 'demo', 'scripts'], {
      ...prepared,
      testEnvironment: '<rootDir>/scripts/testing/houseEnvironment.ts',
    }),
    room('web', ['web'], { testMatch: ['**/*.test.ts'], moduleNameMapper: inOneFile }),
    // Parts of pages, in a page without a browser.
    room('page', ['web'], {
      testMatch: ['**/*.test.tsx'],
      moduleNameMapper: inOneFile,
      testEnvironment: '<rootDir>/scripts/testing/pageEnvironment.cjs',
    }),
    room('browser', ['e2e'], {
      globalSetup: '<rootDir>/e2e/browser/prepareServer.ts',
      testEnvironment: '<rootDir>/e2e/browser/browserEnvironment.ts',
    }),
  ],
};
