import { TIME_LIMITS } from '@phylaxon/core/facts/limits';
import type { BreakerDetail } from '@phylaxon/core/views/board';
import { Countdown, useNow } from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

/** Kept in sight for a while after it is cold, so that the answer is not missed. */
const LINGERS_MS = TIME_LIMITS.coolDownShownMinutes * 60_000;

/** After a trip by heat: how long until it can latch, and until it is as cold as if it had never tripped. */
export function CoolDownNotice({
  coolDown,
  stopped,
}: {
  coolDown: NonNullable<BreakerDetail['coolDown']>;
  stopped: boolean;
}) {
  const { since, slowest, own } = coolDown;
  const at = Date.parse(since);
  const wait = own ?? slowest;
  const cold = at + wait.forgotten * 1000;
  const now = useNow(cold + LINGERS_MS);
  if (stopped || now > cold + LINGERS_MS) return null;
  const left = (seconds: number) => Math.max(0, Math.ceil(at / 1000 + seconds - now / 1000));
  const [toLatch, toCold] = [left(wait.latches), left(wait.forgotten)];
  return (
    <section aria-label={messages.coolingDown} className="border-l-8 border-heed bg-bone-raised px-4 py-3">
      <div className="flex flex-wrap items-end gap-x-8 gap-y-2">
        <Countdown what={messages.canBeReset} seconds={toLatch} done="now" />
        <Countdown what={messages.fullyCool} seconds={toCold} done="now" />
      </div>
      <p className="mt-1 text-sm text-ink-soft">
        {messages.untilTheBreakerIsFullyCool(
          own ? messages.basedOnThisBreakerSOwn : messages.basedOnTheSlowestSoundBreaker,
        )}
      </p>
      <p role="status" className="sr-only">
        {toLatch === 0 ? messages.theBreakerHasCooledEnoughTo : ''}
      </p>
    </section>
  );
}
