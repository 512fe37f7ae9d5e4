import { callsTo } from './aShed.ts';
import { testApp } from './testApp.ts';
import { visitCalls } from './visitCalls.ts';

/** A server with what is asked of it, and visits that are planned and made there. */
export async function visitServer() {
  const { app, store } = await testApp();
  const calls = callsTo(app);
  return { app, store, calls, visits: visitCalls(calls) };
}
