import type { Application } from 'express';
import request from 'supertest';

/** What a route answers, as bytes; it has to answer well. */
export async function bytesOf(app: Application, path: string): Promise<Buffer> {
  const { body } = await request(app)
    .get(`/api/v1${path}`)
    .expect(200)
    .buffer(true)
    .parse((response, done) => {
      const parts: Buffer[] = [];
      response.on('data', (part: Buffer) => parts.push(part));
      response.on('end', () => done(null, Buffer.concat(parts)));
    });
  return body as Buffer;
}
