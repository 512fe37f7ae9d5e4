import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import type { VisitWithPermit } from '@phylaxon/core/views/visit';
import { nextOf, walk, type NextVisitStep, type VisitFact } from '@phylaxon/core/visit/work';
import { aPanel, aVisitPlan, uuid, visitIn } from '@phylaxon/core/testing';
import { inBrowser, showPage } from '../../testing/index.ts';

inBrowser();
const { act, fireEvent, screen, waitFor } = await import('@testing-library/react');
const { useProfile } = await import('../../shared/stores/index.ts');
const { VisitPage } = await import('./VisitPage.tsx');
await import('../work/NextStep.tsx');
await import('./HomeownerVisit.tsx');

const visitId = uuid(500);
const panel = aPanel();
const plan = { ...aVisitPlan(), visitId };
let facts: VisitFact[] = [];
let page: Awaited<ReturnType<typeof showPage>>;

const record = (): VisitWithPermit =>
  ({
    site: { id: panel.siteId, name: 'Ferry cottage', note: '', zone: null, demo: false, version: 0 },
    panel,
    entryId: uuid(501),
    plannedAt: '2026-11-25T10:00:00.000Z',
    plan,
    permit: null,
    earlierPermits: [],
    steps: facts.map((fact, n) => ({
      entryId: uuid(600 + n),
      n,
      at: '2026-11-25T10:00:00.000Z',
      simulated: false,
      fact,
    })),
  }) as unknown as VisitWithPermit;

/** The facts of a sound visit until this is next. */
const factsUntil = (isNext: (next: NextVisitStep) => boolean) =>
  visitIn('none', plan, { until: (next) => isNext(next) }).facts;

/** All that comes before the cover is taken off: a step that is told by one tap. */
const coverOff = () => factsUntil((next) => next.kind === 'gate' && next.is === 'cover-off');

async function show(before: VisitFact[], profile: 'electrician' | 'homeowner' = 'electrician') {
  facts = before;
  useProfile.setState({ profile, said: true });
  page = await showPage(VisitPage, '/visits/:visitId', `/visits/${visitId}`, {
    [`/visits/${visitId}`]: record,
    '/settings': () => ({}),
  });
  await screen.findByRole('heading', { level: 1 });
}

/** The steps that were sent, as they were meant. */
const told = () =>
  page
    .sent()
    .filter(({ path }) => path === `/panels/${panel.id}/entries`)
    .map(({ body }) => (body as { content: { n: number; fact: VisitFact } }).content);
const heading = () => screen.getByRole('region', { name: 'Next step' }).querySelector('h2')!.textContent;

beforeEach(() => {
  sessionStorage.clear();
  facts = [];
});
afterEach(async () => {
  await page.close();
  useProfile.setState({ profile: 'homeowner', said: false });
});

