import { afterEach, expect, test } from '@jest/globals';
import { inBrowser } from '../../../testing/index.ts';

inBrowser();
const { act, cleanup, render, screen } = await import('@testing-library/react');
const { later } = await import('./later.tsx');

afterEach(cleanup);

const part = () => Promise.resolve(() => <p>The reading</p>);
const settled = () => act(async () => Promise.resolve());

test('a part that was fetched beforehand is shown at once, so nothing below it moves', async () => {
  const Part = later(part);
  Part.fetch();
  await settled();
  render(<Part />);
  expect(screen.getByText('The reading')).toBeDefined();
});

test('a part that was not keeps its place until it is here, and stays the same part after that', async () => {
  let built = 0;
  const Part = later(() => Promise.resolve(() => <input defaultValue={++built} />));
  const { rerender } = render(<Part />);
  expect(screen.queryByRole('textbox')).toBeNull();
  await settled();
  const shown = screen.getByRole('textbox');
  rerender(<Part />);
  expect(screen.getByRole('textbox')).toBe(shown);
});
