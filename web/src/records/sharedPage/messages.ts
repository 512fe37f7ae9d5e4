export const phylaxon = 'Phylaxon';
export const sharedPhylaxon = 'Shared page · Phylaxon';
export const thisLinkIsNotOpen = 'This link is not open';
export const askWhoSentIt =
  'It has expired, was withdrawn, or is not complete. Ask the person who sent it for a new one.';
export const loading = 'Loading …';
export const openUntil = (time: string) => `Shared with you until ${time}.`;
export const saveAsPdf = 'Save as PDF';
export const print = 'Print';
export const adviceOnly =
  'This page advises. Local codes and licensed practice decide. Work inside a panel is for a qualified person.';
export const sharedReport = 'Shared report';
