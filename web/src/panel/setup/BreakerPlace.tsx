import { atPlace, type Placed, tieProblem } from '@phylaxon/core/panel/layout';
import type { Board } from '@phylaxon/core/views/board';
import type { Breaker } from '@phylaxon/core/record/entities';
import { useForm } from 'react-hook-form';
import { useNavigate } from 'react-router';
import { drawing } from '../../shared/api/index.ts';
import {
  Button,
  FieldError,
  placeText,
  SelectField,
  showErrors,
  TextField,
  useAction,
} from '../../shared/ui/index.ts';
import { sendNow } from '../../shared/stores/index.ts';
import * as messages from './messages.ts';

interface Props {
  breaker: Breaker;
  board: Board;
}

const placed = ({ id, space, poles, half }: Breaker): Placed => ({ id, space: space!, poles, half });

/** Where a breaker sits: another place, a tie to its neighbour, a new part in its place, out of the panel. */
export default function BreakerPlace({ breaker, board }: Props) {
  return (
    <div className="space-y-6 border-t border-rule-strong pt-4">
      <Replace breaker={breaker} />
      {breaker.role === 'branch' && (
        <>
          <MoveTo breaker={breaker} board={board} />
          <Tie breaker={breaker} board={board} />
          <TakeOut breaker={breaker} />
        </>
      )}
    </div>
  );
}

/** A new part: the circuit stays with the place, the log stays with the old part. */
function Replace({ breaker }: { breaker: Breaker }) {
  const navigate = useNavigate();
  const today = new Date().toISOString().slice(0, 10);
  const form = useForm({ defaultValues: { why: '', installedOn: today, family: breaker.family } });
  const { register, handleSubmit, formState } = form;

  const onSubmit = async (values: { why: string; installedOn: string; family: string }) => {
    try {
      const { ratingAmps, kind, version } = breaker;
      const installedOn = values.installedOn || null;
      const fresh = await sendNow(
        drawing.replaceBreaker(
          breaker.id,
          { ratingAmps, kind, ...values, installedOn, version },
          atPlace(breaker),
        ),
      );
      await navigate(`/panels/${breaker.panelId}/breakers/${fresh.id}`);
    } catch (error) {
      showErrors(form, error);
    }
  };

  return (
    <details>
      <summary className="min-h-11 py-2 font-semibold">{messages.replacedWithANewBreaker}</summary>
      <form noValidate onSubmit={handleSubmit(onSubmit)} className="space-y-3">
        <p className="text-ink-soft">{messages.theCircuitStaysWithTheSpace}</p>
        <div className="grid gap-3 sm:grid-cols-2">
          <TextField
            label={messages.breakerFamily}
            registration={register('family')}
            error={formState.errors.family?.message}
          />
          <TextField label={messages.installedOn} type="date" registration={register('installedOn')} />
          <TextField
            className="sm:col-span-2"
            label={messages.whyWasItReplaced}
            registration={register('why')}
          />
        </div>
        <FieldError message={formState.errors.root?.message} />
        <Button type="submit" look="quiet" disabled={formState.isSubmitting}>
          {messages.saveTheNewBreaker}
        </Button>
      </form>
    </details>
  );
}

function MoveTo({ breaker, board }: Props) {
  const form = useForm({ defaultValues: { space: String(breaker.space) } });
  const { register, handleSubmit, formState } = form;
  const spaces = Array.from({ length: board.panel.spaces }, (_, i) => ({
    value: `${i + 1}`,
    label: messages.space(i + 1),
  }));

  const onSubmit = async ({ space }: { space: string }) => {
    try {
      await sendNow(
        drawing.moveBreaker(breaker.id, { space: Number(space), exchange: true, version: breaker.version }),
      );
    } catch (error) {
      showErrors(form, error, (path) => (path === 'half' ? 'space' : (path as 'space')));
    }
  };

  return (
    <form noValidate onSubmit={handleSubmit(onSubmit)} className="flex flex-wrap items-end gap-3">
      <SelectField
        className="max-w-xs flex-1"
        label={messages.moveToAnotherSpace}
        options={spaces}
        registration={register('space')}
        error={formState.errors.space?.message ?? formState.errors.root?.message}
      />
      <Button type="submit" look="quiet" disabled={formState.isSubmitting}>
        {messages.move}
      </Button>
    </form>
  );
}

function Tie({ breaker, board }: Props) {
  const { problem, busy, run } = useAction();
  const tie = (other: string | null) =>
    run(() =>
      sendNow(drawing.tieBreaker(breaker.id, { with: other, version: breaker.version }, atPlace(breaker))),
    );
  const branches = board.breakers.map((entry) => entry.breaker).filter((one) => one.space !== null);
  const tied = branches.find(({ id }) => id === breaker.tiedWith);
  const could = branches.filter(
    (one) =>
      one.id !== breaker.id && one.tiedWith === null && tieProblem(placed(breaker), placed(one)) === null,
  );
  if (breaker.poles === 2) return null;
  return (
    <div>
      <p className="font-semibold">{messages.handleTie}</p>
      {tied ? (
        <p className="flex flex-wrap items-center gap-3">
          {messages.thisHandleIsTiedToThe(placeText(tied))}
          <Button look="quiet" disabled={busy} onClick={() => void tie(null)}>
            {messages.removeTheHandleTie}
          </Button>
        </p>
      ) : could.length === 0 ? (
        <p className="text-ink-soft">{messages.aHandleTieJoinsOnePole}</p>
      ) : (
        <p className="flex flex-wrap gap-3">
          {could.map((one) => (
            <Button key={one.id} look="quiet" disabled={busy} onClick={() => void tie(one.id)}>
              {messages.tieTo(placeText(one))}
            </Button>
          ))}
        </p>
      )}
      <FieldError message={problem ?? undefined} />
    </div>
  );
}

function TakeOut({ breaker }: { breaker: Breaker }) {
  const navigate = useNavigate();
  const { problem, busy, leave } = useAction();
  const takeOut = () =>
    leave(async () => {
      await sendNow(drawing.removeBreaker(breaker.id, atPlace(breaker)));
      await navigate(`/panels/${breaker.panelId}`);
    });
  return (
    <div>
      <Button look="quiet" disabled={busy} onClick={() => void takeOut()}>
        {messages.removeFromThePanel}
      </Button>
      <p className="mt-1 text-sm text-ink-soft">{messages.aBreakerRemovedFromTheBoard}</p>
      <FieldError message={problem ?? undefined} />
    </div>
  );
}
