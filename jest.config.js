export default {
  testEnvironment: 'node', // a component test starts with /** @jest-environment jsdom */
  setupFiles: ['<rootDir>/jest.setup.cjs'],
  // A busy machine is slow, not wrong: what hangs is stopped within two minutes, what takes its time is let take it; the few long ones say so themselves.
  // How fast things are is measured in bench/.
  testTimeout: 120_000,
  testSequencer: '<rootDir>/jest.sequencer.cjs',
  setupFilesAfterEnv: ['<rootDir>/jest.quiet.cjs'],
  roots: ['<rootDir>/core', '<rootDir>/contract', '<rootDir>/server', '<rootDir>/web', '<rootDir>/demo', '<rootDir>/scripts'],
  testMatch: ['**/*.test.{ts,tsx}'],
  moduleNameMapper: { '\\.module\\.scss$': '<rootDir>/jest.styles.js' },
  extensionsToTreatAsEsm: ['.ts', '.tsx'],
  transform: {
    '^.+\\.tsx?$': [
      '@swc/jest',
      {
        jsc: { target: 'es2023', parser: { syntax: 'typescript', tsx: true }, transform: { react: { runtime: 'automatic' } } },
        module: { type: 'es6' },
        sourceMaps: 'inline',
      },
    ],
  },
};
