import { CURRENCIES, MOST_PRICE, type Currency } from '@phylaxon/core/record/panelEntries';
import type { Report, ReportFinding } from '@phylaxon/core/views/report';
import { useState } from 'react';
import { entries } from '../../shared/api/index.ts';
import { toNumber } from '../../shared/ui/index.ts';

const CURRENCY_OPTIONS = CURRENCIES.map((value) => ({ value, label: value }));

/** A price as it was typed; `null`: none; NaN: not one. */
function priceTyped(text: string): number | null {
  if (text.trim() === '') return null;
  const value = toNumber(text);
  return typeof value === 'number' && value >= 0 && value <= MOST_PRICE ? value : NaN;
}

/** Prices and the remark of a report as they are typed, until they are kept. */
export function usePrices(report: Report) {
  const { findings, panels } = report;
  // Until one is chosen for all, each panel keeps the currency it has.
  const [chosen, setChosen] = useState<Currency | null>(null);
  const [remark, setRemark] = useState(report.remarks.join('\n'));
  const [typed, setTyped] = useState<ReadonlyMap<string, string>>(
    () => new Map(findings.flatMap(({ key, price }) => (price ? [[key, `${price.amount}`]] : []))),
  );
  const usual = report.totals[0]?.currency ?? 'USD';
  const currencyAt = (panelId: string): Currency =>
    chosen ?? findings.find((one) => one.panelId === panelId && one.price)?.price?.currency ?? usual;
  const typedAt = (key: string) => typed.get(key) ?? '';
  const amountOf = ({ key }: Pick<ReportFinding, 'key'>) => priceTyped(typedAt(key));
  return {
    currency: chosen ?? usual,
    setCurrency: setChosen,
    currencies: CURRENCY_OPTIONS,
    currencyAt,
    remark,
    setRemark,
    typedAt,
    isWrongAt: (key: string) => Number.isNaN(priceTyped(typedAt(key))),
    type: (key: string, text: string) => setTyped((before) => new Map(before).set(key, text)),
    isWrong: findings.some((one) => Number.isNaN(amountOf(one))),
    /** Each panel keeps its own; the remark stands with the first. */
    toSend: () =>
      panels.map(({ id, name }, i) =>
        entries.panelEntry(id, name, {
          kind: 'report-prices',
          at: new Date().toISOString(),
          content: {
            currency: currencyAt(id),
            remark: i === 0 ? remark : '',
            prices: findings.flatMap((one) => {
              const amount = amountOf(one);
              return one.panelId !== id || amount === null
                ? []
                : [{ finding: one.key, headline: one.headline, amount }];
            }),
          },
        }),
      ),
  };
}
export type Prices = ReturnType<typeof usePrices>;
