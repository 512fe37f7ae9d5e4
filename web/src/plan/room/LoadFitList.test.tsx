import { afterEach, describe, expect, test } from '@jest/globals';
import type { LoadFit } from '@phylaxon/core/views/planning';
import { MemoryRouter } from 'react-router';
import { inBrowser } from '../../testing/index.ts';

inBrowser();
const { cleanup, fireEvent, render, screen, within } = await import('@testing-library/react');
const { LoadFitList } = await import('./LoadFitList.tsx');

afterEach(cleanup);

const node = (id: string, label: string, limitAmps: number, after: number): LoadFit['nodes'][number] => ({
  ...{ id, label, kind: 'main', basis: 'all of its circuits on', limitAmps },
  before: { a: 30, b: 12 },
  after: { a: after, b: 12 },
  headroomAmps: limitAmps - after,
  ok: after <= limitAmps,
});
const fit = (change: Partial<LoadFit> = {}): LoadFit => ({
  ...{ fits: true, first: null, largestAmps: 40, unknown: [], ways: [] },
  nodes: [node('bus', 'Barn bus', 100, 70)],
  ...change,
});
const show = (shown: LoadFit, onAmps: (amps: number) => void = () => undefined) =>
  render(
    <MemoryRouter>
      <LoadFitList fit={shown} onAmps={onAmps} roomOf={(panelId) => `/panels/${panelId}/room?amps=40`} />
    </MemoryRouter>,
  );

describe('a load on its way', () => {
  test('each node says what it carries, its limit, what is to spare, and where the figure comes from', () => {
    show(fit());
    const [row] = screen.getAllByRole('listitem');
    expect(row!.textContent).toContain('✓ Barn bus');
    expect(row!.textContent).toMatch(/30 A → 70 A/);
    expect(row!.textContent).toMatch(/Limit 100 A/);
    expect(row!.textContent).toMatch(/30 A to spare/);
    expect(row!.textContent).toContain('all of its circuits on');
    expect(screen.queryByText('Ways that fit, cheapest first')).toBeNull();
  });

  test('one that is over has no tick, and each way leads on', () => {
    const told: number[] = [];
    show(
      fit({
        ...{ fits: false, first: 'main', nodes: [node('main', 'Barn main', 60, 71)] },
        ways: [
          { code: 'smaller', amps: 27, text: 'Choose or set a load of at most 27 A.' },
          { code: 'upstream', panelId: 'p1', text: 'Connect it in Main panel.' },
        ],
      }),
      (amps) => told.push(amps),
    );
    expect(screen.getByText(/11 A over/)).toBeTruthy();
    expect(screen.queryByText(/✓/)).toBeNull();
    fireEvent.click(screen.getByRole('button', { name: /Plan with 27/ }));
    expect(told).toEqual([27]);
    const link = screen.getByRole('link', { name: 'Plan it there' });
    expect(link.getAttribute('href')).toBe('/panels/p1/room?amps=40');
  });

  test('what nobody measured is listed; without any way an electrician designs it', () => {
    show(fit({ fits: false, unknown: ['3 Hall (Barn)'] }));
    const dark = screen.getByText(/1 circuit has no reading/).closest('details')!;
    expect(within(dark).getByText('3 Hall (Barn)')).toBeTruthy();
    expect(screen.getByText(/Have an electrician design it/)).toBeTruthy();
  });
});
