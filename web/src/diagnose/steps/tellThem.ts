import { COMPLAINT_WORDS } from '@phylaxon/core/facts/vocabulary';
import type { Board } from '@phylaxon/core/views/board';
import type { CaseRecord, CaseView } from '@phylaxon/core/diagnosis/cases';
import { breakerText, placeText, type Units } from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

/** What a case is about, in a few words. */
export function caseTitle({ case: about, dossier }: CaseRecord): string {
  const label = dossier?.subject.circuit?.label;
  const what = label ?? about.words;
  return what === '' ? COMPLAINT_WORDS[about.complaint] : what;
}

/** What to say on the telephone: what it is, what was seen, which breaker, what was done. */
export function tellThem(file: CaseRecord, view: CaseView, board: Board | null, { say }: Units): string {
  const { dossier, panel } = file;
  const breaker = dossier?.subject.breaker;
  const parts = [
    `${COMPLAINT_WORDS[file.case.complaint]}${file.case.words ? `: ${file.case.words}` : ''}.`,
    ...view.decision.stop.reasons.map(say),
    breaker &&
      messages.theBreakerIsIn(
        placeText(breaker),
        breakerText(breaker),
        panel?.name ?? messages.thePanel,
        dossier?.subject.circuit ? messages.forLabel(dossier.subject.circuit.label) : '',
      ),
    !breaker && panel && messages.theProblemIsAt(panel.name),
    board?.fedFrom && messages.thatPanelIsFedFrom(board.fedFrom.panelName),
    messages.weWillStayAwayFromIt,
  ];
  return parts.filter(Boolean).join(' ');
}
