export const handOverPhylaxon = 'Hand-over · Phylaxon';
export const preparingThePage = 'Preparing the page …';
export const handOverPhylaxonOf = (title: string) => `Hand-over: ${title} · Phylaxon`;
export const backToTheCase = '← Back to the case';
export const print = 'Print';
export const saveAsPdf = 'Save as PDF';
export const saveAsACaseFile = 'Save as a case file';
