const transform = {
  '^.+\\.tsx?$': [
    '@swc/jest',
    {
      jsc: {
        parser: { syntax: 'typescript', tsx: true },
        target: 'es2022',
        transform: { react: { runtime: 'automatic' } },
      },
      module: { type: 'es6' },
    },
  ],
};

const project = (name) => ({
  displayName: name,
  rootDir: name,
  testMatch: ['<rootDir>/{src,bench}/**/*.test.ts'],
  testEnvironment: 'node',
  extensionsToTreatAsEsm: ['.ts'],
  transform,
});

export default {
  projects: [
    project('core'),
    { ...project('server'), globalSetup: '<rootDir>/../scripts/demoSnapshot.mjs' },
    project('web'),
  ],
};
