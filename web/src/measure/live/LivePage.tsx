import { sayBreaker } from '@phylaxon/core/panel/layout';
import { BackLink, Notice, placeText, SelectInput } from '../../shared/ui/index.ts';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import { recordQueries } from '../../shared/queries/index.ts';
import { Instruments } from './Instruments.tsx';
import { LiveFigure } from './LiveFigure.tsx';
import { Switches } from './Switches.tsx';
import { Take } from './Take.tsx';
import { useLiveFeeds, type LiveChannel } from './useLiveFeeds.ts';
import * as messages from './messages.ts';

/** In the order of work: what is clamped, then volts, the plug, heat. */
const ORDER = [
  'conductor',
  'load-terminal',
  'load-terminal-2',
  'legs',
  'leg-a',
  'leg-b',
  'across',
  'outlet',
  'plug',
  'face',
  'terminal',
];
const TICK_MS = 1000;

/** What devices send, live and large; one tap takes it into the log of the chosen breaker. */
export function LivePage() {
  const [params, setParams] = useSearchParams();
  const breakerId = params.get('breaker');
  const { channels, heard, clear } = useLiveFeeds();
  const { data: detail } = useQuery({
    ...recordQueries.detail(breakerId ?? ''),
    enabled: breakerId !== null,
  });
  const [airC, setAirC] = useState<number | null>(null);
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    const timer = setInterval(() => setNow(Date.now()), TICK_MS);
    return () => clearInterval(timer);
  }, []);
  const sorted = useMemo(() => inOrder(channels), [channels]);
  const simulated = sorted.find(({ sample }) => sample.simulated)?.feed;
  const where =
    detail && `${detail.circuit?.label ?? messages.circuitNotNamed}, ${placeText(detail.breaker)}`;
  const place = breakerId !== null && detail ? { breakerId, where: where! } : null;
  return (
    <main className="max-w-5xl space-y-4 px-4 py-5 sm:px-6">
      <title>{messages.liveMetersPhylaxon}</title>
      <h1 className="text-2xl font-bold">{messages.liveMeters}</h1>
      {!heard && <Notice title={messages.noConnectionToTheServerNo} />}
      <PlaceChoice
        breakerId={breakerId}
        panelId={detail?.panel.id ?? params.get('panel')}
        onChoose={setParams}
      />
      {simulated !== undefined && place && detail && (
        <Switches
          key={`${simulated} ${place.breakerId}`}
          feed={simulated}
          breakerId={place.breakerId}
          loads={detail.circuit?.loads ?? []}
        />
      )}
      {sorted.length === 0 ? (
        <NothingSends />
      ) : (
        <ul aria-label={messages.liveReadings} className="gap-x-10 @3xl:grid @3xl:grid-cols-2">
          {sorted.map((channel) => (
            <LiveFigure
              key={channel.key}
              channel={channel}
              now={now}
              onClear={() => clear(channel.key)}
              take={(value) => (
                <Take
                  sample={channel.sample}
                  feed={channel.feed}
                  value={value}
                  place={place}
                  airC={airC}
                  onAir={setAirC}
                />
              )}
            />
          ))}
        </ul>
      )}
      <Instruments />
      {place && detail && (
        <p>
          <BackLink to={`/panels/${detail.panel.id}/breakers/${place.breakerId}`}>
            {messages.backTo(where)}
          </BackLink>
        </p>
      )}
    </main>
  );
}

const inOrder = (channels: readonly LiveChannel[]) =>
  [...channels].sort(
    (a, b) => ORDER.indexOf(a.sample.point) - ORDER.indexOf(b.sample.point) || (a.key < b.key ? -1 : 1),
  );

/** The panel and the breaker at which is measured. */
function PlaceChoice({
  breakerId,
  panelId,
  onChoose,
}: {
  breakerId: string | null;
  panelId: string | null;
  onChoose: (params: Record<string, string>) => void;
}) {
  const { data: sites = [] } = useQuery(recordQueries.sites());
  const panels = sites.flatMap(({ site, panels: list }) =>
    list.map(({ panel }) => ({ id: panel.id, name: `${panel.name}, ${site.name}` })),
  );
  const chosen = panelId ?? panels[0]?.id ?? null;
  const { data: board } = useQuery({ ...recordQueries.board(chosen ?? ''), enabled: chosen !== null });
  if (panels.length === 0) return <p>{messages.setUpAPanelFirstReadings}</p>;
  return (
    <div className="grid gap-3 sm:grid-cols-2">
      <SelectInput
        label={messages.panel}
        options={panels.map(({ id, name }) => ({ value: id, label: name }))}
        value={chosen ?? ''}
        onValue={(panel) => onChoose({ panel })}
      />
      <SelectInput
        label={messages.measuringPoint}
        options={[
          { value: '', label: messages.chooseABreaker },
          ...(board?.breakers ?? []).map(({ breaker, label }) => ({
            value: breaker.id,
            label: sayBreaker(breaker, label),
          })),
        ]}
        value={breakerId ?? ''}
        onValue={(breaker) => onChoose({ panel: chosen!, ...(breaker && { breaker }) })}
      />
    </div>
  );
}

function NothingSends() {
  return (
    <div className="border-2 border-dashed border-rule-strong px-4 py-6">
      <h2 className="text-lg font-bold">{messages.noDeviceIsSendingYet}</h2>
      <p className="mt-1">{messages.anyMeterThatAComputerCan}</p>
      <pre className="mt-2 overflow-x-auto bg-bone-sunk px-3 py-2 font-mono text-sm">
        {messages.npmRunSimulateMeters}
      </pre>
      <p className="mt-2">{messages.docsInstrumentsMdExplainsHowTo}</p>
    </div>
  );
}
