import type { ReactNode } from 'react';

interface Props {
  title: string;
  level?: 2 | 3;
  /** A place to go to by itself, for who does not see the page. */
  landmark?: boolean;
  children: ReactNode;
}

/** A part of a page under a small title and a rule. */
export function PageSection({ title, level = 3, landmark = false, children }: Props) {
  const Title = level === 2 ? 'h2' : 'h3';
  return (
    <section aria-label={landmark ? title : undefined}>
      <Title className="border-b border-rule-strong pb-1 text-sm font-semibold text-ink-soft">{title}</Title>
      <div className="pt-2">{children}</div>
    </section>
  );
}
