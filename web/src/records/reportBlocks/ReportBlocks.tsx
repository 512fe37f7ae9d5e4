import { unbroken } from '@phylaxon/core/facts/quantities';
import type { ReportBlock, ReportLine, ReportPicture, ReportTable } from '@phylaxon/core/views/report';
import { createContext, use, type ReactNode } from 'react';
import { fileAddresses } from '../../shared/api/index.ts';
import { classes, DrawnPicture } from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

type Block<K extends ReportBlock['is']> = Extract<ReportBlock, { is: K }>;

interface Props {
  blocks: readonly ReportBlock[];
  /** What stands under a finding on screen alone. */
  under?: (finding: Block<'finding'>) => ReactNode;
  /** Where a photo is. */
  photoAddress?: (sha256: string) => string;
}

const NOTHING_UNDER = () => null;
/** Where its photos are, for every picture of a report. */
const PhotoAddress = createContext<(sha256: string) => string>(fileAddresses.photo);

/** A report as it is printed: the same words in the same order as its PDF. */
export function ReportBlocks({ blocks, under = NOTHING_UNDER, photoAddress = fileAddresses.photo }: Props) {
  return (
    <PhotoAddress value={photoAddress}>
      <article className="space-y-4">
        {blocks.map((block, i) => (
          <OneBlock key={block.is === 'finding' ? block.key : i} block={block} under={under} />
        ))}
      </article>
    </PhotoAddress>
  );
}

function OneBlock({ block, under }: { block: ReportBlock; under: NonNullable<Props['under']> }) {
  switch (block.is) {
    case 'title':
      return (
        <header>
          <p className="text-ink-soft">{unbroken(block.note)}</p>
          <h2 className="text-3xl font-bold">{block.text}</h2>
          <p className={classes('mt-1 text-xl font-bold', block.isUrgent && 'text-danger')}>
            {unbroken(block.headline)}
          </p>
        </header>
      );
    case 'warning':
      return <p className="font-bold text-danger">{unbroken(block.text)}</p>;
    case 'heading':
      return (
        <div className="break-inside-avoid break-after-avoid pt-4">
          <h3 className="text-2xl font-bold">{block.text}</h3>
          {block.note !== null && <p className="text-ink-soft">{block.note}</p>}
        </div>
      );
    case 'text':
      return <p>{unbroken(block.text)}</p>;
    case 'overview':
      return <Overview block={block} />;
    case 'finding':
      return <Finding block={block}>{under(block)}</Finding>;
    case 'table':
      return <Table table={block.table} />;
    case 'list':
      return (
        <ul className="list-disc space-y-1 pl-5">
          {block.items.map((item) => (
            <li key={item}>{unbroken(item)}</li>
          ))}
        </ul>
      );
    case 'pictures':
      return (
        <div className="grid gap-5 sm:grid-cols-2">
          {block.pictures.map((one) => (
            <Picture key={one.caption} picture={one} size="wide" />
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

/** The panel with the numbers of its findings, beside what it comes to. */
function Overview({ block: { boards, summary, lists } }: { block: Block<'overview'> }) {
  return (
    <section
      aria-label={messages.summary}
      className="grid items-start gap-x-8 gap-y-4 @xl:grid-cols-[16rem_minmax(0,1fr)] print:grid-cols-[minmax(0,22rem)_minmax(0,1fr)]"
    >
      <div className="space-y-4">
        {boards.map((one) => (
          <Picture key={one.caption} picture={one} size="board" />
        ))}
      </div>
      <div className="space-y-3">
        {summary.map((text) => (
          <p key={text} className="text-lg">
            {unbroken(text)}
          </p>
        ))}
        {lists.map(({ label, items, isUrgent }) => (
          <div key={label} className={classes('border-l-4 pl-3', isUrgent ? 'border-danger' : 'border-ink')}>
            <h3 className={classes('text-lg font-bold', isUrgent && 'text-danger')}>{label}</h3>
            <ul className="space-y-1">
              {items.map((item) => (
                <li key={item}>{unbroken(item)}</li>
              ))}
            </ul>
          </div>
        ))}
      </div>
    </section>
  );
}

const Line = ({ line: { label, text } }: { line: ReportLine }) => (
  <p>
    {label !== null && <strong>{label}: </strong>}
    {unbroken(text)}
  </p>
);

function Finding({ block, children }: { block: Block<'finding'>; children: ReactNode }) {
  const { number, title, where, isUrgent, lines, figures, facts, notes, pictures } = block;
  return (
    <section
      aria-label={`${number}. ${title}`}
      className="flex break-inside-avoid flex-col gap-x-6 gap-y-3 border-t border-rule-strong pt-3 sm:flex-row"
    >
      <div className="min-w-0 flex-1 space-y-1">
        <h4 className={classes('text-xl font-bold', isUrgent && 'text-danger')}>
          {number}. {unbroken(title)}
        </h4>
        <p className="text-ink-soft">{unbroken(where)}</p>
        {lines.map((line) => (
          <Line key={`${line.label} ${line.text}`} line={line} />
        ))}
        {figures.length > 0 && <Figures figures={figures} />}
        <dl className="flex flex-wrap gap-x-6 gap-y-1 border-y border-rule py-1">
          {facts.map(({ label, text }) => (
            <div key={label}>
              <dt className="inline font-bold">{label}: </dt>
              <dd className="inline">{unbroken(text)}</dd>
            </div>
          ))}
        </dl>
        <div className="text-sm text-ink-soft">
          {notes.map((line) => (
            <Line key={`${line.label} ${line.text}`} line={line} />
          ))}
        </div>
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

/** What was measured, each with a bar that holds it against its limit. */
function Figures({ figures }: Pick<Block<'finding'>, 'figures'>) {
  return (
    <ul className="space-y-1">
      {figures.map(({ label, value, limit, svg }) => (
        <li key={label}>
          {label}
          <span className="flex flex-wrap items-center gap-x-3">
            <strong className="figures min-w-20 text-right">{unbroken(value)}</strong>
            {svg !== null && <DrawnPicture svg={svg} alt="" className="h-4 w-40" />}
            {limit !== null && <span className="text-ink-soft">{unbroken(messages.limitOf(limit))}</span>}
          </span>
        </li>
      ))}
    </ul>
  );
}

/** How large a picture is drawn. */
const SIZES = {
  beside: 'max-h-28 max-w-24',
  wide: 'max-h-80 w-full object-contain object-left',
  board: 'w-full',
};

function Picture({ picture, size = 'beside' }: { picture: ReportPicture; size?: keyof typeof SIZES }) {
  const { caption } = picture;
  const photoAddress = use(PhotoAddress);
  return (
    <figure className="min-w-0">
      {picture.kind === 'photo' ? (
        <img src={photoAddress(picture.sha256)} alt={caption} className="max-h-40 max-w-full" />
      ) : (
        <DrawnPicture
          svg={picture.svg}
          alt={size === 'beside' ? messages.location(caption) : caption}
          className={SIZES[size]}
        />
      )}
      <figcaption className="text-sm text-ink-soft">{caption}</figcaption>
    </figure>
  );
}

function Table({ table: { head, rows } }: { table: ReportTable }) {
  return (
    <div className="overflow-x-auto" tabIndex={0} role="group" aria-label={head.join(', ')}>
      <table className="w-full text-left">
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
                <td key={column} className="py-1 pr-4">
                  {unbroken(text)}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
