import { describe, expect, test } from '@jest/globals';
import type { Board } from '@phylaxon/core/views/board';
import { panelChange } from '@phylaxon/core/record/entities';
import { aBreaker, uuid } from '@phylaxon/core/testing';
import { panelForm, panelChangeOf, panelFromForm, panelFormValues } from './panelValues.ts';

const board = (panel: object, main = true) =>
  ({
    panel: {
      id: uuid(900),
      name: 'Hall panel',
      spaces: 16,
      orientation: 'inverted',
      busAmps: 100,
      family: 'Kestle',
      alsoListed: ['Tarnfield'],
      narrowSpaces: [13, 14, 15, 16],
      splitAt: null,
      feedThrough: false,
      fedByBreakerId: null,
      fedThroughPanelId: uuid(7),
      blanks: [14, 15],
      holes: [],
      version: 3,
      ...panel,
    },
    breakers: main ? [{ breaker: aBreaker({ role: 'main', space: null, ratingAmps: 125 }) }] : [],
  }) as unknown as Board;

const faults = (change: object) =>
  (panelForm.safeParse({ ...panelFormValues(), ...change }).error?.issues ?? []).map(({ path }) => path[0]);

describe('the panel form', () => {
  test.each([
    board({}),
    board({ splitAt: 9 }, false),
    board({ narrowSpaces: null }, false),
    board({ narrowSpaces: [] }),
  ])('a panel that is opened and stored is the panel it was', (b) => {
    const { version, ...stored } = panelChange.parse(panelChangeOf(b, {}));
    const { id: _id, version: known, ...panel } = b.panel as Board['panel'];
    const main = b.breakers[0]?.breaker.ratingAmps ?? null;
    expect([stored, version]).toEqual([{ ...panel, mainAmps: main }, known]);
  });

  test('narrow breakers in every space follows the number of spaces', () => {
    expect(panelFromForm({ ...panelFormValues(), spaces: 4, narrow: 'all' }).narrowSpaces).toEqual([
      1, 2, 3, 4,
    ]);
  });

  test.each([
    [{ name: ' ' }, 'name'],
    [{ spaces: 7 }, 'spaces'],
    [{ entry: 'split' }, 'splitAt'],
    [{ entry: 'split', splitAt: 8 }, 'splitAt'],
    [{ blanks: 'top ones' }, 'blanks'],
    [{ blanks: '3', holes: '3' }, 'holes'],
    [{ narrow: 'some', narrowSpaces: '90' }, 'narrowSpaces'],
  ])('%j is told at its field', (change, field) => expect(faults(change)).toContain(field));
});
