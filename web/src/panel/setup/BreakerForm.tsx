import { atPlace, BREAKER_KINDS, fittingProblem, type Half, type Placed } from '@phylaxon/core/panel/layout';
import { zodResolver } from '@hookform/resolvers/zod';
import type { Board } from '@phylaxon/core/views/board';
import { ratingAmps } from '@phylaxon/core/facts/quantities';
import type { Breaker } from '@phylaxon/core/record/entities';
import { STANDARD_RATINGS_AMPS } from '@phylaxon/core/facts/standards';
import { useForm, useWatch } from 'react-hook-form';
import { useNavigate } from 'react-router';
import { z } from 'zod';
import { drawing } from '../../shared/api/index.ts';
import {
  Button,
  Check,
  DraftNote,
  FieldError,
  KIND_WORDS,
  SelectField,
  showErrors,
  StaleNote,
  TextField,
  useDraft,
  useVersioned,
  withDraft,
  type Option,
} from '../../shared/ui/index.ts';
import { sendNow, sendEntries } from '../../shared/stores/index.ts';
import * as messages from './messages.ts';

const SIZES = ['1', '2', 'upper', 'lower', 'inner', 'outer'] as const;

const form = z.object({
  ratingAmps: z.string().transform(Number).pipe(ratingAmps),
  size: z.enum(SIZES),
  kind: z.enum(BREAKER_KINDS),
  family: z.string(),
  installedOn: z.string().transform((text) => (text === '' ? null : text)),
  onDirection: z.enum(['usual', 'left', 'right', 'up', 'down']),
  asFound: z.boolean(),
});
type Typed = z.input<typeof form>;
type Values = z.output<typeof form>;

const RATINGS = STANDARD_RATINGS_AMPS.map((amps) => ({ value: String(amps), label: `${amps} A` }));
const SIZE_OPTIONS: Option[] = [
  { value: '1', label: messages.onePoleFullSize },
  { value: '2', label: messages.twoPole240VFullSize },
  { value: 'upper', label: messages.halfSizeUpperHalfOfThe },
  { value: 'lower', label: messages.halfSizeLowerHalfOfThe },
  { value: 'inner', label: messages.twoPoleInnerPairOfA },
  { value: 'outer', label: messages.twoPoleOuterPairOfA },
];
const KINDS = BREAKER_KINDS.map((kind) => ({ value: kind, label: KIND_WORDS[kind] }));
const DIRECTIONS: Option[] = [
  { value: 'left', label: messages.toTheLeft },
  { value: 'right', label: messages.toTheRight },
  { value: 'up', label: 'up' },
  { value: 'down', label: 'down' },
];

const sizeOf = ({ poles, half }: Pick<Breaker, 'poles' | 'half'>) => half ?? (poles === 2 ? '2' : '1');

function shapeOf(size: Values['size']): { poles: 1 | 2; half: Half | null } {
  if (size === '1' || size === '2') return { poles: size === '2' ? 2 : 1, half: null };
  return { poles: size === 'inner' || size === 'outer' ? 2 : 1, half: size };
}

type Props = { board: Board } & (
  { breaker: Breaker; space?: undefined } | { space: number; breaker?: undefined }
);

const placedIn = ({ breakers }: Board): Placed[] =>
  breakers.flatMap(({ breaker: { id, space, poles, half } }) =>
    space === null ? [] : [{ id, space, poles, half }],
  );

/** Why what is being entered cannot sit there, told before it is sent. */
function problemOf({ board, space, breaker }: Props, size: Values['size'], family: string) {
  const at = space ?? breaker?.space ?? null;
  if (at === null) return null;
  const wanted = { id: breaker?.id ?? '', space: at, ...shapeOf(size) };
  return fittingProblem(board.panel, placedIn(board), wanted, family === breaker?.family ? '' : family);
}

