import type { ChannelQuantity } from '@phylaxon/core/record/recordings';

export interface TimeRange {
  fromMs: number;
  toMs: number;
}

/** What is marked on the time axis of a channel. */
export interface Mark {
  atMs: number;
  kind: 'on' | 'off' | 'trip' | 'sag' | 'restored';
}

export interface DrawnChannel {
  title: string;
  quantity: ChannelQuantity;
  /** Lines across: a rating, 80% of it. */
  limits: { value: number; label: string }[];
  /** What the axis has to hold. */
  least: number;
  most: number;
  marks: Mark[];
}

export const AXIS_UNITS: Record<ChannelQuantity, string> = {
  current: 'A',
  voltage: 'V',
  temperature: '°C',
};
