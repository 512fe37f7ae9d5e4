import { zodResolver } from '@hookform/resolvers/zod';
import type { BreakerDetail } from '@phylaxon/core/views/board';
import { curveFromTable } from '@phylaxon/core/views/csv';
import { sayPercent, sayNumber } from '@phylaxon/core/facts/quantities';
import { curvePoints, type CurveFit } from '@phylaxon/core/physics/trip';
import { Plus, X } from 'lucide-react';
import { useState } from 'react';
import { useFieldArray, useForm, useWatch } from 'react-hook-form';
import { z } from 'zod';
import { drawing } from '../../shared/api/index.ts';
import { readTable, useComputation } from '../../shared/compute/index.ts';
import {
  Button,
  FieldError,
  FileField,
  NumberField,
  Problems,
  sayError,
  showErrors,
  toNumber,
  PageSection,
} from '../../shared/ui/index.ts';
import { sendNow } from '../../shared/stores/index.ts';
import * as messages from './messages.ts';

/** Empty rows are not points. */
const row = z.object({
  multiple: z.number().nullable(),
  fastestSeconds: z.number().nullable(),
  slowestSeconds: z.number().nullable(),
});
type Row = z.output<typeof row>;
const filled = (points: readonly Row[]) =>
  points.filter((point) => Object.values(point).some((v) => v !== null));

const form = z.object({ points: z.array(row) }).superRefine(({ points }, context) => {
  const kept = points.map((point, i) => ({ point, i })).filter(({ point }) => filled([point]).length > 0);
  for (const issue of curvePoints.safeParse(kept.map(({ point }) => point)).error?.issues ?? []) {
    const [at, ...rest] = issue.path;
    const path = typeof at === 'number' ? ['points', kept[at]!.i, ...rest] : [];
    context.addIssue({ code: 'custom', path, message: issue.message });
  }
});
type Values = z.output<typeof form>;

const EMPTY: Row = { multiple: null, fastestSeconds: null, slowestSeconds: null };

