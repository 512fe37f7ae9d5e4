import type { ReportBlock, ReportPicture, ReportTable } from '@phylaxon/core/views/report';
import type { ReactNode } from 'react';
import { fileAddresses } from '../../shared/api/index.ts';
import { classes } from '../../shared/ui/index.ts';
import { DrawnPicture } from './DrawnPicture.tsx';
import * as messages from './messages.ts';

type Block<K extends ReportBlock['is']> = Extract<ReportBlock, { is: K }>;

interface Props {
  blocks: readonly ReportBlock[];
  /** What stands under a finding on screen alone. */
  under: (finding: Block<'finding'>) => ReactNode;
}

/** A report as it is printed: the same words in the same order as its PDF. */
export function ReportBlocks({ blocks, under }: Props) {
  return (
    <article className="space-y-4">
      {blocks.map((block, i) => (
        <OneBlock key={block.is === 'finding' ? block.key : i} block={block} under={under} />
      ))}
    </article>
  );
}

function OneBlock({ block, under }: { block: ReportBlock; under: Props['under'] }) {
  switch (block.is) {
    case 'title':
      return (
        <header>
          <p className="text-ink-soft">{block.note}</p>
          <h2 className="text-3xl font-bold">{block.text}</h2>
          <p className={classes('mt-1 text-xl font-bold', block.isUrgent && 'text-danger')}>
            {block.headline}
          </p>
        </header>
      );
    case 'warning':
      return <p className="font-bold text-danger">{block.text}</p>;
    case 'heading':
      return (
        <div className="break-inside-avoid break-after-avoid pt-4">
          <h3 className="text-2xl font-bold">{block.text}</h3>
          {block.note !== null && <p className="text-ink-soft">{block.note}</p>}
        </div>
      );
    case 'text':
      return <p>{block.text}</p>;
    case 'finding':
      return <Finding block={block}>{under(block)}</Finding>;
    case 'table':
      return <Table table={block.table} />;
    case 'list':
      return (
        <ul className="list-disc space-y-1 pl-5">
          {block.items.map((item) => (
            <li key={item}>{item}</li>
          ))}
        </ul>
      );
    case 'pictures':
      return (
        <div className="grid gap-5 sm:grid-cols-2">
          {block.pictures.map((one) => (
            <Picture key={one.caption} picture={one} isWide />
          ))}
        </div>
      );
    case 'signatures':
      return (
        <div className="grid break-inside-avoid grid-cols-2 gap-x-6 gap-y-12 pt-14 sm:grid-cols-4">
          {block.fields.map((field, i) => (
            <p key={`${field} ${i}`} className="border-t border-ink pt-1 text-sm text-ink-soft">
              {field}
            </p>
          ))}
        </div>
      );
  }
}

function Finding({ block, children }: { block: Block<'finding'>; children: ReactNode }) {
  const { number, title, where, isUrgent, lines, figures, price, pictures } = block;
  return (
    <section
      aria-label={`${number}. ${title}`}
      className="flex break-inside-avoid flex-col gap-x-6 gap-y-3 border-t border-rule-strong pt-3 sm:flex-row"
    >
      <div className="min-w-0 flex-1 space-y-1">
        <h4 className={classes('text-xl font-bold', isUrgent && 'text-danger')}>
          {number}. {title}
        </h4>
        <p className="text-ink-soft">{where}</p>
        {lines.map(({ label, text }) => (
          <p key={`${label} ${text}`}>
            {label !== null && <strong>{label}: </strong>}
            {text}
          </p>
        ))}
        {figures !== null && <Table table={figures} isOfFigures />}
        {price !== null && (
          <p className="text-right font-bold">{messages.price(<span className="figures">{price}</span>)}</p>
        )}
        {children}
      </div>
      {pictures.length > 0 && (
        <div className="flex shrink-0 gap-4 sm:w-40 sm:flex-col">
          {pictures.map((one) => (
            <Picture key={one.caption} picture={one} />
          ))}
        </div>
      )}
    </section>
  );
}

function Picture({ picture, isWide = false }: { picture: ReportPicture; isWide?: boolean }) {
  const { caption } = picture;
  return (
    <figure className="min-w-0">
      {picture.kind === 'photo' ? (
        <img src={fileAddresses.photo(picture.sha256)} alt={caption} className="max-h-40 max-w-full" />
      ) : (
        <DrawnPicture
          svg={picture.svg}
          alt={isWide ? caption : messages.location(caption)}
          className={isWide ? 'max-h-80 w-full object-contain object-left' : 'max-h-28 max-w-24'}
        />
      )}
      <figcaption className="text-sm text-ink-soft">{caption}</figcaption>
    </figure>
  );
}

function Table({
  table: { head, rows },
  isOfFigures = false,
}: {
  table: ReportTable;
  isOfFigures?: boolean;
}) {
  return (
    <table className={classes('w-full text-left', isOfFigures && 'max-w-xl')}>
      <thead>
        <tr className="border-b border-ink">
          {head.map((text) => (
            <th key={text} scope="col" className="py-1 pr-4 font-bold">
              {text}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map((row, i) => (
          <tr key={i} className="break-inside-avoid border-b border-rule align-baseline">
            {row.map((text, column) => (
              <td key={column} className={classes('py-1 pr-4', isOfFigures && column > 0 && 'figures')}>
                {text}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
