import { sources, textsOf } from './texts.mjs';

/** Every text a person may read: file, key, text. */
for (const path of sources())
  for (const { key, text } of textsOf(path)) console.log([path, key, text].join('\t'));
