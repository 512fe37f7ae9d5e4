import type { LinkSubject, NewLink } from '@phylaxon/core/record/accounts';
import { useQuery } from '@tanstack/react-query';
import { QRCodeSVG } from 'qrcode.react';
import { useState } from 'react';
import { ask } from '../../shared/api/index.ts';
import { invalidateRecord, recordQuery } from '../../shared/queries/index.ts';
import { Button, FieldError, SelectInput, useAction, useUnits } from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

const DAYS = [1, 7, 30, 90].map((value) => ({ value, label: messages.days(value) }));

interface Props {
  siteId: string;
  what: LinkSubject;
  of: string;
}

/** How long a link lasts, the link itself, and those that are open. */
export function SharePanel({ siteId, what, of }: Props) {
  const { timeText } = useUnits();
  const { problem, busy, run } = useAction();
  const [days, setDays] = useState(7);
  const [made, setMade] = useState<NewLink | null>(null);
  const [isCopied, setIsCopied] = useState(false);
  const { data: links = [] } = useQuery(
    recordQuery('GET /sites/:id/links', { params: { id: siteId } }, ({ links: all }) =>
      all.filter((link) => link.what === what && link.of === of),
    ),
  );
  const create = () =>
    run(async () => {
      setMade(await ask('POST /sites/:id/links', { params: { id: siteId }, body: { days, what, of } }));
      setIsCopied(false);
      await invalidateRecord();
    });
  const withdraw = (id: string) =>
    run(async () => {
      await ask('DELETE /links/:id', { params: { id } });
      if (made?.id === id) setMade(null);
      await invalidateRecord();
    });
  return (
    <section
      aria-label={messages.shareALink}
      className="w-full space-y-3 border-l-4 border-ink bg-bone-raised p-4 text-left"
    >
      <p>{messages.whoeverHasTheLink}</p>
      <div className="flex flex-wrap items-end gap-3">
        <SelectInput label={messages.opensFor} options={DAYS} value={days} onValue={setDays} />
        <Button disabled={busy} onClick={() => void create()}>
          {messages.createTheLink}
        </Button>
      </div>
      <FieldError message={problem ?? undefined} />
      {made && (
        <div role="status" className="flex flex-wrap items-start gap-4">
          <span className="bg-white p-2">
            <QRCodeSVG value={made.url} size={144} title={messages.qrCode} />
          </span>
          <div className="min-w-0 flex-1 space-y-2">
            <p className="font-semibold">{messages.linkReady(timeText(made.expiresAt))}</p>
            <p className="wrap-anywhere">
              <a href={made.url} className="underline underline-offset-4" aria-label={messages.address}>
                {made.url}
              </a>
            </p>
            <p className="text-sm text-ink-soft">{messages.keepIt}</p>
            {'clipboard' in navigator && (
              <Button
                look="quiet"
                onClick={() => void navigator.clipboard.writeText(made.url).then(() => setIsCopied(true))}
              >
                {isCopied ? messages.copied : messages.copy}
              </Button>
            )}
          </div>
        </div>
      )}
      {links.length > 0 && (
        <div>
          <h2 className="font-semibold">{messages.openLinks}</h2>
          <ul>
            {links.map(({ id, createdAt, expiresAt }) => (
              <li
                key={id}
                className="flex flex-wrap items-center justify-between gap-3 border-t border-rule py-1"
              >
                <span>{messages.createdExpires(timeText(createdAt), timeText(expiresAt))}</span>
                <Button look="quiet" disabled={busy} onClick={() => void withdraw(id)}>
                  {messages.withdraw}
                </Button>
              </li>
            ))}
          </ul>
        </div>
      )}
    </section>
  );
}
