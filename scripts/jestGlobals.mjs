import { register } from 'node:module';
import { register as registerTypeScript } from 'tsx/esm/api';

/** The runner gives its globals to each file; whoever imports them by name gets these. */
const GLOBALS = ['afterAll', 'afterEach', 'beforeAll', 'beforeEach', 'describe', 'expect', 'test'];
const source = GLOBALS.map((name) => `export const ${name} = globalThis.${name};`).join('\n');
const address = `data:text/javascript,${encodeURIComponent(source)}`;
const hooks = `
export const resolve = (name, context, next) =>
  name === '@jest/globals' ? { url: ${JSON.stringify(address)}, shortCircuit: true } : next(name, context);
`;

registerTypeScript();
register(`data:text/javascript,${encodeURIComponent(hooks)}`);
