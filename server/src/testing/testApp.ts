import { pino } from 'pino';
import { createApp } from '../app/index.ts';
import { seedDemo } from '../demo/index.ts';
import { Store } from '../store/index.ts';

/** The application on a database in memory, with the demo site or empty. */
export async function testApp({ demo = false } = {}) {
  const store = await Store.open(':memory:');
  if (demo) await seedDemo(store);
  return { store, app: createApp({ store, logger: pino({ level: 'silent' }) }) };
}
