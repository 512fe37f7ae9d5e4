import { zodResolver } from '@hookform/resolvers/zod';
import { ratingAmps } from '@phylaxon/core/quantities';
import { BREAKER_KINDS, type Breaker } from '@phylaxon/core/record';
import { STANDARD_RATINGS_AMPS } from '@phylaxon/core/standards';
import { useForm } from 'react-hook-form';
import { useNavigate } from 'react-router';
import { z } from 'zod';
import { api } from '../api/index.ts';
import { Button, FieldError, KIND_WORDS, SelectField, showErrors, TextField } from '../shared/index.ts';
import { usePanel } from '../stores/index.ts';

const form = z.object({
  ratingAmps: z.string().transform(Number).pipe(ratingAmps),
  width: z.enum(['1', '2', 'upper', 'lower']),
  kind: z.enum(BREAKER_KINDS),
  family: z.string(),
  installedOn: z.string().transform((text) => (text === '' ? null : text)),
});
type Typed = z.input<typeof form>;
type Values = z.output<typeof form>;

const RATINGS = STANDARD_RATINGS_AMPS.map((amps) => ({ value: String(amps), label: `${amps} A` }));
const WIDTHS = [
  { value: '1', label: 'one pole, one space' },
  { value: '2', label: 'two poles, two spaces (240 V)' },
  { value: 'upper', label: 'narrow, upper half of the space' },
  { value: 'lower', label: 'narrow, lower half of the space' },
];
const KINDS = BREAKER_KINDS.map((kind) => ({ value: kind, label: KIND_WORDS[kind] }));

type Props = { panelId: string } & (
  { breaker: Breaker; space?: undefined } | { space: number; breaker?: undefined }
);

/** Fit a breaker into an open space, or change the particulars of one that is there. */
export function BreakerForm({ panelId, space, breaker }: Props) {
  const refresh = usePanel((state) => state.refresh);
  const navigate = useNavigate();
  const methods = useForm<Typed, unknown, Values>({
    resolver: zodResolver(form),
    defaultValues: startValues(breaker),
  });
  const { register, handleSubmit, formState } = methods;
  const { errors, isSubmitting } = formState;

  const onSubmit = async ({ width, ...rest }: Values) => {
    const poles = width === '2' ? 2 : 1;
    try {
      if (breaker) {
        const sizeable = breaker.role === 'branch' && breaker.half === null;
        await api.changeBreaker(breaker.id, sizeable ? { ...rest, poles } : rest);
        await refresh();
      } else {
        const half = width === 'upper' || width === 'lower' ? width : null;
        const fitted = await api.fitBreaker(panelId, { space: space!, half, poles, ...rest });
        await refresh();
        await navigate(`/panels/${panelId}/breakers/${fitted.id}`);
      }
    } catch (error) {
      showErrors(methods, error, (path) =>
        ['space', 'poles', 'half'].includes(path) ? 'width' : (path as keyof Typed),
      );
    }
  };

  const takeOut = async () => {
    await api.removeBreaker(breaker!.id);
    await navigate(`/panels/${panelId}`);
    await usePanel.getState().openPanel(panelId);
  };

  return (
    <form noValidate onSubmit={handleSubmit(onSubmit)} className="space-y-4">
      <div className="grid gap-3 sm:grid-cols-2">
        <SelectField
          label="Rating"
          options={ratingsWith(breaker)}
          registration={register('ratingAmps')}
          error={errors.ratingAmps?.message}
        />
        {(!breaker || (breaker.role === 'branch' && breaker.half === null)) && (
          <SelectField
            label="Size"
            options={breaker ? WIDTHS.slice(0, 2) : WIDTHS}
            registration={register('width')}
            error={errors.width?.message}
          />
        )}
        <SelectField label="Kind" options={KINDS} registration={register('kind')} />
        <TextField label="Part family" registration={register('family')} error={errors.family?.message} />
        <TextField
          label="Installed on"
          type="date"
          registration={register('installedOn')}
          error={errors.installedOn?.message}
        />
      </div>
      <FieldError message={errors.root?.message} />
      <div className="flex flex-wrap gap-3">
        <Button type="submit" disabled={isSubmitting}>
          {breaker ? 'Store breaker' : 'Fit this breaker'}
        </Button>
        {breaker?.role === 'branch' && (
          <Button look="quiet" onClick={() => void takeOut()}>
            It is no longer in the panel
          </Button>
        )}
      </div>
      {breaker?.role === 'branch' && (
        <p className="text-sm text-ink-soft">A breaker that is taken off the board keeps its record.</p>
      )}
    </form>
  );
}

function startValues(breaker?: Breaker): Typed {
  return {
    ratingAmps: String(breaker?.ratingAmps ?? 20),
    width: breaker?.half ?? (breaker?.poles === 2 ? '2' : '1'),
    kind: breaker?.kind ?? 'standard',
    family: breaker?.family ?? '',
    installedOn: breaker?.installedOn ?? '',
  };
}

/** Standard ratings, and the breaker’s own if it is none. */
function ratingsWith(breaker?: Breaker) {
  const own = breaker && String(breaker.ratingAmps);
  return own && !RATINGS.some(({ value }) => value === own)
    ? [{ value: own, label: `${own} A` }, ...RATINGS]
    : RATINGS;
}