/** Fit a breaker into a space, or change the particulars of one that is there. */
export default function BreakerForm(props: Props) {
  const { board, space, breaker } = props;
  const { panel } = board;
  const navigate = useNavigate();
  const start = () => startValues(breaker);
  const draftName = `breaker-${breaker?.id ?? `${panel.id}-${space}`}`;
  const methods = useForm<Typed, unknown, Values>({
    resolver: zodResolver(form),
    defaultValues: withDraft(draftName, start()),
  });
  const { register, handleSubmit, formState, control } = methods;
  const { errors, isSubmitting } = formState;
  const draft = useDraft(draftName, methods, start);
  const versioned = useVersioned(methods, breaker?.version ?? 0, start, draft);

  const onSubmit = async ({ size, onDirection, ...rest }: Values) => {
    const direction = onDirection === 'usual' ? {} : { onDirection };
    const part = { ...rest, ...direction };
    try {
      if (breaker) {
        const { version } = versioned;
        const shape = breaker.role === 'branch' ? shapeOf(size) : {};
        await sendEntries(
          drawing.changeBreaker(breaker.id, { ...part, ...shape, version }, atPlace(breaker)),
        );
        methods.reset(methods.getValues());
        draft.forget();
      } else {
        const fitted = await sendNow(
          drawing.fitBreaker(panel.id, { space: space!, ...shapeOf(size), ...part }),
        );
        draft.forget();
        await navigate(`/panels/${panel.id}/breakers/${fitted.id}`);
      }
    } catch (error) {
      showErrors(methods, error, (path) =>
        ['space', 'poles', 'half'].includes(path) ? 'size' : (path as keyof Typed),
      );
    }
  };

  const [size, family, asFound] = useWatch({ control, name: ['size', 'family', 'asFound'] });
  const problem = problemOf(props, size, family);
  const notListed = problem?.field === 'family';
  const sizeProblem = problem && !notListed ? problem.message : undefined;
  return (
    <form noValidate onSubmit={handleSubmit(onSubmit)} className="space-y-4">
      <DraftNote draft={draft} />
      <StaleNote versioned={versioned} />
      <div className="grid gap-3 sm:grid-cols-2">
        <SelectField
          label={messages.rating}
          options={ratingsWith(breaker)}
          registration={register('ratingAmps')}
          error={errors.ratingAmps?.message}
        />
        {breaker?.role !== 'main' && (
          <SelectField
            label={messages.size}
            options={SIZE_OPTIONS}
            registration={register('size')}
            error={errors.size?.message ?? sizeProblem}
          />
        )}
        <SelectField label={messages.type} options={KINDS} registration={register('kind')} />
        <TextField
          label={messages.breakerFamily}
          registration={register('family')}
          error={errors.family?.message ?? (notListed && !asFound ? problem.message : undefined)}
          hint={panel.family ? messages.thisPanelSFamilyIs(panel.family) : undefined}
        />
        <TextField
          label={messages.installedOn}
          type="date"
          registration={register('installedOn')}
          error={errors.installedOn?.message}
        />
        <SelectField
          label={messages.onDirection}
          options={
            breaker ? DIRECTIONS : [{ value: 'usual', label: messages.usualForThisSpace }, ...DIRECTIONS]
          }
          registration={register('onDirection')}
        />
      </div>
      {notListed && <Check label={messages.recordAsFoundThisBreakerIs} registration={register('asFound')} />}
      <FieldError message={errors.root?.message} />
      <Button type="submit" disabled={isSubmitting}>
        {breaker ? messages.saveBreaker : messages.installThisBreaker}
      </Button>
    </form>
  );
}

function startValues(breaker?: Breaker): Typed {
  return {
    ratingAmps: String(breaker?.ratingAmps ?? 20),
    size: breaker ? sizeOf(breaker) : '1',
    kind: breaker?.kind ?? 'standard',
    family: breaker?.family ?? '',
    installedOn: breaker?.installedOn ?? '',
    onDirection: breaker?.onDirection ?? 'usual',
    asFound: false,
  };
}

/** Standard ratings, and the breaker’s own if it is none. */
function ratingsWith(breaker?: Breaker) {
  const own = breaker && String(breaker.ratingAmps);
  return own && !RATINGS.some(({ value }) => value === own)
    ? [{ value: own, label: `${own} A` }, ...RATINGS]
    : RATINGS;
}
