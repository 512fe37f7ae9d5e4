import { register } from 'node:module';
import { register as registerTypeScript } from 'tsx/esm/api';

/** The runner gives its globals to each file; whoever imports them by name gets these. */
const GLOBALS = ['afterAll', 'afterEach', 'beforeAll', 'beforeEach', 'describe', 'expect', 'test'];
/** The runner knows no limit for one test: one that takes longer than this fails, unless it says that it may take longer. */
const LIMIT_MS = process.env.PROPERTY_RUNS === 'full' ? 3_600_000 : 300_000;

const source = `
  const within = (work, ms) => async (...given) => {
    let timer;
    const late = new Promise((_, reject) => {
      timer = setTimeout(() => reject(new Error('Took longer than ' + ms + ' ms.')), ms);
    });
    try {
      return await Promise.race([work(...given), late]);
    } finally {
      clearTimeout(timer);
    }
  };
  const limited = (run) => (name, work, ms = 0) => run(name, work && within(work, Math.max(ms, ${LIMIT_MS})));
  const limitedTest = (run) => Object.assign(limited(run), { each: (...table) => limited(run.each(...table)) });
  ${GLOBALS.filter((name) => name !== 'test')
    .map((name) => `export const ${name} = globalThis.${name};`)
    .join('\n')}
  // The process that starts the tests has none itself.
  export const test =
    globalThis.test &&
    Object.assign(limitedTest(globalThis.test), {
      skip: globalThis.test.skip,
      only: limitedTest(globalThis.test.only),
    });
`;
const address = `data:text/javascript,${encodeURIComponent(source)}`;
const hooks = `
export const resolve = (name, context, next) =>
  name === '@jest/globals' ? { url: ${JSON.stringify(address)}, shortCircuit: true } : next(name, context);
`;

registerTypeScript();
register(`data:text/javascript,${encodeURIComponent(hooks)}`);
