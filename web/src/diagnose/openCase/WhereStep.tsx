import { sendNow } from '../../shared/stores/index.ts';
import type { SiteSummary } from '@phylaxon/core/views/board';
import type { Ranked, Suspect } from '@phylaxon/core/diagnosis/cases';
import { useQuery } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { drawing } from '../../shared/api/index.ts';
import type { ComplaintTile } from '../caseList/index.ts';
import { useWork } from '../../shared/compute/index.ts';
import { recordQueries } from '../../shared/queries/index.ts';
import { Button, FieldError, Notice, useAction } from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

/** A breaker that may be meant, with its site. */
type Placed = Suspect & { siteId: string };

/** So many circuits are offered for what was typed. */
const OFFERED = 5;

/** Where a case begins, as far as is known. */
export interface PlaceChoice {
  siteId: string;
  panelId?: string | null;
  breakerId?: string | null;
  words?: string;
  /** The circuit or the thing that was said to be dead. */
  dead?: string | null;
}

interface WhereProps {
  tile: ComplaintTile;
  sites: SiteSummary[];
  panelId: string | null;
  onOpen: (place: PlaceChoice) => void;
  onBack: () => void;
}

/** Where it is: the room in any words, a circuit as the directory has it, or only the panel. */
export function WhereStep({ tile, sites, panelId, onOpen, onBack }: WhereProps) {
  const [words, setWords] = useState('');
  const { data: all, error } = useQuery(recordQueries.suspects(sites.map(({ site }) => site.id)));
  const suspects = useMemo(
    () => all?.filter((one) => !panelId || one.panelId === panelId) ?? [],
    [all, panelId],
  );
  const ranked = useWork('find', suspects.length > 0 ? { suspects, words, marks: [] } : null);
  const wide = tile.key === 'half' || tile.key === 'whole';
  const panels = sites
    .flatMap(({ site, panels: own }) => own.map(({ panel }) => ({ site, panel })))
    .filter(({ panel }) => !panelId || panel.id === panelId);
  // What shuts off everything is not looked for among the branches.
  const shown = ranked?.filter(({ breakerId }) => {
    const one = suspects.find((suspect) => suspect.breakerId === breakerId);
    return one && one.role === 'branch';
  });
  const siteNames = new Map(sites.length > 1 ? sites.map(({ site }) => [site.id, site.name]) : []);

  return (
    <>
      <Button look="quiet" onClick={onBack}>
        ← {tile.title}
      </Button>
      <h1 className="mt-4 text-3xl font-bold">
        {wide ? messages.whichPanelFeedsIt : messages.whereIsTheProblem}
      </h1>
      {error && <Notice title={error.message} />}
      {!wide && suspects.length > 0 && (
        <>
          <label className="mt-3 block">
            <span className="mb-1 block font-medium">{messages.roomOrEquipmentInYourOwn}</span>
            <input
              type="search"
              value={words}
              onChange={(event) => setWords(event.target.value)}
              placeholder={messages.kitchenUpstairsApartment}
              className="min-h-12 w-full rounded-sm border border-rule-strong bg-bone-raised px-3 py-2 text-lg placeholder:text-ink-soft"
            />
          </label>
          {shown && (
            <Circuits
              ranked={shown.slice(0, OFFERED)}
              suspects={suspects}
              siteNames={siteNames}
              onPick={(one) =>
                onOpen({
                  siteId: one.siteId,
                  panelId: one.panelId,
                  // What is dead is not yet known to hang there: the panel is searched, likeliest first.
                  breakerId: tile.complaint === 'dead' || tile.complaint === 'trips' ? null : one.breakerId,
                  words: one.label ?? messages.space(one.place),
                  dead: one.label,
                })
              }
            />
          )}
          <h2 className="mt-6 text-xl font-bold">{messages.notInThisList}</h2>
        </>
      )}
      <ul className="mt-2 grid gap-2 sm:grid-cols-2">
        {panels.map(({ site, panel }) => (
          <li key={panel.id} className="flex">
            <button
              type="button"
              onClick={() => onOpen({ siteId: site.id, panelId: panel.id, words: words.trim() })}
              className="on-enamel min-h-12 flex-1 rounded-xs bg-enamel px-4 py-2 text-left text-enamel-text hover:bg-enamel-raised"
            >
              <span className="block font-semibold">
                {wide ? panel.name : messages.somewhereIn(panel.name)}
              </span>
              <span className="block text-sm text-enamel-soft">{siteNames.get(site.id)}</span>
            </button>
          </li>
        ))}
      </ul>
      <div className="mt-4 flex flex-wrap items-center gap-x-4 gap-y-2">
        <Undrawn sites={sites} words={words.trim()} onOpen={onOpen} />
        <Link to="/sites/new" className="inline-flex min-h-11 items-center underline underline-offset-4">
          {messages.setUpAnotherPanelFirst}
        </Link>
      </div>
    </>
  );
}

/** Without a drawn panel: a site by name is enough to begin. */
function Undrawn({
  sites,
  words,
  onOpen,
}: Pick<WhereProps, 'onOpen'> & { sites: SiteSummary[]; words: string }) {
  const { busy, problem, run } = useAction();
  const begin = () =>
    run(async () => {
      // Where a site without a panel is known, it is that one.
      const bare = sites.find(({ panels }) => panels.length === 0);
      const siteId =
        bare?.site.id ?? (await sendNow(drawing.addSite({ name: messages.panelNotSetUpYet }))).id;
      onOpen({ siteId, words });
    });
  return (
    <div>
      <Button look={sites.length === 0 ? 'primary' : 'quiet'} disabled={busy} onClick={() => void begin()}>
        {messages.continueWithoutAPanel}
      </Button>
      <FieldError message={problem ?? undefined} />
    </div>
  );
}

function Circuits({
  ranked,
  suspects,
  siteNames,
  onPick,
}: {
  ranked: Ranked[];
  suspects: Placed[];
  /** Of each site, where there are several. */
  siteNames: ReadonlyMap<string, string>;
  onPick: (one: Placed) => void;
}) {
  const several = new Set(suspects.map(({ panelId }) => panelId)).size > 1;
  return (
    <ol aria-label={messages.mostLikelyCircuits} className="mt-3 divide-y divide-rule border-y border-rule">
      {ranked.map(({ breakerId }) => {
        const one = suspects.find((suspect) => suspect.breakerId === breakerId)!;
        return (
          <li key={breakerId}>
            <button
              type="button"
              onClick={() => onPick(one)}
              className="flex min-h-12 w-full items-center gap-3 px-1 py-2 text-left hover:bg-bone-sunk"
            >
              <span className="figures w-16 shrink-0 text-ink-soft">{one.place || messages.main}</span>
              <span className="min-w-0">
                <span className="block font-semibold">{one.label ?? messages.circuitNotNamed}</span>
                <span className="block truncate text-sm text-ink-soft">
                  {[...one.loads, several && one.panelName, siteNames.get(one.siteId)]
                    .filter(Boolean)
                    .join(' · ')}
                </span>
              </span>
            </button>
          </li>
        );
      })}
    </ol>
  );
}
