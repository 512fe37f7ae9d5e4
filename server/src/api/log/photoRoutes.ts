import { z } from 'zod';
import { Download, type Route } from '../../http/index.ts';
import type { ApiContext } from '../shared/index.ts';

export function photoRoutes({ photos }: ApiContext): Route[] {
  return [
    {
      method: 'get',
      path: '/photos/:sha256',
      tag: 'log',
      summary: 'A photo',
      params: z.object({ sha256: z.string().regex(/^[0-9a-f]{64}$/, 'There is no photo with this name.') }),
      status: 200,
      answer: z.string(),
      file: 'image/jpeg',
      handle: async ({ params }) =>
        new Download('image/jpeg', await photos.read((params as { sha256: string }).sha256)),
    },
  ];
}
