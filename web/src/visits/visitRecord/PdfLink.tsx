import { fileAddresses, checkFile } from '../../shared/api/index.ts';
import { asButton, useAction } from '../../shared/ui/index.ts';
import { useVisitWork } from './useVisit.ts';

interface Props {
  page: 'tag' | 'notice' | 'sheet';
  children: string;
}

/** A page of this visit to print; why it cannot be, where it cannot. */
export function PdfLink({ page, children }: Props) {
  const { record } = useVisitWork();
  const { problem, run } = useAction();
  const address = fileAddresses.visitPage(record.plan.visitId, page);
  const open = () =>
    run(async () => {
      await checkFile(address);
      window.open(address, '_blank', 'noreferrer');
    });
  return (
    <>
      <a
        href={address}
        onClick={(event) => {
          event.preventDefault();
          void open();
        }}
        className={asButton('quiet')}
        target="_blank"
        rel="noreferrer"
      >
        {children}
      </a>
      {problem !== null && (
        <span role="alert" className="order-last basis-full font-semibold">
          {problem}
        </span>
      )}
    </>
  );
}
