import { EDITIONS } from '@phylaxon/core/code/protectionByPlace';
import { inspectionItem, inspectionWords, isNormal } from '@phylaxon/core/facts/inspection';
import { PANEL_SIGN_WORDS } from '@phylaxon/core/facts/vocabulary';
import type { Board } from '@phylaxon/core/views/board';
import {
  protectionToday,
  sayResult,
  skippedItems,
  type InspectionView,
  type KnownResult,
} from '@phylaxon/core/views/inspection';
import { Link } from 'react-router';
import { useProfile } from '../../shared/stores/index.ts';
import { asButton, KIND_WORDS, placeText, useUnits } from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

interface Props {
  view: InspectionView;
  board: Board;
}

/** What stands on record as not as it should be, with what follows, and what nobody looked at. */
export function Findings({ view, board }: Props) {
  const isElectrician = useProfile((state) => state.profile) === 'electrician';
  const found = view.known.filter((one) => !isNormal(one));
  const skipped = skippedItems(view);
  return (
    <section aria-label={messages.findings} className="space-y-3">
      <h2 className="text-xl font-bold">
        {found.length === 0 ? messages.nothingNeedsAttention : messages.findingsCount(found.length)}
      </h2>
      <ul className="divide-y divide-rule border-y border-rule-strong">
        {found.map((one) => (
          <Finding key={`${one.item} ${one.breakerId}`} known={one} board={board} />
        ))}
      </ul>
      {skipped.length > 0 && (
        <p>
          <strong>{messages.notLookedAtHeading}</strong>{' '}
          {skipped.map(({ item }) => inspectionWords(item).name).join(', ')}.
        </p>
      )}
      <Protection board={board} />
      <p className="flex flex-wrap gap-3">
        <Link to={`/panels/${board.panel.id}/report`} className={asButton('primary')}>
          {messages.seeTheReport}
        </Link>
        {isElectrician && (
          <Link to={`/sites/${board.site.id}/visits?panel=${board.panel.id}`} className={asButton('quiet')}>
            {messages.planTheRepairs}
          </Link>
        )}
      </p>
    </section>
  );
}

/** Circuits that new work would protect otherwise, and what older work may keep. */
function Protection({ board }: Pick<Props, 'board'>) {
  const edition = EDITIONS.at(-1)!;
  const short = protectionToday(board.breakers, edition);
  if (short.length === 0) return null;
  return (
    <details className="border-t border-rule">
      <summary className="min-h-11 py-2 font-semibold">
        {messages.protectionNewWorkNeeds(short.length, edition)}
      </summary>
      <p className="text-ink-soft">{messages.olderWorkMayKeep}</p>
      <ul className="divide-y divide-rule">
        {short.map(({ breakerId, has, asks, serves }) => {
          const entry = board.breakers.find(({ breaker }) => breaker.id === breakerId)!;
          return (
            <li key={breakerId} className="py-1">
              {messages.wouldNeed(
                `${placeText(entry.breaker)} ${entry.label ?? ''}`,
                KIND_WORDS[asks],
                KIND_WORDS[has],
                serves.join(', ').toLowerCase(),
              )}
            </li>
          );
        })}
      </ul>
    </details>
  );
}

/** A finding: at a breaker its decision says what follows, of the panel the evaluation or the inspection. */
function Finding({ known, board }: { known: KnownResult; board: Board }) {
  const { say, dateText } = useUnits();
  const { name, results } = inspectionWords(known.item);
  const { follows } = results[known.result]!;
  const { sign } = inspectionItem(known.item).results[known.result]!;
  const entry = board.breakers.find(({ breaker }) => breaker.id === known.breakerId);
  const what = entry
    ? entry.decision.headline
    : sign
      ? PANEL_SIGN_WORDS[sign].why
      : (follows?.todo ?? messages.seeTheMain);
  return (
    <li className="py-3">
      <p className="text-lg">
        <span aria-hidden="true" className="text-danger">
          ✕{' '}
        </span>
        <strong>{name}</strong>
        {entry && `, ${placeText(entry.breaker)} ${entry.label ?? ''}`}: {sayResult(known)}{' '}
        <span className="text-sm text-ink-soft">{dateText(known.at)}</span>
      </p>
      <p>
        {entry ? (
          <Link
            to={`/panels/${board.panel.id}/breakers/${entry.breaker.id}`}
            className="inline-flex min-h-11 items-center underline underline-offset-4"
          >
            {say(what)}
          </Link>
        ) : (
          say(what)
        )}
      </p>
    </li>
  );
}
