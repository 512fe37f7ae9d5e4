import { useEffect } from 'react';
import { followOutbox, useOutbox } from '../../shared/stores/index.ts';
import * as messages from './messages.ts';

/** Entries that wait for the server, and those it refused when it came back: nothing typed is lost. */
export function OutboxNotice() {
  const { waiting, discard } = useOutbox();
  useEffect(followOutbox, []);
  if (waiting.length === 0) return null;
  const refused = waiting.filter((entry) => entry.refused !== null);
  const patient = waiting.length - refused.length;
  const because = waiting.find((entry) => entry.refused === null && entry.because)?.because;
  return (
    <section
      aria-label={messages.unsentEntries}
      role="status"
      className="border-b-4 border-heed bg-bone-raised px-4 py-3 print:hidden"
    >
      {patient > 0 && (
        <p>
          {messages.keptInThisBrowserAndSent(
            <strong>
              {messages.waitingForTheServer(patient === 1 ? messages.entryIs : messages.entriesAre(patient))}
            </strong>,
            because && <strong>{because} </strong>,
            because ? messages.asSoonAsThatIsFixed : messages.asSoonAsTheServerAnswers,
            waiting
              .filter((entry) => entry.refused === null)
              .map((entry) => `“${entry.label}”`)
              .join('; '),
          )}
        </p>
      )}
      {refused.map(({ id, label, refused: why }) => (
        <p key={id} className="flex flex-wrap items-center gap-3">
          <span>
            <strong>{messages.couldNotBeSaved(label)}</strong> {why}
          </span>
          <button
            type="button"
            onClick={() => discard(id)}
            className="min-h-11 px-2 font-semibold underline underline-offset-4"
          >
            {messages.discardEntry}
          </button>
        </p>
      ))}
    </section>
  );
}
