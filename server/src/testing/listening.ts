import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import type { testApp } from './testApp.ts';

/** An application on a port of this machine. */
export async function listening(app: Awaited<ReturnType<typeof testApp>>['app']) {
  const server = createServer(app);
  await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
  const { port } = server.address() as AddressInfo;
  const stop = () => {
    server.closeAllConnections();
    server.close();
  };
  return { port, stop };
}
