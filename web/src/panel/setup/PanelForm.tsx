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
import * as messages from './messages.ts';

const ratings = (from: number) =>
  STANDARD_RATINGS_AMPS.filter((amps) => amps >= from).map((amps) => ({
    value: String(amps),
    label: `${amps} A`,
  }));
const MAINS = ratings(30);
const BUSES = [{ value: '', label: messages.notKnown }, ...ratings(60)];
const HANGS = [
  { value: 'upright', label: messages.uprightMainAtTheTop },
  { value: 'inverted', label: messages.upsideDownMainAtTheBottom },
  { value: 'left', label: messages.onItsSideMainAtThe },
  { value: 'right', label: messages.onItsSideMainAtTheRight },
];
const ENTRIES = [
  { value: 'main', label: messages.aMainBreaker },
  { value: 'lugs', label: messages.noMainInThisPanelLugs },
  { value: 'split', label: messages.severalHandlesSplitBus },
];
const NARROW = [
  { value: 'unknown', label: messages.labelNotRead },
  { value: 'none', label: 'nowhere' },
  { value: 'all', label: messages.inEverySpace },
  { value: 'some', label: messages.inTheseSpaces },
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
          label={messages.site}
          registration={register('siteName')}
          error={errors.siteName?.message}
          hint={messages.aHouseOrAWorkshop}
        />
      )}
      <div className="grid gap-3 sm:grid-cols-2">
        <TextField label={messages.panel} registration={register('name')} error={errors.name?.message} />
        <NumberField
          label={messages.spacesBothColumnsTogether}
          unit=""
          registration={register('spaces', number)}
          error={errors.spaces?.message}
        />
        <SelectField label={messages.mounting} options={HANGS} registration={register('orientation')} />
        <TextField
          label={messages.panelFamilyOnTheLabel}
          registration={register('family')}
          error={errors.family?.message}
          hint={messages.leaveEmptyUntilTheLabelIs}
        />
      </div>
      <Choices label={messages.mainDisconnect} options={ENTRIES} registration={register('entry')} />
      <div className="grid gap-3 sm:grid-cols-2">
        {entry === 'main' && (
          <SelectField
            label={messages.mainBreaker}
            options={MAINS}
            registration={register('mainAmps')}
            error={errors.mainAmps?.message}
          />
        )}
        {entry === 'split' && (
          <NumberField
            label={messages.lowerSectionStartsAtSpace}
            unit=""
            registration={register('splitAt', number)}
            error={errors.splitAt?.message}
          />
        )}
        {(feeds.length > 0 || board?.fedFrom) && (
          <SelectField
            label={messages.fedFrom}
            options={[{ value: '', label: messages.serviceOrNotKnown }, ...feeds]}
            registration={register('fedFrom')}
            error={errors.fedFrom?.message}
          />
        )}
      </div>
      <details className="border-t border-rule pt-2" open={Boolean(board)}>
        <summary className="min-h-11 py-2 font-semibold">{messages.labelBusAndOpenings}</summary>
        <div className="grid gap-3 sm:grid-cols-2">
          <SelectField label={messages.busRating} options={BUSES} registration={register('busAmps')} />
          <TextField
            label={messages.otherBreakerFamiliesListedOn}
            registration={register('alsoListed')}
            error={errors.alsoListed?.message}
            hint={messages.separatedByCommas}
          />
          <SelectField
            label={messages.tandemBreakersAllowed}
            options={NARROW}
            registration={register('narrow')}
          />
          {narrow === 'some' && (
            <TextField
              label={messages.spacesForTandemBreakers}
              registration={register('narrowSpaces')}
              error={errors.narrowSpaces?.message}
              hint={messages.forExample1324}
            />
          )}
          <TextField
            label={messages.closedWithFillerPlatesTitle}
            registration={register('blanks')}
            error={errors.blanks?.message}
            hint={messages.spacesWithoutABreakerFor}
          />
          <TextField
            label={messages.openSlotsInTheCover}
            registration={register('holes')}
            error={errors.holes?.message}
            hint={messages.energizedPartsAreBehindThem}
          />
          <div className="sm:col-span-2">
            <Check label={messages.feedThroughLugsAtTheFar} registration={register('feedThrough')} />
          </div>
        </div>
      </details>
      <FieldError message={errors.root?.message} />
      <Button type="submit" disabled={isSubmitting}>
        {board ? messages.savePanel : messages.setUpThisPanel}
      </Button>
    </form>
  );
}
