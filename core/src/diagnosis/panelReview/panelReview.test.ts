import fc from 'fast-check';
import { describe, expect, test } from '@jest/globals';
import {
  PANEL_SIGN_IDS,
  PANEL_SIGN_WORDS,
  PANEL_SIGNS,
  REVIEW_KINDS,
  type PanelSignId,
} from '../../facts/vocabulary/index.ts';
import { panelReview } from './index.ts';

const review = (...evidence: PanelSignId[]) => panelReview({ evidence });
/** Every kind looked at, nothing found. */
const ALL_CLEAR = [
  'quiet-under-load',
  'clean-inside',
  'legs-balanced',
  'none-over-3',
  'opens-as-it-should',
] as const;

describe('a panel’s review', () => {
  test('nothing on record: watch, since nothing was looked at', () => {
    expect(review()).toMatchObject({
      verdict: 'watch',
      soon: null,
      failingKinds: [],
      notLookedAt: [...REVIEW_KINDS],
      wouldSettle: [],
    });
  });

  test('every kind looked at and nothing found: sound; with one left out, or old, watch', () => {
    expect(review(...ALL_CLEAR)).toMatchObject({ verdict: 'sound', notLookedAt: [] });
    expect(review(...ALL_CLEAR.slice(1))).toMatchObject({ verdict: 'watch', notLookedAt: ['heard'] });
    expect(review(...ALL_CLEAR, 'over-40-years').verdict).toBe('watch');
  });

  test.each<[PanelSignId[], string, string | null]>([
    [['bus-or-lug-over-15'], 'settle', null],
    [['bus-or-lug-over-15', 'several-over-15'], 'settle', null],
    [['bus-or-lug-over-15', 'lugs-discoloured'], 'replace', 'within-two-years'],
    [['bus-or-lug-over-15', 'lugs-discoloured', 'season-ahead'], 'replace', 'before-season'],
    [['bus-or-lug-over-15', 'lugs-discoloured', 'season-ahead', 'did-not-open'], 'replace', 'now'],
    [['sizzle-under-load'], 'settle', 'now'],
    [['legs-unequal-for-years'], 'watch', null],
    [['legs-unequal-for-years', 'one-joint-over-15'], 'repair', null],
    [['legs-unequal-for-years', 'several-over-15'], 'replace', 'within-two-years'],
    [['family-withdrawn', 'over-40-years', 'damp', 'full'], 'watch', null],
    [['neutral-ground-in-sub-panel'], 'repair', null],
  ])('%j: %s, %s', (evidence, verdict, soon) => {
    expect(review(...evidence)).toMatchObject({ verdict, soon });
  });

  test('what would settle it: what was not looked at; once all was, every other kind again', () => {
    expect(review('takes-neighbour-along', 'clean-inside').wouldSettle).toEqual([
      'heard',
      'currents',
      'heat',
    ]);
    expect(review('takes-neighbour-along', ...ALL_CLEAR).wouldSettle).toEqual([
      'heard',
      'seen',
      'currents',
      'heat',
    ]);
  });

  test('a contradiction within a kind stands, and what fails counts', () => {
    expect(review('none-over-3', 'several-over-15').failingKinds).toEqual(['heat']);
  });

  test('repairs are told in the order given, beside a condemned panel too', () => {
    expect(review('open-hole', 'trips-together', 'stab-pitted-one', 'several-over-15')).toMatchObject({
      verdict: 'replace',
      repairs: ['open-hole', 'stab-pitted-one'],
    });
  });

  test('unknown and repeated signs are refused where they stand', () => {
    expect(() => panelReview({ evidence: ['ghost' as PanelSignId] })).toThrow(/not in Phylaxon’s list/);
    expect(() => review('damp', 'full', 'damp')).toThrow(/listed twice/);
  });

  const anyEvidence = fc.subarray([...PANEL_SIGN_IDS]);

  test('condemned exactly on two kinds, never on age or what hangs around it', () => {
    fc.assert(
      fc.property(anyEvidence, (evidence) => {
        const { verdict, failingKinds } = panelReview({ evidence });
        expect(verdict === 'replace').toBe(failingKinds.length >= 2);
        const kinds = new Set(
          evidence.filter((id) => PANEL_SIGNS[id].bearing === 'failing').map((id) => PANEL_SIGNS[id].kind),
        );
        if (!evidence.includes('legs-unequal-for-years')) expect(failingKinds.length).toBe(kinds.size);
      }),
    );
  });

  test('one more bad sign never makes it better, one more good one never worse', () => {
    const ORDER = ['sound', 'watch', 'repair', 'settle', 'replace'];
    fc.assert(
      fc.property(anyEvidence, fc.constantFrom(...PANEL_SIGN_IDS), (evidence, id) => {
        fc.pre(!evidence.includes(id));
        const rank = (ids: PanelSignId[]) => ORDER.indexOf(panelReview({ evidence: ids }).verdict);
        const [before, after] = [rank(evidence), rank([...evidence, id])];
        if (PANEL_SIGNS[id].bearing === 'clears') expect(after).toBeLessThanOrEqual(before);
        else if (PANEL_SIGNS[id].bearing === 'failing') expect(after).toBeGreaterThanOrEqual(before);
      }),
    );
  });

  test('every sign says why it speaks as it does', () => {
    for (const sign of Object.values(PANEL_SIGN_WORDS)) expect(sign.why).toMatch(/^[A-Z].{15,}\.$/);
  });
});
