import { createHash } from 'node:crypto';
import { gzipSync } from 'node:zlib';
import type { Request, Response } from 'express';

/** A large answer that never changes while the server runs: made into text, and packed, once. */
export class KeptJson {
  private readonly text: Buffer;
  private readonly packed: Buffer;
  private readonly etag: string;

  constructor(value: object) {
    this.text = Buffer.from(JSON.stringify(value));
    this.packed = gzipSync(this.text);
    this.etag = `"${createHash('sha256').update(this.text).digest('base64url').slice(0, 27)}"`;
  }

  /** Answer with it; whoever has it already is told so. */
  send(request: Request, response: Response): void {
    response.set({ ETag: this.etag, 'Cache-Control': 'no-cache', Vary: 'Accept-Encoding' });
    if (request.fresh) return void response.status(304).end();
    response.type('application/json');
    if (request.acceptsEncodings('gzip') !== 'gzip') return void response.end(this.text);
    response.set('Content-Encoding', 'gzip').end(this.packed);
  }
}
