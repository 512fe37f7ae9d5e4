import { describe, expect, test } from '@jest/globals';
import { decide } from '../../diagnosis/decision/index.ts';
import { gatherEvidence } from '../../diagnosis/evidence/index.ts';
import { timeFormats } from '../../facts/calendar/index.ts';
import { ORIENTATIONS } from '../../panel/layout/index.ts';
import { reportPrices } from '../../record/panelEntries/index.ts';
import {
  aBreakerRecord,
  aCircuit,
  aDossier,
  anEvent,
  anObservation,
  aPanel,
  aReading,
  aReportedPanel,
  aReportedSite,
  aVisitPlan,
  uuid,
  visitIn,
  type BreakerRecordParts,
} from '../../testing/index.ts';
import { panelReviewOf } from '../panelReview/index.ts';
import { boardSvg, figureBarSvg, hasBar, locatorSvg } from '../panelDrawings/index.ts';
import {
  report,
  reportBlocks,
  reportOf,
  sayMoney,
  URGENCIES,
  type ReportBlock,
  type ReportedPanel,
} from './index.ts';

const FORMATS = timeFormats({ dates: 'month-day-year', clock: '12' }, 'UTC');
const NOW = '2026-11-28T10:00:00.000Z';
const SITE = aReportedSite(NOW);

/** A panel as a report takes it, from what is on record of its breakers. */
function reported(parts: readonly BreakerRecordParts[], change: Partial<ReportedPanel> = {}): ReportedPanel {
  const evidence = parts.map((part, i) =>
    gatherEvidence(aDossier({ ...part, breaker: { id: uuid(i + 1), space: i + 1, ...part.breaker } })),
  );
  const panel = change.panel ?? aPanel();
  return aReportedPanel({
    panel,
    breakers: evidence.map((one, i) => ({
      breaker: one.breaker,
      label: one.circuit?.label ?? null,
      decision: decide(one),
      isMeasured: (parts[i]!.readings ?? []).length > 0,
      pictures: [],
    })),
    review: panelReviewOf('Shed', { panel, evidence, legs: [], signs: [], now: NOW }),
    ...change,
  });
}

const reportOn = (...panels: ReportedPanel[]) => reportOf({ kind: 'site', id: SITE.id }, SITE, panels, NOW);

const THIN: BreakerRecordParts = {
  breaker: { ratingAmps: 20 },
  circuit: aCircuit({ conductor: { gauge: '14', material: 'copper', insulationC: 90, cable: 'nm' } }),
};
const SIZZLES: BreakerRecordParts = { observations: [anObservation('sound', 'sizzle-or-crackle')] };
const DEAD: BreakerRecordParts = {
  readings: [
    aReading('voltage', 'load-terminal', 0.2),
    aReading('voltage', 'leg-a', 120),
    aReading('voltage', 'leg-b', 120),
  ],
  events: [anEvent('reset', -5, { feel: 'clean-clicks' })],
};

