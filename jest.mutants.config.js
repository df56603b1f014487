const { projects } = require('./jest.config.js');

const [core] = projects;

/** The fast tests of core, for mutation tests: told pieces, no generated ones by the thousand. */
module.exports = {
  ...core,
  testEnvironment: '@stryker-mutator/jest-runner/jest-env/node',
  testMatch: ['<rootDir>/src/testing/fast.mutants.ts'],
  setupFiles: [...core.setupFiles, `${__dirname}/jest.mutants.js`],
};
