export const theBreaker = 'the breaker';
export const theServerIsNotAnsweringTry = 'The server is not answering. Try again later.';
