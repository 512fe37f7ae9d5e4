import type { ServiceSheet } from '@phylaxon/core/record/panelEntries';
import { schoolsOf } from '@phylaxon/core/views/planning';
import { CanAdd } from './CanAdd.tsx';
import { Schools } from './Schools.tsx';
import * as messages from './messages.ts';

/** The calculated load by every method that has what it needs, and whether a load can be added. */
export function Answers({ sheet, panelId }: { sheet: ServiceSheet; panelId: string }) {
  const answers = schoolsOf(sheet);
  const able = answers.flatMap((one) => ('load' in one ? [one.method] : []));
  if (able.length === 0) return <p>{messages.enterTheFloorAreaOrThe}</p>;
  return (
    <>
      <Schools answers={answers} serviceAmps={sheet.serviceAmps} />
      <CanAdd sheet={sheet} able={able} panelId={panelId} />
    </>
  );
}
