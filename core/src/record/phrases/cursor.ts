import { amountAt, type Amount } from './amounts.ts';
import { momentAt, type TypedTime } from './moments.ts';
import { phraseAt, type PhraseMeaning } from './phrases.ts';
import type { Token } from './tokens.ts';

/** A phrase that begins at a piece, and the piece behind it. */
export interface PhraseAt {
  meaning: PhraseMeaning;
  next: number;
}

/** The pieces of a line, and what begins at each. */
export class Cursor {
  readonly tokens: readonly Token[];
  readonly degrees: 'C' | 'F';
  private readonly now: string;
  private readonly zone: string;

  constructor(
    tokens: readonly Token[],
    { temperature, now, zone }: { temperature: 'C' | 'F'; now: string; zone: string },
  ) {
    this.tokens = tokens;
    this.degrees = temperature;
    this.now = now;
    this.zone = zone;
  }

  text(at: number): string {
    return this.tokens[at]?.text ?? '';
  }
  from(at: number): number {
    return this.tokens[at]!.from;
  }
  /** Where the piece before one ends. */
  endBefore(next: number): number {
    return this.tokens[next - 1]!.to;
  }
  isSeparator(at: number): boolean {
    return this.tokens[at]?.kind === 'separator';
  }
  amount(at: number): Amount | null {
    return amountAt(this.tokens, at, this.degrees);
  }
  moment(at: number): TypedTime | null {
    return momentAt(this.tokens, at, this.now, this.zone);
  }
  phrase(at: number): PhraseAt | null {
    const found = phraseAt((n) => this.tokens[at + n]?.text);
    return found && { meaning: found.meaning, next: at + found.length };
  }
  /** The first piece from one on that is no filler; “a minute” is none. */
  skipFillers(at: number): number {
    let next = at;
    for (;;) {
      const phrase = this.phrase(next);
      if (phrase?.meaning.is !== 'filler' || this.amount(next)) return next;
      next = phrase.next;
    }
  }
}