describe('a report', () => {
  test('begins with what cannot wait, and says precautions until then', () => {
    const told = report.parse(reportOn(reported([DEAD, THIN, SIZZLES, {}])));
    const ranks = told.findings.map(({ urgency }) => URGENCIES.indexOf(urgency));
    expect(ranks).toEqual([...ranks].sort((x, y) => x - y));
    expect(new Set(ranks).size).toBe(3);
    const danger = told.findings.find(({ key }) => key === `breaker ${uuid(3)}`)!;
    expect(danger.until.length).toBeGreaterThan(0);
    expect(danger.urgency).toBe('now');
    expect(told.headline).toContain('now');
    const thin = told.findings.find(({ key }) => key === `breaker ${uuid(2)}`)!;
    expect(thin.figures).toContainEqual({
      label: 'Breaker rating',
      value: '20 A',
      limit: '15 A',
      bar: { value: 20, limit: 15 },
    });
    expect(thin).toMatchObject({
      whom: 'A qualified electrician',
      location: { space: 2, poles: 1, half: null },
    });
    expect([danger.use, thin.use !== null]).toEqual(['Do not use anything fed from this panel.', true]);
    expect(thin.sources.length).toBeGreaterThan(0);
  });

  test('tells a hole, and what was never measured', () => {
    const told = reportOn(reported([DEAD, {}, {}], { panel: aPanel({ holes: [9] }) }));
    expect(told.findings).toContainEqual(
      expect.objectContaining({ key: `hole ${uuid(900)} 9`, urgency: 'days' }),
    );
    expect(told.notLookedAt.map(({ what }) => what)).toContain('2 of 3 breakers: never measured');
  });

  test('tells what hangs in the door where it is wrong, and that nobody read it', () => {
    const bare = reported([{ circuit: aCircuit({ label: 'Kitchen' }) }]);
    expect(reportOn(bare).notLookedAt.map(({ what }) => what)).toContain('Posted directory');
    const [finding] = reportOn({ ...bare, hangs: '1 dryer' }).findings;
    expect(finding).toMatchObject({ headline: 'Post a new directory', urgency: 'weeks' });
    expect(finding!.because).toEqual(['Wrong 1 “dryer”, on record: Kitchen']);
    expect(reportOn({ ...bare, hangs: '1 kitchen' }).findings).toEqual([]);
  });

  test('of a panel in order says so', () => {
    const told = reportOn(reported([]));
    expect(told.findings).toEqual([]);
    expect(told.headline).toBe('No findings that need attention');
  });

  test('of a visit tells what was done, and each figure that proves it', () => {
    const plan = { ...aVisitPlan(), visitId: uuid(77) };
    const { facts } = visitIn('none', plan);
    const steps = facts.map((fact, n) => ({ entryId: uuid(100 + n), n, at: NOW, simulated: true, fact }));
    const panel = aPanel();
    const visit = { site: SITE, panel, entryId: uuid(78), plannedAt: NOW, plan, steps };
    const one = reported([DEAD], { visits: [visit] });
    const told = reportOf({ kind: 'visit', id: uuid(77) }, SITE, [one], NOW);
    expect(told.about.stands).toBe('finished');
    expect(told.done).toHaveLength(1);
    expect(told.done[0]).toMatchObject({ isProved: true, simulated: true });
    expect(told.done[0]!.proofs.filter(({ figure }) => / V$/.test(figure)).length).toBeGreaterThan(0);
    const blocks = reportBlocks(told, FORMATS);
    expect(blocks).toContainEqual(expect.objectContaining({ is: 'warning' }));
  });

  test('a price holds for what it was given for, and is summed up', () => {
    const bare = reported([THIN]);
    const [finding] = reportOn(bare).findings;
    const prices = (headline: string) =>
      reportPrices.fields.parse({
        currency: 'EUR',
        prices: [{ finding: finding!.key, headline, amount: 1200 }],
      });
    const told = reportOn({ ...bare, prices: prices(finding!.headline) });
    expect(told.totals).toEqual([{ amount: 1200, currency: 'EUR' }]);
    expect(JSON.stringify(reportBlocks(told, FORMATS))).toContain(
      sayMoney({ amount: 1200, currency: 'EUR' }),
    );
    expect(reportOn({ ...bare, prices: prices('Other') }).totals).toEqual([]);
  });

  test('prices in two currencies are never added up', () => {
    const at = (id: string, currency: string) => {
      const bare = reported([THIN], { panel: aPanel({ id }) });
      const [finding] = reportOn(bare).findings;
      const price = { finding: finding!.key, headline: finding!.headline, amount: 100 };
      return { ...bare, prices: reportPrices.fields.parse({ currency, prices: [price] }) };
    };
    const told = reportOn(at(uuid(900), 'USD'), at(uuid(901), 'EUR'));
    expect(told.totals).toEqual([
      { amount: 100, currency: 'USD' },
      { amount: 100, currency: 'EUR' },
    ]);
    const items = reportBlocks(told, FORMATS).flatMap((block) =>
      block.is === 'overview' ? block.lists.flatMap(({ items: own }) => own) : [],
    );
    expect(items).toContain('$100.00 and €100.00 for all findings');
  });

  test('numbers its findings through, and leaves out parts of which there is nothing to tell', () => {
    const blocks = reportBlocks(reportOn(reported([THIN, THIN, DEAD])), FORMATS);
    const numbers = blocks.flatMap((block) => (block.is === 'finding' ? block.number : []));
    expect(numbers).toEqual([1, 2, 3]);
    const headings = blocks.filter(
      (block): block is Extract<ReportBlock, { is: 'heading' }> => block.is === 'heading',
    );
    expect(headings.map(({ text }) => text)).not.toContain('Trends');
    expect(blocks.at(-1)).toMatchObject({ is: 'signatures' });
  });
});

