/** One Jest run for the unit tests of every workspace. Sources are ES modules with `.js` endings; swc turns them for Jest. */
const byEnding = { '^(\\.{1,2}/.*)\\.js$': '$1' };
const shared = {
  testEnvironment: 'node',
  moduleNameMapper: byEnding,
  transform: {
    '^.+\\.(t|j|mj)sx?$': [
      '@swc/jest',
      {
        jsc: {
          target: 'es2022',
          parser: { syntax: 'typescript', tsx: true, decorators: true },
          transform: {
            legacyDecorator: true,
            decoratorMetadata: true,
            react: { runtime: 'automatic' },
          },
        },
        module: { type: 'commonjs' },
      },
    ],
  },
  transformIgnorePatterns: ['/node_modules/(?!(zod-openapi|papaparse|tinyqueue|culori|d3-[a-z]+|@nestjs)/)'],
};

const project = (name) => ({
  ...shared,
  rootDir: '.',
  displayName: name,
  testMatch: [`<rootDir>/${name}/src/**/*.test.ts?(x)`],
});

/** The other workspaces are tested against the build of core that they ship with: a change in core asks for core's own tests. */
const onBuiltCore = (project) => ({
  ...project,
  moduleNameMapper: {
    '^@rotula/core$': '<rootDir>/core/dist/index.js',
    '^(?:\\.\\./)+core/src/(.*)$': '<rootDir>/core/dist/$1',
    ...byEnding,
  },
});

/** Tests of the web run in Node; those of parts of the interface ask for jsdom at their head. */
const web = { ...onBuiltCore(project('web')), setupFiles: ['<rootDir>/web/src/testing/dom.ts'] };

/** A machine that is busy may take its time; nothing here is measured by the clock. */
export default { testTimeout: 30_000, projects: [project('core'), onBuiltCore(project('server')), web] };
