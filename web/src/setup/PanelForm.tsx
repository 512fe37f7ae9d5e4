import { zodResolver } from '@hookform/resolvers/zod';
import { name } from '@phylaxon/core/quantities';
import { ORIENTATIONS } from '@phylaxon/core/panel';
import { panelInput } from '@phylaxon/core/record';
import { STANDARD_RATINGS_AMPS } from '@phylaxon/core/standards';
import { useForm } from 'react-hook-form';
import { useNavigate } from 'react-router';
import { z } from 'zod';
import { api } from '../api/index.ts';
import {
  Button,
  FieldError,
  NumberField,
  SelectField,
  showErrors,
  TextField,
  toNumber,
} from '../shared/index.ts';

const form = z.object({
  siteName: name('The site’s name'),
  name: panelInput.shape.name,
  spaces: panelInput.shape.spaces,
  orientation: z.enum(ORIENTATIONS),
  mainAmps: z.string().transform((text) => (text === '' ? null : Number(text))),
  family: z.string(),
});
type Typed = z.input<typeof form>;
type Values = z.output<typeof form>;

const MAINS = [
  { value: '', label: 'no main in this panel' },
  ...STANDARD_RATINGS_AMPS.filter((amps) => amps >= 30).map((amps) => ({
    value: String(amps),
    label: `${amps} A`,
  })),
];
const HANGS = [
  { value: 'upright', label: 'upright, main at the top' },
  { value: 'inverted', label: 'upside down, main at the bottom' },
];

/** Draw a new panel: at a site that is known, or at a new one. */
export function PanelForm({ site }: { site?: { id: string; name: string } }) {
  const navigate = useNavigate();
  const methods = useForm<Typed, unknown, Values>({
    resolver: zodResolver(form),
    defaultValues: {
      siteName: site?.name ?? '',
      name: 'Main panel',
      spaces: 24,
      orientation: 'upright',
      mainAmps: '100',
      family: '',
    },
  });
  const { register, handleSubmit, formState } = methods;
  const { errors, isSubmitting } = formState;

  const onSubmit = async ({ siteName, ...panel }: Values) => {
    try {
      const siteId = site?.id ?? (await api.addSite({ name: siteName })).id;
      const { id } = await api.addPanel(siteId, panel);
      await navigate(`/panels/${id}`);
    } catch (error) {
      showErrors(methods, error);
    }
  };

  return (
    <form noValidate onSubmit={handleSubmit(onSubmit)} className="space-y-4">
      <div className="grid gap-3 sm:grid-cols-2">
        {!site && (
          <TextField
            label="Site"
            registration={register('siteName')}
            error={errors.siteName?.message}
            hint="A house, a workshop."
          />
        )}
        <TextField label="Panel" registration={register('name')} error={errors.name?.message} />
        <NumberField
          label="Spaces, both sides together"
          unit=""
          registration={register('spaces', { setValueAs: toNumber })}
          error={errors.spaces?.message}
        />
        <SelectField
          label="Main breaker"
          options={MAINS}
          registration={register('mainAmps')}
          error={errors.mainAmps?.message}
        />
        <SelectField label="It hangs" options={HANGS} registration={register('orientation')} />
        <TextField
          label="Part family on its label"
          registration={register('family')}
          error={errors.family?.message}
        />
      </div>
      <FieldError message={errors.root?.message} />
      <Button type="submit" disabled={isSubmitting}>
        Draw this panel
      </Button>
    </form>
  );
}
