import { afterEach, expect, test } from '@jest/globals';
import { inBrowser } from '../../testing/index.ts';
import type { CircuitValues } from './formValues.ts';

inBrowser();
const { cleanup, fireEvent, render, screen } = await import('@testing-library/react');
const { QueryClient, QueryClientProvider } = await import('@tanstack/react-query');
const { AtTheMeter } = await import('./AtTheMeter.tsx');

afterEach(cleanup);

function show() {
  const added: CircuitValues['loads'][number][] = [];
  render(
    <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
      <AtTheMeter poles={2} onAdd={(load) => added.push(load)} />
    </QueryClientProvider>,
  );
  return added;
}
const type = (label: string, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });
const read = (...counts: string[]) =>
  counts.forEach((count, i) => {
    type(`Counted, step ${i + 1}`, count);
    type(`Seconds, step ${i + 1}`, '60');
  });
const add = () => screen.getByRole('button', { name: /^Add the/i });

test('off, on, off at the meter become a load with its error', () => {
  const added = show();
  type('Appliance', 'Water heater');
  fireEvent.change(screen.getByLabelText('What it feeds'), { target: { value: 'resistive' } });
  read('5', '80', '5');
  expect(screen.getByText(/^between 18/)).toBeTruthy();
  fireEvent.click(add());
  expect(added).toEqual([expect.objectContaining({ name: 'Water heater', volts: '240', watts: 4500 })]);
  expect(added[0]!.voltAmperes).toBe(4500);
  expect(added[0]!.errorVoltAmperes).toBeGreaterThan(50);
});

test('what else switched on is told, and nothing can be added', () => {
  show();
  type('Appliance', 'Water heater');
  read('5', '80', '15');
  expect(screen.getByText(/Something else in the house switched/)).toBeTruthy();
  expect(add().hasAttribute('disabled')).toBe(true);
  read('5', '0', '5');
  expect(screen.getByRole('alert').textContent).toBe('Count at least one pulse or turn.');
});

test('taps count blinks and time them', () => {
  show();
  const button = screen.getAllByRole('button', { name: 'Tap at a blink to start' })[0]!;
  for (let i = 0; i < 4; i++) fireEvent.click(button);
  expect(screen.getByLabelText<HTMLInputElement>('Counted, step 1').value).toBe('3');
  fireEvent.click(screen.getByRole('button', { name: 'Start again' }));
  expect(screen.getAllByRole('button', { name: 'Tap at a blink to start' })).toHaveLength(3);
});
