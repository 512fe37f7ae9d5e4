const project = (name) => ({
  displayName: name,
  rootDir: name,
  testMatch: ['<rootDir>/{src,bench}/**/*.test.{ts,tsx}'],
  runner: 'jest-light-runner',
  transform: {},
});

export default {
  projects: [
    project('core'),
    { ...project('server'), globalSetup: '<rootDir>/../scripts/demoSnapshot.mjs' },
    project('web'),
  ],
};
