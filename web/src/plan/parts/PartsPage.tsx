import { FORMULA_START } from '@phylaxon/core/views/csv';
import {
  partsDecided,
  partsList,
  sumOf,
  type DecidedPart,
  type PartLine,
} from '@phylaxon/core/views/planning';
import { useQueries, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useParams } from 'react-router';
import { recordQueries } from '../../shared/queries/index.ts';
import { Button, classes, Notice, PageHead, toNumber, TypedInput } from '../../shared/ui/index.ts';
import { useParts } from './partsStore.ts';
import * as messages from './messages.ts';

const GROUPS: { readonly [G in PartLine['group']]: string } = {
  breakers: messages.breakers,
  'tandem-breakers': messages.tandemBreakers,
  conductor: messages.conductor,
  fillers: messages.fillerPlates,
  'small-parts': messages.smallParts,
  'bring-along': messages.bringAlong,
};

/** What to buy and to take along, from what was decided and planned at a site. */
export function PartsPage() {
  const { siteId = '' } = useParams();
  const { data: planning, error } = useQuery(recordQueries.planning(siteId));
  const decided = useQueries({
    queries: (planning?.panels ?? []).map(({ panel }) => recordQueries.board(panel.id)),
    combine: (boards) =>
      new Map(
        boards.flatMap(({ data }): [string, DecidedPart[]][] =>
          data ? [[data.panel.id, partsDecided(data.breakers)]] : [],
        ),
      ),
  });
  const lines = planning ? partsList(planning, decided) : [];
  return (
    <main className="max-w-5xl space-y-5 px-4 py-5 sm:px-6 print:space-y-2 print:p-0 print:text-xs">
      <PageHead
        backTo={`/sites/${siteId}`}
        back={planning?.site.name ?? messages.theSite}
        title={messages.partsList}
      />
      {error && <Notice title={error.message} />}
      {planning && lines.length === 0 && <p>{messages.noPartsYetRecommended}</p>}
      {lines.length > 0 && (
        <>
          <p className="flex flex-wrap gap-3 print:hidden">
            <Button look="quiet" onClick={() => window.print()}>
              {messages.print}
            </Button>
            <Button look="quiet" onClick={() => void saveCsv(lines)}>
              {messages.saveAsCsv}
            </Button>
          </p>
          {(Object.keys(GROUPS) as PartLine['group'][]).map((group) => (
            <Group
              key={group}
              siteId={siteId}
              group={group}
              lines={lines.filter((one) => one.group === group)}
            />
          ))}
          <Sum lines={lines.filter(({ group }) => isBought(group))} />
          <p className="text-sm text-ink-soft">{messages.theSameManufacturerIsNotEnough}</p>
        </>
      )}
    </main>
  );
}

const isBought = (group: PartLine['group']): boolean => group !== 'bring-along';

/** What one costs: as a rule, or as somebody says. */
function Price({
  what,
  currency,
  band,
  price,
  onPrice,
}: {
  what: string;
  currency: string;
  band: PartLine['band'];
  price: number | null;
  onPrice: (price: number | null) => void;
}) {
  const [typed, setTyped] = useState(price === null ? '' : `${price}`);
  return (
    <label className="flex min-h-11 items-center gap-2 py-1 text-sm print:min-h-0 print:py-0 print:text-xs">
      <span className="figures text-ink-soft">{currency}</span>
      <input
        inputMode="decimal"
        aria-label={messages.unitPrice(what)}
        placeholder={band ? `${band.from}–${band.to}` : 'price'}
        value={typed}
        onChange={(event) => {
          setTyped(event.target.value);
          const value = toNumber(event.target.value);
          onPrice(typeof value === 'number' && value >= 0 && value <= 1_000_000 ? value : null);
        }}
        className="figures min-h-11 w-24 rounded-sm border border-rule-strong bg-bone-raised px-2 placeholder:text-ink-soft print:min-h-0 print:border-0"
      />
    </label>
  );
}

/** What it comes to: own prices where there are any, what is usual for the rest. */
function Sum({ lines }: { lines: readonly PartLine[] }) {
  const { prices, currency, setCurrency } = useParts();
  const { from, to, unpriced } = sumOf(lines, prices);
  const money = (value: number) => `${currency} ${value.toFixed(2)}`;
  return (
    <section
      aria-label={messages.total}
      className="flex flex-wrap items-end justify-between gap-3 border-t-2 border-ink pt-3"
    >
      <p>
        <strong className="figures text-xl">
          {from === to ? money(from) : messages.to(money(from), money(to))}
        </strong>
        {unpriced > 0 && messages.andWithoutAPrice(unpriced, unpriced === 1 ? 'line' : 'lines')}
        <span className="block text-sm text-ink-soft">{messages.linesWithoutAPriceUseTypical}</span>
      </p>
      <div className="print:hidden">
        <TypedInput
          label={messages.currency}
          value={currency}
          onValue={(text) => setCurrency(text.slice(0, 6))}
          isFigure={false}
          className="w-20"
        />
      </div>
    </section>
  );
}

/** The list as a table that spreadsheets open; nothing in it is taken for a formula. */
async function saveCsv(lines: readonly PartLine[]): Promise<void> {
  const { default: Papa } = await import('papaparse');
  const rows = lines.map(({ group, count, what, forWhat }) => ({ group, count, what, for: forWhat }));
  const file = new Blob([Papa.unparse(rows, { escapeFormulae: FORMULA_START })], { type: 'text/csv' });
  const address = URL.createObjectURL(file);
  const link = Object.assign(document.createElement('a'), { href: address, download: 'what-to-buy.csv' });
  link.click();
  URL.revokeObjectURL(address);
}

function Group({
  siteId,
  group,
  lines,
}: {
  siteId: string;
  group: PartLine['group'];
  lines: readonly PartLine[];
}) {
  const { ticked, toggle, prices, setPrice, currency } = useParts();
  const done = new Set(ticked[siteId] ?? []);
  if (lines.length === 0) return null;
  return (
    <section aria-label={GROUPS[group]} className="border-t border-rule-strong pt-2 print:pt-1">
      <h2 className="text-lg font-bold">{GROUPS[group]}</h2>
      <ul className="divide-y divide-rule">
        {lines.map(({ key, count, what, forWhat, band }) => (
          <li key={key} className="flex flex-wrap items-start justify-between gap-x-4">
            <label className="flex min-h-11 min-w-0 flex-1 basis-72 items-start gap-3 py-2 print:min-h-0 print:py-0.5">
              <input
                type="checkbox"
                checked={done.has(key)}
                onChange={() => toggle(siteId, key)}
                className="mt-1 size-5 shrink-0 accent-ink"
              />
              <span className={classes(done.has(key) && 'text-ink-soft line-through')}>
                <span className="figures font-bold">{count}</span> × {what}
                <span className="block text-sm text-ink-soft print:text-xs">
                  {messages.forLabel(forWhat)}
                </span>
              </span>
            </label>
            {isBought(group) && (
              <Price
                what={what}
                currency={currency}
                band={band}
                price={prices[key] ?? null}
                onPrice={(price) => setPrice(key, price)}
              />
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
