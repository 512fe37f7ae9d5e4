import { api } from '../api/index.ts';
import { asButton } from '../shared/index.ts';
import { useVisitWork } from './useVisit.ts';

interface Props {
  page: 'tag' | 'notice' | 'sheet';
  children: string;
}

/** A page of this visit to print. */
export function PdfLink({ page, children }: Props) {
  const { record } = useVisitWork();
  return (
    <a
      href={api.files.visitPage(record.plan.visitId, page)}
      className={asButton('quiet')}
      target="_blank"
      rel="noreferrer"
    >
      {children}
    </a>
  );
}
