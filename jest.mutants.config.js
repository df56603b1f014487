const { projects } = require('./jest.config.js');

const [core] = projects;

/** The fast tests of core, for mutation tests: properties are tried on few pieces. */
module.exports = {
  ...core,
  testEnvironment: '@stryker-mutator/jest-runner/jest-env/node',
  testMatch: [
    '<rootDir>/src/{coating,sanding,work}/*.test.ts',
    '<rootDir>/src/route/{law,safety,route,scenarios,finishing,workshop,risk,wall,branches,compare}.test.ts',
  ],
  setupFiles: [...core.setupFiles, `${__dirname}/jest.mutants.js`],
};
