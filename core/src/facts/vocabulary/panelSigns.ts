/**
 * What may be found of a panel as a whole, kind by kind: what it speaks for. Why each speaks so
 * stands beside it in `panelSignWords.ts`, apart, since whoever only logs a sign needs no words. Five kinds are independent of one another: each is
 * found out in another way, so that one slip or one odd day does not speak twice. `context` weighs beside them and is no kind.
 */

/** The independent kinds of evidence, in the order in which they are gone through. */
export const REVIEW_KINDS = ['heard', 'seen', 'currents', 'heat', 'behaviour'] as const;
export type ReviewKind = (typeof REVIEW_KINDS)[number];

/**
 * What a sign speaks for: that the panel fails; that one thing in it is to be repaired; that it is to be watched; or that this kind
 * shows nothing against it.
 */
export type Bearing = 'failing' | 'local' | 'watch' | 'clears';

export interface PanelSign {
  kind: ReviewKind | 'context';
  bearing: Bearing;
  /** Found out with the cover closed; otherwise a qualified electrician looks. */
  coverClosed?: true;
  /** Whoever finds it does not wait: a fire or a shock is near. */
  now?: true;
}

export const PANEL_SIGNS = {
  'sizzle-under-load': { kind: 'heard', bearing: 'failing', coverClosed: true, now: true },
  'hot-plastic-smell': { kind: 'heard', bearing: 'failing', coverClosed: true, now: true },
  'steady-hum': { kind: 'heard', bearing: 'watch', coverClosed: true },
  'quiet-under-load': { kind: 'heard', bearing: 'clears', coverClosed: true },

  'insulation-melted': { kind: 'seen', bearing: 'failing', now: true },
  'lugs-discoloured': { kind: 'seen', bearing: 'failing' },
  'stabs-pitted-several': { kind: 'seen', bearing: 'failing' },
  'stab-pitted-one': { kind: 'seen', bearing: 'local' },
  'lugs-corroded': { kind: 'seen', bearing: 'local' },
  'two-under-one-screw': { kind: 'seen', bearing: 'local' },
  'open-hole': { kind: 'seen', bearing: 'local', coverClosed: true },
  'rust-light': { kind: 'seen', bearing: 'watch', coverClosed: true },
  untidy: { kind: 'seen', bearing: 'watch' },
  'clean-inside': { kind: 'seen', bearing: 'clears' },

  'leg-over-rating': { kind: 'currents', bearing: 'failing' },
  'legs-unequal-for-years': { kind: 'currents', bearing: 'watch' },
  'legs-balanced': { kind: 'currents', bearing: 'clears' },

  'bus-or-lug-over-15': { kind: 'heat', bearing: 'failing' },
  'several-over-15': { kind: 'heat', bearing: 'failing' },
  'very-hot-not-open': { kind: 'heat', bearing: 'failing', now: true },
  'one-joint-over-15': { kind: 'heat', bearing: 'local' },
  'some-3-to-15': { kind: 'heat', bearing: 'watch' },
  'none-over-3': { kind: 'heat', bearing: 'clears' },

  'takes-neighbour-along': { kind: 'behaviour', bearing: 'failing', coverClosed: true },
  'trips-together': { kind: 'behaviour', bearing: 'failing', coverClosed: true },
  'did-not-open': { kind: 'behaviour', bearing: 'failing', coverClosed: true, now: true },
  'opens-as-it-should': { kind: 'behaviour', bearing: 'clears', coverClosed: true },

  'unlisted-part': { kind: 'context', bearing: 'local' },
  'feeder-below-main': { kind: 'context', bearing: 'local' },
  'neutral-ground-in-sub-panel': { kind: 'context', bearing: 'local' },
  'neutral-not-bonded': { kind: 'context', bearing: 'local' },
  'over-40-years': { kind: 'context', bearing: 'watch', coverClosed: true },
  'family-withdrawn': { kind: 'context', bearing: 'watch', coverClosed: true },
  'no-single-main': { kind: 'context', bearing: 'watch', coverClosed: true },
  damp: { kind: 'context', bearing: 'watch', coverClosed: true },
  full: { kind: 'context', bearing: 'watch', coverClosed: true },
  'season-ahead': { kind: 'context', bearing: 'watch', coverClosed: true },
} as const satisfies Record<string, PanelSign>;

export type PanelSignId = keyof typeof PANEL_SIGNS;
export const PANEL_SIGN_IDS = Object.keys(PANEL_SIGNS) as [PanelSignId, ...PanelSignId[]];

/**
 * A sign of a panel, by its id.
 *
 * @param id of the sign
 * @returns its kind, and what it speaks for
 * @example panelSign('did-not-open').kind // 'behaviour'
 */
export const panelSign = (id: PanelSignId): PanelSign => PANEL_SIGNS[id];
