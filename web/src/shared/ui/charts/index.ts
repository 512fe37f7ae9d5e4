export { AXIS } from './axis.ts';
export { NEUTRAL_OPTIONS, type NeutralChoice, SHARES_NEUTRAL, neutralChoice } from './neutral.ts';
export { roundTicks } from './roundTicks.ts';
