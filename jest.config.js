export default {
  testEnvironment: 'node', // a component test starts with /** @jest-environment jsdom */
  setupFiles: ['<rootDir>/jest.setup.cjs'],
  roots: ['<rootDir>/core', '<rootDir>/contract', '<rootDir>/server', '<rootDir>/web', '<rootDir>/demo', '<rootDir>/scripts'],
  testMatch: ['**/*.test.{ts,tsx}'],
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
