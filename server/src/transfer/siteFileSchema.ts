import { siteFile } from '@phylaxon/core/views/siteFile';
import { z } from 'zod';
import * as messages from './messages.ts';

/** The JSON Schema of a site file, as docs/ holds it: made from the schema the server reads by. */
export function siteFileSchemaText(): string {
  const schema = z.toJSONSchema(siteFile, { io: 'input', target: 'draft-2020-12', unrepresentable: 'any' });
  return `${JSON.stringify({ title: messages.phylaxonSiteFile, ...schema }, null, 2)}\n`;
}
