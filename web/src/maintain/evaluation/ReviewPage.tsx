import {
  PANEL_SIGN_IDS,
  PANEL_SIGN_WORDS,
  PANEL_SIGNS,
  panelSign,
  REVIEW_KINDS,
  type PanelSignId,
  type ReviewKind,
} from '@phylaxon/core/facts/vocabulary';
import {
  askFor,
  BEARING_WORDS,
  KIND_HEADINGS,
  CONDEMNED_ON,
  firstSteps,
  reviewHeadline,
  settlingSteps,
  purposeOf,
  waitingRisks,
  type PanelReviewView,
  type ShownSign,
} from '@phylaxon/core/views/panelReview';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { fileAddresses, entries } from '../../shared/api/index.ts';
import { recordQueries } from '../../shared/queries/index.ts';
import {
  asButton,
  classes,
  Notice,
  PageHead,
  SelectInput,
  SendButton,
  useUnits,
} from '../../shared/ui/index.ts';
import { useChanges, useProfile } from '../../shared/stores/index.ts';
import { useBoardLayer } from '../../shared/workbench/index.ts';
import { MARKS, useSignLayer } from './useSignLayer.ts';
import * as messages from './messages.ts';

/** Whether a panel as a whole is failing: what is on record, what is missing, and what follows. */
export function ReviewPage() {
  const { panelId = '' } = useParams();
  const { data: view, error } = useQuery(recordQueries.review(panelId));
  useChanges(`/panels/${panelId}`);
  useBoardLayer(useSignLayer(view));
  return (
    <main className="max-w-5xl space-y-6 px-4 py-5 sm:px-6">
      <PageHead
        backTo={`/panels/${panelId}`}
        back={view?.panel.name ?? messages.panel}
        title={messages.panelEvaluation}
      />
      {error && <Notice title={error.message} />}
      {view && (
        <>
          <Verdict view={view} panelId={panelId} />
          {REVIEW_KINDS.map((kind) => (
            <Kind key={kind} kind={kind} view={view} panelId={panelId} />
          ))}
          <Context view={view} panelId={panelId} />
        </>
      )}
    </main>
  );
}

function Verdict({ view, panelId }: { view: PanelReviewView; panelId: string }) {
  const { review, signs, hazard } = view;
  const { say } = useUnits();
  const purpose = purposeOf(review);
  const isGrave = review.verdict === 'replace' || review.soon === 'now';
  const repairs = signs.filter(({ sign }) => review.repairs.includes(sign));
  return (
    <section
      aria-label={messages.verdict}
      className={classes('border-l-8 pl-4', isGrave ? 'border-danger' : 'border-ink')}
    >
      <p className={classes('text-3xl font-bold', isGrave && 'text-danger')}>{reviewHeadline(review)}</p>
      {firstSteps(view).map((step) => (
        <p key={step} className="mt-1 text-lg font-semibold">
          {step}
        </p>
      ))}
      {hazard !== null && (
        <div className="mt-2">
          <h2 className="font-bold">{messages.hazardsOnRecord}</h2>
          <ul className="list-disc pl-5">
            {hazard.findings.map((text) => (
              <li key={text}>{say(text)}</li>
            ))}
          </ul>
        </div>
      )}
      {purpose !== null && <p className="mt-2">{purpose}</p>}
      <p className="mt-1">
        <strong>{messages.ifYouWait}</strong> {waitingRisks(view)}
      </p>
      {review.wouldSettle.length > 0 && (
        <div className="mt-2">
          <h2 className="font-bold">{messages.evidenceStillMissing}</h2>
          <ul className="list-disc pl-5">
            {settlingSteps(review).map(({ what, how }) => (
              <li key={what}>
                <strong>{what}:</strong> {how}
              </li>
            ))}
          </ul>
        </div>
      )}
      {repairs.length > 0 && (
        <div className="mt-2">
          <h2 className="font-bold">{messages.repairs}</h2>
          <ul className="list-disc pl-5">
            {repairs.map(({ sign, words }) => (
              <li key={sign}>{say(words)}</li>
            ))}
          </ul>
        </div>
      )}
      <p className="mt-3 flex flex-wrap gap-3 print:hidden">
        <a href={`${fileAddresses.evaluation(panelId)}`} className={asButton()}>
          {messages.customerPagePdf}
        </a>
        {review.verdict === 'replace' && (
          <Link to={`/panels/${panelId}/replacement`} className={asButton('quiet')}>
            {messages.planTheReplacement}
          </Link>
        )}
      </p>
      <p className="mt-2 text-sm text-ink-soft">{messages.localCodesAndLicensedPractice(CONDEMNED_ON)}</p>
    </section>
  );
}

/** Where a kind is measured. */
const PLACES: Partial<Record<ReviewKind, { words: string; path: (panelId: string) => string }>> = {
  currents: { words: messages.supplyAndLegs, path: (panelId) => `/panels/${panelId}/legs` },
  heat: { words: messages.loadTestAndScan, path: (panelId) => `/panels/${panelId}/scan` },
};

