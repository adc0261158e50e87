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
const room = (displayName, folders, testMatch = ['**/*.test.ts', '**/*.test.tsx'], testEnvironment = 'node') => ({
  displayName,
  testEnvironment,
  roots: folders.map((folder) => `<rootDir>/${folder}`),
  testMatch,
  transform,
  // These ship modules only; everything else runs as it is.
  transformIgnorePatterns: [
    '/node_modules/(?!(d3-polygon|tinyqueue|react-hotkeys-hook|react-error-boundary|@ant-design)/)',
  ],
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
  // Styles have no bearing on what is tested outside a browser.
  moduleNameMapper: { '\\.css$': '<rootDir>/scripts/noStyles.ts' },
});

export default {
  // What takes longer is not a unit test; journeys set their own limit.
  testTimeout: 10_000,
  projects: [
    room('core', ['core', 'repertoire']),
    room('house', ['server', 'demo', 'scripts'], undefined, '<rootDir>/scripts/houseEnvironment.cjs'),
    room('web', ['web'], ['**/*.test.ts']),
    // Parts of pages, in a page without a browser.
    room('page', ['web'], ['**/*.test.tsx'], '<rootDir>/scripts/pageEnvironment.cjs'),
    room('browser', ['e2e']),
  ],
};
