const transform = {
  '^.+\\.(tsx?|mjs)$': [
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
const room = (displayName, folders) => ({
  displayName,
  testEnvironment: 'node',
  roots: folders.map((folder) => `<rootDir>/${folder}`),
  testMatch: ['**/*.test.ts', '**/*.test.tsx'],
  transform,
  // This one ships modules only; everything else runs as it is.
  transformIgnorePatterns: ['/node_modules/(?!d3-polygon/)'],
  // Looking these up in a test's own world is slow enough to be felt where they are used by the million.
  sandboxInjectedGlobals: ['Math', 'Number', 'Float64Array', 'Int32Array', 'Array', 'Map', 'Set', 'WeakMap', 'Object'],
  // Styles have no bearing on what is tested outside a browser.
  moduleNameMapper: { '\\.css$': '<rootDir>/scripts/noStyles.ts' },
});

export default {
  testTimeout: 300_000,
  projects: [
    room('core', ['core', 'repertoire']),
    room('house', ['server', 'web', 'demo', 'scripts']),
    room('browser', ['e2e']),
  ],
};
