export { Advice } from './Advice.tsx';
export { Causes } from './Causes.tsx';
export { CoolDownNotice } from './CoolDownNotice.tsx';
export { DecisionCard } from './DecisionCard.tsx';
export { DoNow, StopReasons } from './StopLists.tsx';
