export const thisTestIsNotInThe = 'This test is not in the vocabulary.';
export const theOutcomeMustBeOneOf = (join: string) => `The outcome must be one of: ${join}.`;
export const enterEachTestAtMostOnce = 'Enter each test at most once.';
export const enterEachTestAtMostOnceWith = 'Enter each test at most once, with its latest outcome.';
