import unit from '../jest.config.mjs';

const [{ transform, moduleNameMapper, transformIgnorePatterns }] = unit.projects;

/** The interface tests: a real server, a real browser. One file at a time: they share two cores. */
export default {
  rootDir: '..',
  displayName: 'interface',
  testEnvironment: 'node',
  testMatch: ['<rootDir>/e2e/src/**/*.test.ts'],
  testTimeout: 90_000,
  maxWorkers: 1,
  transform,
  moduleNameMapper,
  transformIgnorePatterns,
};
