import { useQuery } from '@tanstack/react-query';
import { zodResolver } from '@hookform/resolvers/zod';
import type { Board } from '@phylaxon/core/views/board';
import { STANDARD_RATINGS_AMPS } from '@phylaxon/core/facts/standards';
import { useForm, useWatch } from 'react-hook-form';
import type { Panel, PanelInput } from '@phylaxon/core/record/entities';
import { recordQueries } from '../../shared/queries/index.ts';
import {
  Button,
  Check,
  Choices,
  DraftNote,
  FieldError,
  NumberField,
  SelectField,
  showErrors,
  StaleNote,
  TextField,
  toNumber,
  useDraft,
  useVersioned,
  withDraft,
} from '../../shared/ui/index.ts';
import { panelForm, panelFromForm, panelFormValues, type PanelValues } from './panelValues.ts';

const ratings = (from: number) =>
  STANDARD_RATINGS_AMPS.filter((amps) => amps >= from).map((amps) => ({
    value: String(amps),
    label: `${amps} A`,
  }));
const MAINS = ratings(30);
const BUSES = [{ value: '', label: 'not known' }, ...ratings(60)];
const HANGS = [
  { value: 'upright', label: 'upright, main at the top' },
  { value: 'inverted', label: 'upside down, main at the bottom' },
  { value: 'left', label: 'on its side, main at the left' },
  { value: 'right', label: 'on its side, main at the right' },
];
const ENTRIES = [
  { value: 'main', label: 'A main breaker' },
  { value: 'lugs', label: 'No main here: lugs or a feeder' },
  { value: 'split', label: 'Several handles: a split bus' },
];
const NARROW = [
  { value: 'unknown', label: 'label not read' },
  { value: 'none', label: 'nowhere' },
  { value: 'all', label: 'in every space' },
  { value: 'some', label: 'in these spaces' },
];

interface Props {
  /** Where the panel is; left out, the site is asked for by name. */
  siteId?: string;
  /** The panel as it is; left out, a new one is drawn. */
  board?: Board;
  /** `version`: of the panel that the form was filled from. */
  onStore: (input: PanelInput, siteName: string | null, version: number) => Promise<Panel>;
  onStored: (panel: Panel) => Promise<unknown> | void;
}

/** A panel as it hangs: what feeds it, its spaces, its label. */
export default function PanelForm({ siteId, board, onStore, onStored }: Props) {
  const draftName = board ? `panel-${board.panel.id}` : `new-panel-${siteId ?? ''}`;
  const methods = useForm<PanelValues>({
    resolver: zodResolver(panelForm),
    defaultValues: withDraft(draftName, panelFormValues(board, !siteId)),
  });
  const draft = useDraft(draftName, methods, () => panelFormValues(board, !siteId));
  const { register, handleSubmit, formState, control } = methods;
  const { errors, isSubmitting } = formState;
  const [entry, narrow] = useWatch({ control, name: ['entry', 'narrow'] });
  // Without an answer there is nothing to choose from; the form says so itself when it is stored.
  const { data: feeds = [] } = useQuery({
    ...recordQueries.feeds(siteId ?? '', board?.panel.id),
    enabled: siteId !== undefined,
  });
  const number = { setValueAs: toNumber };
  const versioned = useVersioned(methods, board?.panel.version ?? 0, () => panelFormValues(board), draft);

  const onSubmit = async (values: PanelValues) => {
    try {
      const panel = await onStore(panelFromForm(values), values.siteName?.trim() ?? null, versioned.version);
      methods.reset(values);
      draft.forget();
      await onStored(panel);
    } catch (error) {
      showErrors(methods, error, (path) =>
        path.startsWith('fed') ? 'fedFrom' : (path.split('.')[0] as keyof PanelValues),
      );
    }
  };

  return (
    <form noValidate onSubmit={handleSubmit(onSubmit)} className="space-y-5">
      <DraftNote draft={draft} />
      <StaleNote versioned={versioned} />
      {!siteId && (
        <TextField
          label="Site"
          registration={register('siteName')}
          error={errors.siteName?.message}
          hint="A house, a workshop."
        />
      )}
      <div className="grid gap-3 sm:grid-cols-2">
        <TextField label="Panel" registration={register('name')} error={errors.name?.message} />
        <NumberField
          label="Spaces, both sides together"
          unit=""
          registration={register('spaces', number)}
          error={errors.spaces?.message}
        />
        <SelectField label="It is mounted" options={HANGS} registration={register('orientation')} />
        <TextField
          label="Part family on its label"
          registration={register('family')}
          error={errors.family?.message}
          hint="Empty while the label is not read."
        />
      </div>
      <Choices label="What shuts it off?" options={ENTRIES} registration={register('entry')} />
      <div className="grid gap-3 sm:grid-cols-2">
        {entry === 'main' && (
          <SelectField
            label="Main breaker"
            options={MAINS}
            registration={register('mainAmps')}
            error={errors.mainAmps?.message}
          />
        )}
        {entry === 'split' && (
          <NumberField
            label="Lower section begins at space"
            unit=""
            registration={register('splitAt', number)}
            error={errors.splitAt?.message}
          />
        )}
        {(feeds.length > 0 || board?.fedFrom) && (
          <SelectField
            label="Fed from"
            options={[{ value: '', label: 'the service, or not known' }, ...feeds]}
            registration={register('fedFrom')}
            error={errors.fedFrom?.message}
          />
        )}
      </div>
      <details className="border-t border-rule pt-2" open={Boolean(board)}>
        <summary className="min-h-11 py-2 font-semibold">Label, bus and openings</summary>
        <div className="grid gap-3 sm:grid-cols-2">
          <SelectField label="Bus rating" options={BUSES} registration={register('busAmps')} />
          <TextField
            label="Other families its label lists"
            registration={register('alsoListed')}
            error={errors.alsoListed?.message}
            hint="With commas between."
          />
          <SelectField label="Narrow breakers allowed" options={NARROW} registration={register('narrow')} />
          {narrow === 'some' && (
            <TextField
              label="Spaces for narrow breakers"
              registration={register('narrowSpaces')}
              error={errors.narrowSpaces?.message}
              hint="Such as 13-24."
            />
          )}
          <TextField
            label="Closed with fillers"
            registration={register('blanks')}
            error={errors.blanks?.message}
            hint="Spaces without a breaker, such as 13-16."
          />
          <TextField
            label="Open holes in the cover"
            registration={register('holes')}
            error={errors.holes?.message}
            hint="Live parts lie behind them."
          />
          <div className="sm:col-span-2">
            <Check
              label="Feed-through lugs at the far end of the bus"
              registration={register('feedThrough')}
            />
          </div>
        </div>
      </details>
      <FieldError message={errors.root?.message} />
      <Button type="submit" disabled={isSubmitting}>
        {board ? 'Store panel' : 'Draw this panel'}
      </Button>
    </form>
  );
}
