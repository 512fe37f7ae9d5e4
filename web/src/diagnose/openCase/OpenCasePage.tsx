import { useQuery } from '@tanstack/react-query';
import { useNavigate, useSearchParams } from 'react-router';
import { caseEntries, newId } from '../../shared/api/index.ts';
import { COMPLAINT_TILES, type ComplaintTile } from '../caseList/index.ts';
import { queryClient, recordQueries } from '../../shared/queries/index.ts';
import { Button, Notice, useAction } from '../../shared/ui/index.ts';
import { sendEntries, useProfile } from '../../shared/stores/index.ts';
import { WhereStep, type PlaceChoice } from './WhereStep.tsx';
import * as messages from './messages.ts';

/** Two questions, then the work begins: what is wrong, and where. */
export function OpenCasePage() {
  const [params, setParams] = useSearchParams();
  const tile = COMPLAINT_TILES.find(({ key }) => key === params.get('what'));
  const breakerId = params.get('breaker');
  const { data: sites, error } = useQuery(recordQueries.sites());
  const { problem, run, clear } = useAction();
  const profile = useProfile((state) => state.profile);
  const navigate = useNavigate();

  /** The site of a panel; whoever is quick does not wait for the list of sites in vain. */
  const siteOf = async (panelId: string) => {
    const { sites: all } = await queryClient.ensureQueryData(recordQueries.sites());
    return all.find(({ panels }) => panels.some(({ panel }) => panel.id === panelId))?.site.id;
  };

  const open = (chosen: ComplaintTile, place: PlaceChoice) => {
    const at = new Date().toISOString();
    const id = newId();
    return run(async () => {
      await sendEntries(
        caseEntries.open({
          id,
          siteId: place.siteId,
          panelId: place.panelId ?? null,
          breakerId: place.breakerId ?? null,
          complaint: chosen.complaint,
          words: place.words ?? '',
          openedBy: profile,
          openedAt: at,
          marks: place.dead ? [{ name: place.dead, dead: true }] : [],
          answers: chosen.tells ? [{ ...chosen.tells, id: newId(), at }] : [],
        }),
      );
      await navigate(`/cases/${id}`, { replace: true });
    });
  };

  /** The tile tells enough where the place is known already. */
  const choose = async (chosen: ComplaintTile) => {
    const panelId = params.get('panel');
    if (panelId && breakerId) {
      const siteId = await siteOf(panelId).catch(() => undefined);
      if (siteId) return open(chosen, { siteId, panelId, breakerId });
    }
    setParams((now) => {
      now.set('what', chosen.key);
      return now;
    });
  };

  return (
    <main className="max-w-5xl px-4 py-5 sm:px-6">
      <title>{messages.whatSTheProblemPhylaxon}</title>
      {error && !sites && <Notice title={error.message} />}
      {problem && (
        <Notice title={problem}>
          <Button look="quiet" className="mt-2" onClick={clear}>
            {messages.close}
          </Button>
        </Notice>
      )}
      {!tile && (
        <>
          <h1 className="text-3xl font-bold">{messages.whatSTheProblem}</h1>
          <ul className="mt-4 grid gap-2 sm:grid-cols-2">
            {COMPLAINT_TILES.map((one) => (
              <li key={one.key} className="flex">
                <button
                  type="button"
                  onClick={() => void choose(one)}
                  className="min-h-16 flex-1 rounded-sm border border-rule-strong bg-bone-raised px-4 py-3 text-left hover:bg-bone-sunk"
                >
                  <span className="block text-lg leading-tight font-bold">{one.title}</span>
                  <span className="block text-ink-soft">{one.text}</span>
                </button>
              </li>
            ))}
          </ul>
        </>
      )}
      {tile && sites && (
        <WhereStep
          tile={tile}
          sites={sites}
          panelId={params.get('panel')}
          onOpen={(place) => void open(tile, place)}
          onBack={() =>
            setParams((now) => {
              now.delete('what');
              return now;
            })
          }
        />
      )}
    </main>
  );
}
