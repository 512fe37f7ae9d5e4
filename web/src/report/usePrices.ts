import { CURRENCIES, type Currency } from '@phylaxon/core/record/panelEntries';
import type { Report, ReportFinding } from '@phylaxon/core/views/report';
import { useState } from 'react';
import { entries } from '../api/index.ts';
import { toNumber } from '../shared/index.ts';

/** So much at most, in any currency. */
const MOST = 1_000_000;

const CURRENCY_OPTIONS = CURRENCIES.map((value) => ({ value, label: value }));

/** A price as it was typed; `null`: none; NaN: not one. */
function priceTyped(text: string): number | null {
  if (text.trim() === '') return null;
  const value = toNumber(text);
  return typeof value === 'number' && value >= 0 && value <= MOST ? value : NaN;
}

/** Prices and the remark of a report as they are typed, until they are kept. */
export function usePrices(report: Report) {
  const [currency, setCurrency] = useState<Currency>(report.currency ?? 'USD');
  const [remark, setRemark] = useState(report.remarks.join('\n'));
  const [typed, setTyped] = useState<ReadonlyMap<string, string>>(
    () => new Map(report.findings.flatMap(({ key, price }) => (price === null ? [] : [[key, `${price}`]]))),
  );
  const amountOf = ({ key }: Pick<ReportFinding, 'key'>) => priceTyped(typed.get(key) ?? '');
  return {
    currency,
    setCurrency,
    currencies: CURRENCY_OPTIONS,
    remark,
    setRemark,
    typedAt: (key: string) => typed.get(key) ?? '',
    isWrongAt: (key: string) => Number.isNaN(priceTyped(typed.get(key) ?? '')),
    type: (key: string, text: string) => setTyped((before) => new Map(before).set(key, text)),
    isWrong: report.findings.some((one) => Number.isNaN(amountOf(one))),
    /** Each panel keeps its own; the remark stands with the first. */
    toSend: () =>
      report.panels.map(({ id, name }, i) =>
        entries.panelEntry(id, name, {
          kind: 'report-prices',
          at: new Date().toISOString(),
          content: {
            currency,
            remark: i === 0 ? remark : '',
            prices: report.findings.flatMap((one) => {
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
