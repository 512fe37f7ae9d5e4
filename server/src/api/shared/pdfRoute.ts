import { z } from 'zod';
import { Download, type Route } from '../../http/index.ts';
import { byId } from './shapes.ts';
import { fileName } from './fileName.ts';

/** A page that is printed, with what its file is called after. */
interface Made {
  pdf: Buffer;
  /** What it is about, and what of it. */
  of: string;
  what: string;
}

interface PdfRoute<Q extends z.ZodType> extends Pick<Route, 'path' | 'tag' | 'summary'> {
  query: Q;
  make: (id: string, query: z.output<Q>) => Promise<Made>;
}

/** Declare a route that answers with a PDF about one thing. */
export const pdfRoute = <Q extends z.ZodType>({ make, ...told }: PdfRoute<Q>): Route => ({
  ...told,
  method: 'get',
  params: byId,
  status: 200,
  answer: z.string(),
  file: 'application/pdf',
  handle: async ({ params, query }) => {
    const { pdf, of, what } = await make((params as z.output<typeof byId>).id, query as z.output<Q>);
    return new Download('application/pdf', pdf, `${fileName(of)}-${what}.pdf`);
  },
});
