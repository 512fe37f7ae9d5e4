export const newPanelPhylaxon = 'New panel · Phylaxon';
export const setUpAPanel = 'Set up a panel';
export const enterWhatYouCanSeeWith =
  'Enter what you can see with the cover on. You can add the label data later. Next you enter the breakers, as a typed list or one at a time.';
