import { afterEach, expect, test } from '@jest/globals';
import { createMemoryRouter, RouterProvider } from 'react-router';
import { inBrowser } from '../../testing/index.ts';

inBrowser();
const { cleanup, fireEvent, render, screen } = await import('@testing-library/react');
const { QueryClient, QueryClientProvider } = await import('@tanstack/react-query');
const { Calculators } = await import('./Calculators.tsx');

afterEach(cleanup);

function show(search: string) {
  const router = createMemoryRouter([{ path: '/calculators', element: <Calculators /> }], {
    initialEntries: [`/calculators${search}`],
  });
  render(
    <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
      <RouterProvider router={router} />
    </QueryClientProvider>,
  );
  return router;
}
const answer = () => screen.getByRole('status', { name: 'Result' }).textContent;
const field = (label: RegExp) => screen.getByLabelText<HTMLInputElement>(label);

test('answers while one types, and the address keeps the figures', () => {
  const router = show('?calculator=volt-amperes&volts=120&amps=4');
  expect(answer()).toContain('480 VA');
  fireEvent.change(field(/^Current/), { target: { value: '8' } });
  expect(answer()).toContain('960 VA');
  fireEvent.change(field(/^Power/), { target: { value: '900' } });
  expect(answer()).toContain('power factor 0.94');
  const told = new URLSearchParams(router.state.location.search);
  expect([told.get('calculator'), told.get('amps'), told.get('watts')]).toEqual(['volt-amperes', '8', '900']);
});

test('an empty or impossible figure is told, and marked at its field', () => {
  show('?calculator=volt-amperes');
  fireEvent.change(field(/^Current/), { target: { value: '' } });
  expect(screen.getByRole('alert').textContent).toBe('Enter a figure.');
  expect(field(/^Current/).getAttribute('aria-invalid')).toBe('true');
  fireEvent.change(field(/^Current/), { target: { value: '-3' } });
  expect(screen.getByRole('alert').textContent).toContain('current');
  expect(screen.queryByRole('status')).toBeNull();
});

test('what cannot be read is told, also where a figure is usual; a limit is in the person’s unit', () => {
  show('?calculator=trip-time');
  fireEvent.change(field(/^Ambient/), { target: { value: 'warm' } });
  expect(screen.getByRole('alert').textContent).toBe('Enter a figure.');
  expect(field(/^Ambient/).getAttribute('aria-invalid')).toBe('true');
  fireEvent.change(field(/^Ambient/), { target: { value: '' } });
  expect(screen.getByRole('alert').textContent).toBe('Enter a figure.');
  fireEvent.change(field(/^Ambient/), { target: { value: '900' } });
  expect(screen.getByRole('alert').textContent).toMatch(/from .*°[CF]/);
  expect(screen.getByRole('alert').textContent).not.toMatch(/[⟦⟧]/);
});

test('an address that names no calculator opens the first; what it says wrongly is left out', () => {
  show('?calculator=none&amps=abc');
  expect(screen.getByRole('heading', { name: 'Trip time' })).toBeTruthy();
  expect(screen.getByRole('alert').textContent).toBe('Enter a figure.');
});