describe('page one', () => {
  const overviewOf = (told: ReturnType<typeof reportOn>) =>
    reportBlocks(told, FORMATS).find(
      (block): block is Extract<ReportBlock, { is: 'overview' }> => block.is === 'overview',
    )!;

  test('says where to begin and what not to use, and lists every finding by its number', () => {
    const told = reportOn(reported([DEAD, THIN, SIZZLES, {}]));
    const { summary, lists } = overviewOf(told);
    const [first] = told.findings;
    expect(summary).toEqual([`Start with No.\u00a01, ${first!.where}: ${first!.headline}.`]);
    const notToUse = lists.find(({ label }) => label === 'Do not use until it is repaired')!;
    expect(notToUse.isUrgent).toBe(true);
    const limited = told.findings.flatMap(({ use, where }, i) => (use ? [[use, `${i + 1} (${where})`]] : []));
    expect(limited.length).toBeGreaterThan(1);
    for (const [use, number] of limited)
      expect(notToUse.items.find((item) => item.startsWith(`${use!} `))).toContain(number!);
    const table = reportBlocks(told, FORMATS).find((block) => block.is === 'table')!;
    expect(table.table.rows.map(([number, , what]) => [number, what])).toEqual(
      told.findings.map(({ headline }, i) => [`${i + 1}`, headline]),
    );
  });

  test('shows the panel with the number of each finding at its breaker', () => {
    const told = reportOn(reported([DEAD, THIN, {}], { panel: aPanel({ holes: [9] }) }));
    const [board] = overviewOf(told).boards;
    const svg = board!.kind === 'drawing' ? board!.svg : '';
    const drawn = [...svg.matchAll(/text-anchor="middle"[^>]*>(\d+)</g)].map(([, n]) => Number(n));
    expect(drawn.sort()).toEqual(told.findings.flatMap(({ location }, i) => (location ? [i + 1] : [])));
  });

  test('a panel in order has its drawing and no list', () => {
    const told = reportOn(reported([]));
    expect(overviewOf(told)).toMatchObject({ summary: [], lists: [] });
    expect(JSON.stringify(reportBlocks(told, FORMATS))).not.toContain('"What to do"');
  });

  test('a name in the drawing cannot break it', () => {
    const svg = boardSvg({ spaces: 8, orientation: 'upright' }, [
      {
        ...{ space: 1, poles: 1, half: null, place: '1', rating: '20 A', numbers: [1], isUrgent: true },
        label: '<script>&"',
      },
    ]);
    expect(svg).toContain('&lt;script&gt;&amp;&quot;');
    expect(svg).not.toContain('<script');
  });
});

describe('the bar of a figure', () => {
  test('is filled in proportion, and has its limit as a line', () => {
    const widths = (value: number, limit: number) =>
      [...figureBarSvg({ value, limit }).matchAll(/M([\d.]+) [03]h([\d.]+)/g)].map(([, x, w]) => [
        Number(x),
        Number(w),
      ]);
    const [rail, filled, line] = widths(30, 15) as [number[], number[], number[]];
    expect(filled[1]).toBeLessThan(rail[1]!);
    expect(line[0]! + 1).toBeCloseTo(filled[1]! / 2, 0);
    expect(hasBar({ value: -1, limit: 15 })).toBe(false);
    expect(hasBar({ value: 1, limit: 0 })).toBe(false);
  });
});

describe('the drawing of where it is', () => {
  test('marks another place for every place, however the panel hangs', () => {
    for (const orientation of ORIENTATIONS) {
      const drawings = Array.from({ length: 12 }, (_, i) =>
        (['upper', 'lower', null] as const).map((half) =>
          locatorSvg({ spaces: 12, orientation }, { space: i + 1, poles: 1, half }),
        ),
      ).flat();
      const main = locatorSvg({ spaces: 12, orientation }, { space: null, poles: 2, half: null });
      expect(new Set([...drawings, main]).size).toBe(37);
    }
  });

  test('keeps within its frame', () => {
    for (const orientation of ORIENTATIONS)
      for (const space of [1, 2, 41, 83, 84]) {
        const svg = locatorSvg({ spaces: 84, orientation }, { space, poles: 1, half: null });
        const [, , width, height] = /viewBox="([^"]+)"/.exec(svg)![1]!.split(' ').map(Number) as number[];
        for (const [, x, y, w, h] of svg.matchAll(/M([\d.]+) ([\d.]+)h([\d.]+)v([\d.]+)/g)) {
          expect(Number(x) + Number(w)).toBeLessThanOrEqual(width! - 2);
          expect(Number(y) + Number(h)).toBeLessThanOrEqual(height! - 2);
        }
      }
  });
});

test('a record without anything is told as unmeasured, not as sound', () => {
  const told = reportOn(reported([{}, {}]));
  expect(aBreakerRecord().entries.readings).toEqual([]);
  expect(told.notLookedAt.some(({ what }) => what.startsWith('2 of 2'))).toBe(true);
});
