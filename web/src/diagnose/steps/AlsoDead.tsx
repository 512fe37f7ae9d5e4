import type { Ranked, Suspect } from '@phylaxon/core/diagnosis/cases';
import type { DeadMark } from '@phylaxon/core/record/entities';
import { classes } from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

interface AlsoDeadProps {
  suspects: Suspect[];
  next: Ranked[];
  marks: readonly DeadMark[];
  busy: boolean;
  onMark: (name: string, dead: boolean | null) => void;
}

/** What else is dead or works tells a badly labelled panel’s circuits apart. */
export function AlsoDead({ suspects, next, marks, busy, onMark }: AlsoDeadProps) {
  const names = [
    ...new Set([
      ...marks.map(({ name }) => name),
      ...next.flatMap(({ breakerId }) => suspects.find((one) => one.breakerId === breakerId)?.loads ?? []),
    ]),
  ];
  if (names.length === 0) return null;
  return (
    <details>
      <summary className="min-h-11 py-2 font-semibold">{messages.whatElseIsDead}</summary>
      <ul className="divide-y divide-rule">
        {names.map((name) => {
          const known = marks.find((mark) => mark.name === name);
          return (
            <li key={name} className="flex items-center gap-2 py-1">
              <span className="flex-1">{name}</span>
              {[true, false].map((dead) => (
                <button
                  key={String(dead)}
                  type="button"
                  disabled={busy}
                  aria-pressed={known?.dead === dead}
                  aria-label={`${name} ${dead ? messages.isDead : 'works'}`}
                  onClick={() => onMark(name, known?.dead === dead ? null : dead)}
                  className={classes(
                    'min-h-11 rounded-sm border px-3',
                    known?.dead === dead
                      ? 'border-ink bg-ink text-bone-raised'
                      : 'border-rule-strong hover:bg-bone-sunk',
                  )}
                >
                  {dead ? 'dead' : 'works'}
                </button>
              ))}
            </li>
          );
        })}
      </ul>
    </details>
  );
}
