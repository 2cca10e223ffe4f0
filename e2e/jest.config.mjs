import unit from '../jest.config.mjs';

const [{ transform, moduleNameMapper, transformIgnorePatterns }] = unit.projects;

/** The interface tests: a real server, a real browser. */
export default {
  rootDir: '..',
  displayName: 'interface',
  testEnvironment: 'node',
  testMatch: ['<rootDir>/e2e/src/**/*.test.ts'],
  testTimeout: 90_000,
  testSequencer: '<rootDir>/e2e/longestFirst.mjs',
  globalSetup: '<rootDir>/e2e/before.mjs',
  globalTeardown: '<rootDir>/e2e/after.mjs',
  transform,
  moduleNameMapper,
  transformIgnorePatterns,
};
