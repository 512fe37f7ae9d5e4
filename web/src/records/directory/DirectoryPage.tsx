import {
  CARD_SIZES,
  cardType,
  directoryCard,
  LEGIBLE_PT,
  TAPES_MM,
  type CardSize,
  type DirectoryCard,
} from '@phylaxon/core/views/directoryCard';
import type { Board } from '@phylaxon/core/views/board';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { fileAddresses } from '../../shared/api/index.ts';
import { recordQueries } from '../../shared/queries/index.ts';
import { asButton, classes, Notice, NumberInput, PageHead, SelectInput } from '../../shared/ui/index.ts';
import { HangingDirectoryForm } from './HangingDirectoryForm.tsx';

/** The directory: to be printed for the door, and held against what hangs there. */
export function DirectoryPage() {
  const { panelId = '' } = useParams();
  const { data: board, error } = useQuery(recordQueries.board(panelId));
  return (
    <main className="mx-auto max-w-4xl space-y-6 px-4 py-5 sm:px-6">
      <PageHead backTo={`/panels/${panelId}`} back={board?.panel.name ?? 'The panel'} title="The directory">
        <p className="text-ink-soft">
          Rooms and fixed things, never persons or furniture; in ink, large, turned as the panel hangs.
        </p>
      </PageHead>
      {error && <Notice title={error.message} />}
      {board && <Directory board={board} />}
    </main>
  );
}

const SIZES = [
  ...(Object.keys(CARD_SIZES) as CardSize[]).map((value) => ({ value, label: CARD_SIZES[value].label })),
  { value: 'own' as const, label: 'Own measures' },
];

function Directory({ board }: { board: Board }) {
  const { panel, breakers } = board;
  const [size, setSize] = useState<CardSize | 'own'>('door');
  const [own, setOwn] = useState<{ widthMm: number | null; heightMm: number | null }>({
    widthMm: null,
    heightMm: null,
  });
  const card = directoryCard(panel, breakers);
  const isMeasured = (mm: number | null): mm is number => mm !== null && mm >= 60 && mm <= 600;
  const measures =
    size !== 'own'
      ? CARD_SIZES[size]
      : isMeasured(own.widthMm) && isMeasured(own.heightMm)
        ? { widthMm: own.widthMm, heightMm: own.heightMm }
        : null;
  const type = measures && cardType(card, measures);
  const unnamed = card.columns.flatMap(({ lines }) => lines).filter(({ isUnnamed }) => isUnnamed).length;
  return (
    <>
      <section aria-label="Print it" className="space-y-3">
        <div className="flex flex-wrap items-end gap-3">
          <SelectInput label="Size of the card" options={SIZES} value={size} onValue={setSize} />
          {size === 'own' && (
            <>
              <NumberInput
                label="Wide (mm)"
                onValue={(widthMm) => setOwn((before) => ({ ...before, widthMm }))}
              />
              <NumberInput
                label="High (mm)"
                onValue={(heightMm) => setOwn((before) => ({ ...before, heightMm }))}
              />
            </>
          )}
        </div>
        {measures === null && <p>Give both, from 60 to 600 mm.</p>}
        {type && (
          <p role="status">
            Type of <strong className="figures">{type.points} pt</strong>
            {type.isLegible
              ? ': legible at arm’s length.'
              : `: under ${LEGIBLE_PT} pt nobody reads it in a dark basement. Take a larger card, or shorter names.`}
          </p>
        )}
        {unnamed > 0 && (
          <p>
            {unnamed === 1 ? 'One breaker has' : `${unnamed} breakers have`} no name yet:{' '}
            <Link to={`/panels/${panel.id}/map`} className="font-semibold underline underline-offset-4">
              map the house
            </Link>
            .
          </p>
        )}
        <p className="flex flex-wrap gap-3">
          {measures && (
            <a
              href={fileAddresses.directoryCard(panel.id, measures)}
              className={asButton()}
              target="_blank"
              rel="noreferrer"
            >
              The directory (PDF)
            </a>
          )}
        </p>
        <Labels panelId={panel.id} />
      </section>
      <Card card={card} />
      <HangingDirectoryForm board={board} />
    </>
  );
}

const SHEET = 0;
const LABEL_SIZES = [
  { value: SHEET, label: 'A sheet to cut, letter' },
  ...TAPES_MM.map((value) => ({ value: value as number, label: `Tape, ${value} mm` })),
];

/** A label for each breaker. */
function Labels({ panelId }: { panelId: string }) {
  const [tape, setTape] = useState(SHEET);
  return (
    <div className="flex flex-wrap items-end gap-3">
      <SelectInput label="Labels on" options={LABEL_SIZES} value={tape} onValue={setTape} />
      <a
        href={fileAddresses.labels(panelId, tape === SHEET ? undefined : tape)}
        className={asButton('quiet')}
        target="_blank"
        rel="noreferrer"
      >
        A strip of labels (PDF)
      </a>
    </div>
  );
}

/** The card as it will hang. */
function Card({ card }: { card: DirectoryCard }) {
  return (
    <section aria-label="As it will hang" className="border-2 border-ink bg-bone-raised p-3">
      <h2 className="text-xl font-bold">{card.title}</h2>
      <div className="grid items-start gap-x-6 gap-y-4 sm:grid-cols-2">
        {card.columns.map(({ head, lines }) => (
          <table key={head} className="w-full">
            <caption className="text-left text-sm text-ink-soft">{head}</caption>
            <thead className="sr-only">
              <tr>
                <th scope="col">Space</th>
                <th scope="col">Feeds</th>
                <th scope="col">Rating</th>
              </tr>
            </thead>
            <tbody>
              {lines.map(({ place, label, rating, isUnnamed }) => (
                <tr key={place} className="border-t border-rule align-baseline">
                  <th scope="row" className="figures w-24 py-1 pr-2 text-left font-bold whitespace-nowrap">
                    {place}
                  </th>
                  <td
                    className={classes(
                      'py-1',
                      isUnnamed || rating === '' ? 'text-ink-soft' : 'font-semibold',
                    )}
                  >
                    {label}
                  </td>
                  <td className="figures py-1 text-right text-sm">{rating}</td>
                </tr>
              ))}
            </tbody>
          </table>
        ))}
      </div>
    </section>
  );
}
