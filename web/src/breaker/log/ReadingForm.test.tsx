import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import type { ReadingInput } from '@phylaxon/core/record/entities';
import { DEFAULT_SETTINGS, type Settings } from '@phylaxon/core/record/settings';
import { aBreaker } from '@phylaxon/core/testing';
import { fakeServer, inBrowser } from '../../testing/index.ts';

inBrowser();
const { act, cleanup, fireEvent, render, screen, within } = await import('@testing-library/react');
const { useOutbox, useProfile } = await import('../../shared/stores/index.ts');
const { queryClient, settingsQuery } = await import('../../shared/queries/index.ts');
const { ReadingForm } = await import('./ReadingForm.tsx');
const { loadCommands } = await import('../../shared/api/index.ts');

await loadCommands();

const shownIn = (temperature: Settings['temperature']) =>
  queryClient.setQueryData(settingsQuery.queryKey, { ...DEFAULT_SETTINGS, temperature });

let server: ReturnType<typeof fakeServer>;
beforeEach(() => {
  server = fakeServer(() => ({ status: 201, body: { ids: [] } }));
  useProfile.setState({ profile: 'electrician', said: true });
  useOutbox.setState({ waiting: [] });
  sessionStorage.clear();
});
afterEach(() => {
  cleanup();
  server.close();
  useProfile.setState({ profile: 'homeowner', said: false });
  shownIn('C');
});

const breaker = aBreaker({ poles: 1 });
const show = (measuredAt: ReadingInput['point'][] = []) =>
  render(<ReadingForm breaker={breaker} where="Shed, 3" measuredAt={measuredAt} />);
const field = (name: RegExp) => screen.getByRole('textbox', { name, hidden: true });
const type = (name: RegExp, value: string) => fireEvent.change(field(name), { target: { value } });
const store = () =>
  act(async () => {
    fireEvent.click(screen.getByRole('button', { name: 'Save readings' }));
    // Checked, sent and answered.
    for (let turns = 0; turns < 20; turns++) await new Promise(setImmediate);
  });
const sent = () => (server.asked[0]!.body as { readings: ReadingInput[] }).readings;

describe('what is asked for', () => {
  const names = (within_: HTMLElement) =>
    within(within_)
      .getAllByRole('textbox', { hidden: true })
      .map((one) => one.getAttribute('aria-label'));

  test('first what it was last measured at; everything else is folded', () => {
    show(['conductor', 'outlet']);
    const details = document.querySelector('details')!;
    expect(details.open).toBe(false);
    expect(names(details)).not.toContain('Outlet, V');
    expect(names(details)).toContain('Breaker face, °C');
  });

  test('of a breaker that was never measured, everything', () => {
    show();
    expect(document.querySelector('details')).toBeNull();
    expect(names(document.body)).toContain('Supply leg A to neutral, V');
  });

  test('of a homeowner nothing that lies behind the cover', () => {
    useProfile.setState({ profile: 'homeowner', said: true });
    show(['leg-a', 'outlet']);
    expect(names(document.body)).toEqual(
      expect.not.arrayContaining(['Load terminal, V', 'On its conductor, A', 'Supply leg A to neutral, V']),
    );
    expect(names(document.body)).toContain('Outlet, V');
  });
});

describe('what is sent', () => {
  test('what was filled, taken together, with a decimal comma, by the usual instrument of each point', async () => {
    show();
    type(/^Outlet/, '119,5');
    type(/^On its conductor/, '12.4');
    await store();
    expect(sent()).toMatchObject([
      {
        quantity: 'voltage',
        point: 'outlet',
        value: 119.5,
        instrument: 'plug-in-meter',
        loadState: 'normal',
      },
      { quantity: 'current', point: 'conductor', value: 12.4, instrument: 'clamp-meter' },
    ]);
    expect(screen.getByText('✓ Saved. The decision above is up to date.')).toBeDefined();
    expect((field(/^Outlet/) as HTMLInputElement).value).toBe('');
  });

  test('a temperature typed in °F, in °C', async () => {
    shownIn('F');
    show();
    type(/^Breaker face, °F/, '104');
    type(/^Ambient temperature, °F/, '68');
    await store();
    const [reading] = sent();
    expect(reading).toMatchObject({ quantity: 'temperature', point: 'face' });
    expect(reading!.value).toBeCloseTo(40, 9);
    expect((reading as { ambientC: number }).ambientC).toBeCloseTo(20, 9);
  });

  test('nothing, while something is amiss: it is told at its field, in the person’s own unit', async () => {
    shownIn('F');
    show();
    await store();
    expect(screen.getByText('Enter at least one reading below.')).toBeDefined();
    type(/^Breaker face/, '1200');
    await store();
    const alerts = screen.getAllByRole('alert').map((one) => one.textContent.replaceAll('\u00a0', ' '));
    expect(alerts).toContain('✕ The surface temperature must be from −40 °F to 932 °F.');
    expect(alerts).toContain('✕ A surface temperature needs the ambient temperature too.');
    expect(server.asked).toEqual([]);
  });
});

test('what the server says is wrong is told at its field, and what was typed stays', async () => {
  server.nowAnswers(() => ({
    status: 400,
    body: {
      error: {
        code: 'invalid_input',
        message: 'This time is in the future.',
        issues: [{ path: 'readings.0.at', message: 'This time is in the future.' }],
      },
    },
  }));
  show();
  type(/^Outlet/, '119');
  await store();
  expect(screen.getByRole('alert').textContent).toContain('This time is in the future.');
  expect((field(/^Outlet/) as HTMLInputElement).value).toBe('119');
});

test('with the server gone it is kept, said so, and the form is free for the next', async () => {
  server.nowAnswers(() => 'gone');
  show();
  type(/^Outlet/, '119');
  await store();
  expect(screen.getByText(/is kept in this browser/)).toBeDefined();
  expect(useOutbox.getState().waiting).toMatchObject([
    { command: 'log-readings', label: 'Logged a reading at Shed, 3', profile: 'electrician' },
  ]);
  expect((field(/^Outlet/) as HTMLInputElement).value).toBe('');
});
