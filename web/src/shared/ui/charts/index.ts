export { ChannelCurve } from './ChannelCurve.tsx';
export { DrawnPicture } from './DrawnPicture.tsx';
export { AXIS } from './axis.ts';
export { NEUTRAL_OPTIONS, type NeutralChoice, SHARES_NEUTRAL, neutralChoice } from './neutral.ts';
export { roundTicks } from './roundTicks.ts';
