import { COMPLAINT_WORDS } from '@phylaxon/core/facts/vocabulary';
import type { Board } from '@phylaxon/core/views/board';
import type { CaseRecord, CaseView } from '@phylaxon/core/diagnosis/cases';
import { breakerText, placeText, type Units } from '../../shared/ui/index.ts';

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
      `It is breaker ${placeText(breaker)}, ${breakerText(breaker)}, in ${panel?.name ?? 'the panel'}${dossier?.subject.circuit ? ` for ${dossier.subject.circuit.label}` : ''}.`,
    !breaker && panel && `It is at ${panel.name}.`,
    board?.fedFrom && `That panel is fed from ${board.fedFrom.panelName}.`,
    'We keep away from it until you come.',
  ];
  return parts.filter(Boolean).join(' ');
}