/** The printed curve of the breaker’s family: point by point or from a table, with how well it fits. */
export function FamilyCurve({ detail }: { detail: BreakerDetail }) {
  const { breaker, curve, panel } = detail;
  const [problems, setProblems] = useState<string[]>([]);
  const [told, setTold] = useState('');
  const methods = useForm<Values>({
    resolver: zodResolver(form),
    defaultValues: { points: curve?.points ?? [EMPTY, EMPTY] },
  });
  const { register, control, handleSubmit, formState } = methods;
  const { errors, isSubmitting } = formState;
  const { fields, append, remove, replace } = useFieldArray({ control, name: 'points' });
  const values = useWatch({ control, name: 'points' }) as Row[];
  const fit = useComputation('curve-fit', { points: filled(values) });
  const number = { setValueAs: toNumber };
  if (breaker.family === '') {
    return (
      <PageSection title={messages.printedCurveOfItsFamily}>
        <p>{messages.enterTheBreakerSFamilyFirst}</p>
      </PageSection>
    );
  }

  const fromFile = async (file: File) => {
    setTold('');
    const read = curveFromTable(await readTable(file));
    if ('problems' in read) return setProblems(read.problems);
    setProblems([]);
    replace(read.ok);
    setTold(messages.pointsReadFromCheckThemThen(read.ok.length, file.name));
  };
  const store = async ({ points }: Values) => {
    setTold('');
    try {
      const kept = filled(points) as (Row & { multiple: number })[];
      await sendNow(
        drawing.setCurve(panel.siteId, {
          family: breaker.family,
          points: kept,
          version: curve?.version ?? 0,
        }),
      );
    } catch (error) {
      showErrors(methods, error, (path) => (path.startsWith('points') ? (path as 'points') : undefined));
    }
  };
  const takeAway = async () => {
    try {
      await sendNow(drawing.removeCurve(curve!.id, breaker.family));
    } catch (error) {
      setTold(sayError(error));
    }
  };

  return (
    <details>
      <summary className="min-h-11 py-2 font-semibold">
        {messages.printedCurveOf(breaker.family, curve ? messages.inUse : messages.noneTheStandardBandIsUsed)}
      </summary>
      <p className="text-sm text-ink-soft">{messages.fromTheManufacturerSDataSheet(breaker.family)}</p>
      <form noValidate onSubmit={handleSubmit(store)} className="mt-3 space-y-3">
        <ul className="space-y-2">
          {fields.map((field, i) => {
            const wrong = errors.points?.[i];
            return (
              <li key={field.id} className="grid grid-cols-[1fr_1fr_1fr_auto] items-start gap-2">
                <NumberField
                  label={messages.current}
                  unit={messages.timesRatingLabel}
                  registration={register(`points.${i}.multiple`, number)}
                  error={wrong?.multiple?.message}
                />
                <NumberField
                  label={messages.earliest}
                  unit="s"
                  registration={register(`points.${i}.fastestSeconds`, number)}
                  error={wrong?.fastestSeconds?.message}
                />
                <NumberField
                  label={messages.latest}
                  unit="s"
                  registration={register(`points.${i}.slowestSeconds`, number)}
                  error={wrong?.slowestSeconds?.message}
                />
                <button
                  type="button"
                  onClick={() => remove(i)}
                  aria-label={messages.removePoint(i + 1)}
                  className="mt-6 flex size-11 items-center justify-center hover:bg-bone-sunk"
                >
                  <X aria-hidden="true" className="size-5" />
                </button>
              </li>
            );
          })}
        </ul>
        <div className="flex flex-wrap gap-2">
          <Button look="quiet" className="flex items-center gap-2" onClick={() => append(EMPTY)}>
            <Plus aria-hidden="true" className="size-4" />
            {messages.addAPoint}
          </Button>
          <FileField
            label={messages.importACsvTable}
            accept=".csv,text/csv"
            onFile={(file) => void fromFile(file)}
          />
        </div>
        <p className="text-sm text-ink-soft">{messages.columnsMultipleFastestSSlowest}</p>
        <Problems title={messages.theTableWasNotImported} problems={problems} />
        <Fit fit={fit} />
        <div className="flex flex-wrap items-center gap-4">
          <Button type="submit" disabled={isSubmitting}>
            {isSubmitting ? messages.saving : messages.saveCurve}
          </Button>
          {curve && (
            <Button look="quiet" onClick={() => void takeAway()}>
              {messages.useTheStandardCurveAgain}
            </Button>
          )}
          <span role="status">{told || (curve ? messages.thisCurveIsInUseYou : '')}</span>
        </div>
        <FieldError
          message={errors.root?.message ?? errors.points?.root?.message ?? errors.points?.message}
        />
      </form>
    </details>
  );
}

/** The two edges found from the points, and how well they meet them. */
function Fit({ fit }: { fit: CurveFit | null }) {
  if (!fit) return <p className="text-sm text-ink-soft">{messages.enterAtLeastTwoPointsWith}</p>;
  const edges = [
    [messages.mostSensitive, fit.mostSensitive],
    [messages.leastSensitive, fit.leastSensitive],
  ] as const;
  return (
    <dl className="flex flex-wrap gap-x-8 gap-y-2">
      {edges.map(([what, { k, tauSeconds, error }]) => (
        <div key={what}>
          <dt className="text-sm text-ink-soft">{what}</dt>
          <dd>
            {messages.tripsFromTimeConstantDiffers(
              <span className="figures font-semibold">{messages.timesRating(sayNumber(k, 2))}</span>,
              <span className="figures font-semibold">{sayNumber(tauSeconds, 0)} s</span>,
              <span className="figures">{sayPercent(Math.exp(error) - 1)}</span>,
            )}
          </dd>
        </div>
      ))}
    </dl>
  );
}
