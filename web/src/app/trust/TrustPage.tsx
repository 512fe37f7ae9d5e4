import { useQuery } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import { asButton, SelectInput } from '../../shared/ui/index.ts';
import { TrustDrawing } from './TrustDrawing.tsx';
import * as messages from './messages.ts';

type DeviceId = (typeof messages.DEVICES)[number]['id'];

/** The device this page is most likely open on. */
function thisDevice(): DeviceId {
  const agent = navigator.userAgent;
  if (/iPhone|iPad/.test(agent)) return 'iphone';
  if (/Android/.test(agent)) return 'android';
  if (/Windows/.test(agent)) return 'windows';
  return /Mac OS/.test(agent) ? 'mac' : 'linux';
}

const fingerprint = async (): Promise<string | null> => {
  const answer = await fetch('/trust/authority.json');
  if (!answer.ok) return null;
  return ((await answer.json()) as { fingerprint: string }).fingerprint;
};

const OPTIONS = messages.DEVICES.map(({ id, name }) => ({ value: id as DeviceId, label: name }));

/** How a device is told to trust this server’s own certificate. Opens over plain HTTP: nothing of the record is on it. */
export function TrustPage() {
  const { data } = useQuery({ queryKey: ['authority'], queryFn: fingerprint });
  const [device, setDevice] = useState(thisDevice);
  const { steps } = messages.DEVICES.find(({ id }) => id === device)!;
  return (
    <>
      <header className="on-enamel flex h-14 items-center bg-enamel-sunk px-4 text-lg font-bold tracking-wide text-enamel-text">
        {messages.phylaxon}
      </header>
      <main className="mx-auto max-w-2xl space-y-5 px-4 py-5">
        <title>{messages.trustPhylaxon}</title>
        <h1 className="text-3xl font-bold">{messages.trustThisServer}</h1>
        <p>{messages.whyTrust}</p>
        <TrustDrawing />
        {data === null ? (
          <p className="border-l-4 border-heed pl-3 font-semibold">{messages.noAuthority}</p>
        ) : (
          <>
            <Step number={1} title={messages.downloadTheCertificate}>
              <a href="/trust/authority.crt" className={asButton()}>
                {messages.downloadTheCertificate}
              </a>
            </Step>
            <Step number={2} title={messages.install}>
              <SelectInput label={messages.device} options={OPTIONS} value={device} onValue={setDevice} />
              <ol className="mt-3 list-decimal space-y-2 pl-6">
                {steps.map((step) => (
                  <li key={step}>{step}</li>
                ))}
              </ol>
            </Step>
            <Step number={3} title={messages.compare}>
              <p>{messages.compareWith}</p>
              <p className="figures mt-2 bg-bone-raised p-3 text-sm wrap-anywhere">{data ?? '…'}</p>
            </Step>
          </>
        )}
        <Step number={4} title={messages.open}>
          <a href={`https://${location.host}/`} className={asButton('quiet')}>
            {messages.open}
          </a>
        </Step>
      </main>
    </>
  );
}

interface StepProps {
  number: number;
  title: string;
  children: ReactNode;
}

const Step = ({ number, title, children }: StepProps) => (
  <section aria-label={title} className="space-y-2 border-t border-rule-strong pt-3">
    <h2 className="text-xl font-bold">
      {number}. {title}
    </h2>
    {children}
  </section>
);
