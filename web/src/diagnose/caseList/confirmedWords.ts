import type { Confirmation, HowConfirmed } from '@phylaxon/core/record/entities';

/** How it is known what a case was, as it is asked. */
export const HOW_WORDS: Record<HowConfirmed, string> = {
  seen: 'It was seen',
  measured: 'It was measured',
  cured: 'The problem has not come back since the repair',
};
const HOW_TOLD: Record<HowConfirmed, string> = {
  seen: 'seen',
  measured: 'measured',
  cured: 'the problem has not come back since the repair',
};
export const WHO_WORDS: Record<Confirmation['who'], string> = {
  homeowner: 'the homeowner',
  electrician: 'an electrician',
};

/** Who found it and how, as told afterwards. */
export const sayConfirmed = ({ who, how }: Confirmation): string =>
  how === 'cured'
    ? `${HOW_TOLD[how]}, according to ${WHO_WORDS[who]}`
    : `${HOW_TOLD[how]} by ${WHO_WORDS[who]}`;
