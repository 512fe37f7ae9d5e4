import { createElement, Fragment, type ReactNode } from 'react';

/**
 * A sentence with parts that are more than text: figures in their own type, links, emphasis.
 * As the tag of a template it keeps the sentence whole in messages.ts.
 *
 * @param texts the sentence between its parts
 * @param parts what stands in it
 * @returns the sentence, to be shown
 * @example rich`Off for about ${minutes}.`
 */
export const rich = (texts: TemplateStringsArray, ...parts: ReactNode[]): ReactNode =>
  createElement(
    Fragment,
    null,
    ...texts.flatMap((text, i) => (i < parts.length ? [text, parts[i]] : [text])),
  );
