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
import {
  asButton,
  classes,
  later,
  Notice,
  NumberInput,
  PageHead,
  SelectInput,
} from '../../shared/ui/index.ts';
import { HangingDirectoryForm } from './HangingDirectoryForm.tsx';
import * as messages from './messages.ts';

const LikelyLoads = later(async () => (await import('./LikelyLoads.tsx')).LikelyLoads);

/** The directory: to be printed for the door, and held against what hangs there. */
export function DirectoryPage() {
  const { panelId = '' } = useParams();
  const { data: board, error } = useQuery(recordQueries.board(panelId));
  return (
    <main className="max-w-5xl space-y-6 px-4 py-5 sm:px-6">
      <PageHead
        backTo={`/panels/${panelId}`}
        back={board?.panel.name ?? messages.panel}
        title={messages.circuitDirectory}
      >
        <p className="text-ink-soft">{messages.nameRoomsAndFixedEquipmentNot}</p>
      </PageHead>
      {error && <Notice title={error.message} />}
      {board && <Directory board={board} />}
    </main>
  );
}

const SIZES = [
  ...(Object.keys(CARD_SIZES) as CardSize[]).map((value) => ({ value, label: CARD_SIZES[value].label })),
  { value: 'own' as const, label: messages.customSize },
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
      <section aria-label={messages.print} className="space-y-3">
        <div className="flex flex-wrap items-end gap-3">
          <SelectInput label={messages.directorySize} options={SIZES} value={size} onValue={setSize} />
          {size === 'own' && (
            <>
              <NumberInput
                label={messages.widthMm}
                onValue={(widthMm) => setOwn((before) => ({ ...before, widthMm }))}
              />
              <NumberInput
                label={messages.heightMm}
                onValue={(heightMm) => setOwn((before) => ({ ...before, heightMm }))}
              />
            </>
          )}
        </div>
        {measures === null && <p>{messages.enterBothFrom60To600}</p>}
        {type && (
          <p role="status">
            {messages.typeSize(
              <strong className="figures">{messages.pt(type.points)}</strong>,
              type.isLegible ? messages.readableAtArmSLength : messages.typeUnderPtIsHardTo(LEGIBLE_PT),
            )}
          </p>
        )}
        {unnamed > 0 && (
          <p>
            {messages.noNameYet(
              unnamed === 1 ? messages.breakerHas : messages.breakersHave(unnamed),
              <Link to={`/panels/${panel.id}/map`} className="font-semibold underline underline-offset-4">
                {messages.mapTheCircuits}
              </Link>,
            )}
          </p>
        )}
        {unnamed > 0 && <LikelyLoads breakers={breakers} />}
        <p className="flex flex-wrap gap-3">
          {measures && (
            <a
              href={fileAddresses.directoryCard(panel.id, measures)}
              className={asButton()}
              target="_blank"
              rel="noreferrer"
            >
              {messages.circuitDirectoryPdf}
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
  { value: SHEET, label: messages.letterSheetToCut },
  ...TAPES_MM.map((value) => ({ value: value as number, label: messages.tapeMm(value) })),
];

/** A label for each breaker. */
function Labels({ panelId }: { panelId: string }) {
  const [tape, setTape] = useState(SHEET);
  return (
    <div className="flex flex-wrap items-end gap-3">
      <SelectInput label={messages.labelStock} options={LABEL_SIZES} value={tape} onValue={setTape} />
      <a
        href={fileAddresses.labels(panelId, tape === SHEET ? undefined : tape)}
        className={asButton('quiet')}
        target="_blank"
        rel="noreferrer"
      >
        {messages.labelStripPdf}
      </a>
    </div>
  );
}

/** The card as it will hang. */
function Card({ card }: { card: DirectoryCard }) {
  return (
    <section aria-label={messages.preview} className="border-2 border-ink bg-bone-raised p-3">
      <h2 className="text-xl font-bold">{card.title}</h2>
      <div className="grid items-start gap-x-6 gap-y-4 sm:grid-cols-2">
        {card.columns.map(({ head, lines }) => (
          <table key={head} className="w-full">
            <caption className="text-left text-sm text-ink-soft">{head}</caption>
            <thead className="sr-only">
              <tr>
                <th scope="col">{messages.space}</th>
                <th scope="col">{messages.feeds}</th>
                <th scope="col">{messages.rating}</th>
              </tr>
            </thead>
            <tbody>
              {lines.map(({ place, label, rating, isUnnamed }) => (
                <tr key={place} className="border-t border-rule align-baseline">
                  <th scope="row" className="figures w-[1%] py-1 pr-3 text-left font-bold whitespace-nowrap">
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
                  <td className="figures w-[1%] py-1 pl-2 text-right text-sm whitespace-nowrap">{rating}</td>
                </tr>
              ))}
            </tbody>
          </table>
        ))}
      </div>
    </section>
  );
}