describe('an electrician', () => {
  test('is shown the one gate that is next, tells it with one tap, and is shown the one after it', async () => {
    const before = coverOff();
    await show(before);
    const first = nextOf(plan, walk(plan, before).state);
    expect(first.kind).toBe('gate');
    await screen.findByRole('region', { name: 'Next step' });
    const title = heading();
    const [button] = screen.getByRole('region', { name: 'Next step' }).querySelectorAll('button');
    await act(async () => void fireEvent.click(button!));
    await waitFor(() => expect(told()).toHaveLength(1));
    expect(told()[0]).toMatchObject({ n: before.length, fact: { is: (first as { is: string }).is } });
    // It is shown before the server has told of it.
    await waitFor(() => expect(heading()).not.toBe(title));
  });

  const fields = () => screen.getAllByRole<HTMLInputElement>('textbox');
  const type = (field: HTMLElement, value: string) => {
    fireEvent.change(field, { target: { value } });
    fireEvent.blur(field);
  };

  test('a live reading is sent on the spot, as it was measured, and the work stops', async () => {
    await show(factsUntil((next) => next.kind === 'measure'));
    await screen.findAllByRole('textbox');
    type(fields()[0]!, '0.3');
    expect(told()).toEqual([]);
    await act(async () => type(fields()[1]!, '121'));
    await waitFor(() => expect(told()).toHaveLength(2));
    expect(told().map(({ fact }) => fact)).toMatchObject([
      { is: 'measured', volts: 0.3 },
      { is: 'measured', volts: 121 },
    ]);
    expect((await screen.findAllByRole('alert')).map((one) => one.textContent).join(' ')).toMatch(
      /121|live|energized/i,
    );
  });

  test('the dead readings of a place are one table: sent together, each as a step of its own', async () => {
    const before = factsUntil((next) => next.kind === 'measure');
    await show(before);
    await screen.findAllByRole('textbox');
    expect(fields().map((field) => field.labels![0]!.textContent)).toEqual([
      'Pole 1 to neutral (V)',
      'Pole 1 to ground (V)',
      'Pole 1 to the other pole (V)',
      'Pole 2 to neutral (V)',
      'Pole 2 to ground (V)',
    ]);
    const title = heading();
    for (const field of fields()) type(field, '0.2');
    await act(async () => void fireEvent.click(screen.getByRole('button', { name: 'Save readings' })));
    await waitFor(() => expect(told()).toHaveLength(5));
    expect(told().map(({ n }) => n)).toEqual([0, 1, 2, 3, 4].map((i) => before.length + i));
    await waitFor(() => expect(heading()).not.toBe(title));
  });

  test('Enter goes on to the next reading; what is missing is told at its field, and nothing is sent', async () => {
    await show(factsUntil((next) => next.kind === 'measure'));
    await screen.findAllByRole('textbox');
    fireEvent.change(fields()[0]!, { target: { value: '0.2' } });
    fireEvent.keyDown(fields()[0]!, { key: 'Enter' });
    expect(document.activeElement).toBe(fields()[1]);
    await act(async () => void fireEvent.click(screen.getByRole('button', { name: 'Save readings' })));
    expect(screen.getAllByText(/Enter the reading\./)).toHaveLength(4);
    expect(told()).toEqual([]);
  });

  test('a reading that is none is told at its field, and nothing is sent', async () => {
    await show(factsUntil((next) => next.kind === 'measure'));
    await screen.findAllByRole('textbox');
    await act(async () => type(fields()[0]!, 'dead'));
    expect(fields()[0]!.getAttribute('aria-invalid')).toBe('true');
    expect(told()).toEqual([]);
  });

  test('a breaker that trips as it is turned on is reported with the reading that was taken before', async () => {
    await show(factsUntil((next) => next.kind === 'proof'));
    await screen.findAllByRole('textbox');
    expect(heading()).toBe('Loft lights: turn it on and test it');
    // It is not turned on before the outlet was found dead.
    expect(screen.queryByText('Report a problem')).toBeNull();
    type(fields()[0]!, '0.2');
    fireEvent.click(screen.getByText('Report a problem'));
    const trips = { name: /trips as soon as/ };
    await act(async () => void fireEvent.click(screen.getByRole('button', trips)));
    await waitFor(() => expect(told()).toHaveLength(2));
    expect(told().map(({ fact }) => fact)).toMatchObject([
      { is: 'proof', proof: 'off-output', volts: 0.2 },
      { is: 'found', trouble: 'trips-at-once' },
    ]);
  });

  test('what is entered survives a reload for a while, and no step of the visit', async () => {
    const before = factsUntil((next) => next.kind === 'measure');
    await show(before);
    await screen.findAllByRole('textbox');
    type(fields()[0]!, '0.3');
    await page.close();
    await show(before);
    await screen.findAllByRole('textbox');
    expect(fields()[0]!.value).toBe('0.3');
    await page.close();
    await show([...before, { is: 'measured', id: 'main', pole: 2, to: 'ground', volts: 0 }]);
    await screen.findAllByRole('textbox');
    expect(fields()[0]!.value).toBe('');
  });

  test('a blank is no reading of 0 V', async () => {
    await show(factsUntil((next) => next.kind === 'measure'));
    await screen.findAllByRole('textbox');
    for (const field of fields()) type(field, ' ');
    await act(async () => void fireEvent.click(screen.getByRole('button', { name: 'Save readings' })));
    expect(told()).toEqual([]);
  });

  test('work in one spot is one screen, and what is found at its last step says the ones before it are done', async () => {
    await show(factsUntil((next) => next.kind === 'step'));
    await screen.findByRole('region', { name: 'Next step' });
    expect(heading()).toBe('Loft lights: remove the old breaker');
    await act(async () => void fireEvent.click(screen.getByText('Report a problem')));
    await act(async () => void fireEvent.click(screen.getByRole('button', { name: /bus stab is pitted/ })));
    await waitFor(() => expect(told()).toHaveLength(4));
    expect(told().map(({ fact }) => ('step' in fact ? fact.step : fact.is))).toEqual([
      'mark',
      'free',
      'rock-off',
      'found',
    ]);
  });

  test('with the server gone the step is kept here and the visit goes on', async () => {
    await show(coverOff());
    await screen.findByRole('region', { name: 'Next step' });
    const before = heading();
    page.goAway();
    const [button] = screen.getByRole('region', { name: 'Next step' }).querySelectorAll('button');
    await act(async () => void fireEvent.click(button!));
    await waitFor(() => expect(heading()).not.toBe(before));
    expect(screen.getByText(/kept here and sent/)).toBeDefined();
  });
});

test('a permit: what is usual, and what is entered is one entry', async () => {
  await show([]);
  fireEvent.click(await screen.findByText('Permit and inspection'));
  expect(await screen.findByText(/Ask the authority having jurisdiction/)).toBeDefined();
  fireEvent.click(screen.getByRole('button', { name: 'Permit needed' }));
  fireEvent.change(screen.getByLabelText('Permit number'), { target: { value: '26-114' } });
  fireEvent.click(screen.getByRole('button', { name: 'Failed, with corrections' }));
  fireEvent.change(screen.getByLabelText('Corrections'), { target: { value: 'Filler plate missing\n\n' } });
  await act(async () => void fireEvent.click(screen.getByRole('button', { name: 'Save permit' })));
  await waitFor(() => expect(page.sent()).toHaveLength(1));
  expect(page.sent()[0]!.body).toMatchObject({
    kind: 'permit',
    content: {
      visitId,
      need: 'needed',
      number: '26-114',
      inspection: 'failed',
      corrections: ['Filler plate missing'],
    },
  });
});

test('a homeowner is shown how the visit stands, and offered no step of it', async () => {
  await show(
    factsUntil((next) => next.kind === 'measure'),
    'homeowner',
  );
  expect(screen.queryByRole('region', { name: 'Next step' })).toBeNull();
  expect(screen.queryByRole('textbox')).toBeNull();
  expect(told()).toEqual([]);
});
