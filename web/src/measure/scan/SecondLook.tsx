import { HEAT_LIMITS } from '@phylaxon/core/facts/limits';
import type { Board } from '@phylaxon/core/views/board';
import { ampsText, type Units } from '../../shared/ui/index.ts';
import { hardlyLoaded, worthALook, type Scanned } from './scanned.ts';
import * as messages from './messages.ts';
import { GRADES } from './grades.ts';
import { nameIn } from './nameIn.ts';

/** What is worth another look before the cover goes back. */
export function SecondLook({ board, scanned, units }: { board: Board; scanned: Scanned; units: Units }) {
  const { measured, ambientC } = scanned;
  if (measured.length === 0) return null;
  if (ambientC === null) return <p className="font-medium">{messages.enterTheAmbientTemperature}</p>;
  const again = worthALook(measured);
  const idle = hardlyLoaded(measured);
  return (
    <section aria-label={messages.beforeTheCoverGoesBackOn} className="border-l-4 border-rule-strong pl-4">
      <h2 className="text-lg font-bold">{messages.beforeTheCoverGoesBackOn}</h2>
      {again.length === 0 ? (
        <p>{messages.noReadingNeedsToBeRepeated}</p>
      ) : (
        <ul className="divide-y divide-rule">
          {again.map(({ breakerId, surfaceC, amps, isClamped, grade }) => (
            <li key={breakerId} className="py-1">
              <p>
                {messages.measureItOnceMoreAndCheck(
                  <span
                    aria-hidden="true"
                    className={grade!.grade === 'urgent' ? 'text-danger' : 'text-heed'}
                  >
                    {GRADES[grade!.grade].mark}{' '}
                  </span>,
                  <strong>{nameIn(board, breakerId)}</strong>,
                  units.temperatureText(surfaceC),
                  amps !== null && messages.at(ampsText(amps), isClamped ? '' : messages.byItsListedLoads),
                  isClamped ? '' : messages.clampItsCurrent,
                )}
              </p>
              {grade!.reasons.slice(0, 2).map(({ code, text }) => (
                <p key={code} className="text-sm text-ink-soft">
                  {units.say(text)}
                </p>
              ))}
            </li>
          ))}
        </ul>
      )}
      {idle.length > 0 && (
        <p className="mt-1 text-sm text-ink-soft">
          {messages.belowOfTheRatingThereIs(
            100 * HEAT_LIMITS.leastShareToJudge,
            idle.map(({ breakerId }) => nameIn(board, breakerId)).join(', '),
          )}
        </p>
      )}
    </section>
  );
}
