import type { NotUnderstood } from '@phylaxon/core/record/readingLine';

/** The line as it was typed, with what is not understood marked where it stands. */
export function Echo({ text, notUnderstood }: { text: string; notUnderstood: readonly NotUnderstood[] }) {
  const parts: { from: number; text: string; marked: boolean }[] = [];
  let at = 0;
  for (const { from, to } of notUnderstood) {
    if (from > at) parts.push({ from: at, text: text.slice(at, from), marked: false });
    parts.push({ from, text: text.slice(from, to), marked: true });
    at = to;
  }
  if (at < text.length) parts.push({ from: at, text: text.slice(at), marked: false });
  return (
    <p aria-hidden="true" className="max-h-24 overflow-y-auto pb-1 font-mono whitespace-pre-wrap">
      {parts.map((part) =>
        part.marked ? (
          <mark
            key={part.from}
            className="bg-transparent font-bold text-heed underline decoration-wavy underline-offset-4"
          >
            {part.text}
          </mark>
        ) : (
          <span key={part.from} className="text-ink-soft">
            {part.text}
          </span>
        ),
      )}
    </p>
  );
}