function Kind({ kind, view, panelId }: { kind: ReviewKind; view: PanelReviewView; panelId: string }) {
  const own = view.signs.filter((sign) => sign.kind === kind);
  const isOpen = view.review.notLookedAt.includes(kind);
  const ask = isOpen ? askFor(kind, view.review) : null;
  const isFailing = view.review.failingKinds.includes(kind);
  const place = PLACES[kind];
  return (
    <section aria-label={KIND_HEADINGS[kind]} className="border-t border-rule-strong pt-3">
      <h2 className="flex flex-wrap items-baseline gap-x-3 text-xl font-bold">
        {KIND_HEADINGS[kind]}
        <span className={classes('text-base font-normal', isFailing ? 'text-danger' : 'text-ink-soft')}>
          {isFailing ? messages.pointsToAFailingPanel : isOpen ? messages.notInspectedYet : 'inspected'}
        </span>
      </h2>
      <Signs signs={own} panelId={panelId} />
      {ask !== null && <p className="mt-1">{ask}</p>}
      <div className="mt-2 flex flex-wrap items-start gap-3 print:hidden">
        {place && view.review.soon !== 'now' && (
          <Link to={place.path(panelId)} className={asButton('quiet')}>
            {place.words}
          </Link>
        )}
        <LogSign
          kind={kind}
          panelId={panelId}
          panelName={view.panel.name}
          known={own.map(({ sign }) => sign)}
        />
      </div>
    </section>
  );
}

function Context({ view, panelId }: { view: PanelReviewView; panelId: string }) {
  const own = view.signs.filter(({ kind }) => kind === 'context');
  return (
    <section aria-label={messages.ageProductFamilyAndLocation} className="border-t border-rule-strong pt-3">
      <h2 className="text-xl font-bold">{messages.ageProductFamilyAndLocation}</h2>
      {own.length === 0 && <p>{messages.nothingOnRecord}</p>}
      <Signs signs={own} panelId={panelId} />
      {view.season && <p className="mt-1 text-ink-soft">{view.season}</p>}
      <div className="mt-2 print:hidden">
        <LogSign
          kind="context"
          panelId={panelId}
          panelName={view.panel.name}
          known={own.map(({ sign }) => sign)}
        />
      </div>
    </section>
  );
}

function Signs({ signs, panelId }: { signs: readonly ShownSign[]; panelId: string }) {
  const { say, dateText } = useUnits();
  if (signs.length === 0) return null;
  return (
    <ul className="mt-1 divide-y divide-rule">
      {signs.map(({ sign, bearing, words, why, origin, when, breakerIds, entryId }) => (
        <li key={sign} className="grid grid-cols-[1.5rem_minmax(0,1fr)] py-2">
          <span
            aria-hidden="true"
            className={bearing === 'failing' ? 'font-bold text-danger' : 'font-bold text-ink-soft'}
          >
            {MARKS[bearing]}
          </span>
          <div>
            <p>
              <strong>{say(words)}</strong> <span className="text-ink-soft">({BEARING_WORDS[bearing]})</span>
            </p>
            <p>
              {say(origin)}
              {when !== null && <span className="figures text-sm"> {dateText(when)}</span>}
            </p>
            <p className="text-sm text-ink-soft">{why}</p>
            <p className="flex flex-wrap gap-x-4 print:hidden">
              {breakerIds.length > 0 &&
                breakerIds.map((id, i) => (
                  <Link
                    key={id}
                    to={`/panels/${panelId}/breakers/${id}`}
                    className="inline-flex min-h-11 items-center underline underline-offset-4"
                  >
                    {breakerIds.length === 1 ? messages.goToItsBreaker : messages.goToBreaker(i + 1)}
                  </Link>
                ))}
              {entryId !== null && (
                <SendButton
                  stored={messages.voided}
                  entries={() => [entries.strike('panelEntries', entryId, messages.loggedByMistake)]}
                >
                  {messages.voidLabel}
                </SendButton>
              )}
            </p>
          </div>
        </li>
      ))}
    </ul>
  );
}

/** Signs that nobody can read off the record: a person says so. */
function LogSign({
  kind,
  panelId,
  panelName,
  known,
}: {
  kind: ReviewKind | 'context';
  panelId: string;
  panelName: string;
  known: readonly PanelSignId[];
}) {
  const { profile } = useProfile();
  const { say } = useUnits();
  const mayLook = (sign: PanelSignId) => profile === 'electrician' || panelSign(sign).coverClosed === true;
  const all = PANEL_SIGN_IDS.filter((sign) => PANEL_SIGNS[sign].kind === kind && !known.includes(sign));
  const open = all.filter(mayLook);
  const [chosen, setChosen] = useState<PanelSignId | ''>('');
  const picked = chosen !== '' && open.includes(chosen) ? chosen : null;
  if (open.length === 0)
    return all.length > 0 ? (
      <p className="text-sm text-ink-soft">{messages.thisIsBehindTheCoverWork}</p>
    ) : null;
  return (
    <div className="flex max-w-full flex-wrap items-end gap-3">
      <SelectInput
        label={
          kind === 'context' ? messages.ageProductFamilyAndLocation : messages.finding(KIND_HEADINGS[kind])
        }
        isLabelHidden
        options={[
          { value: '', label: messages.logAFinding },
          ...open.map((sign) => ({ value: sign, label: say(PANEL_SIGN_WORDS[sign].words) })),
        ]}
        value={picked ?? ''}
        onValue={setChosen}
      />
      {picked && (
        <SendButton
          key={picked}
          look="primary"
          stored={messages.onRecord}
          entries={() => [
            entries.panelEntry(panelId, panelName, {
              kind: 'sign',
              at: new Date().toISOString(),
              content: { sign: picked },
            }),
          ]}
        >
          {messages.logFinding}
        </SendButton>
      )}
    </div>
  );
}
