import type { z } from 'zod';

/** What a field holds: a figure in its unit, or one of some options. */
export type CalculatorField = { name: string; label: string } & (
  | { kind: 'figure'; unit: 'A' | 'V' | 'W' | '°C' | 'm' | ''; initial: number | null }
  | {
      kind: 'choice';
      options: readonly { value: string | number; label: string }[];
      initial: string | number;
    }
);

/** An answer: a line, whether it is beyond a limit, and the steps to it. */
export interface CalculatorAnswer {
  headline: string;
  isOver: boolean;
  steps: readonly string[];
}

/** Why there is no answer yet, at which field. */
export interface CalculatorProblem {
  field: string;
  message: string;
}

/** A question that needs no record: its fields, where its figures come from, and how it is answered. */
export interface Calculator {
  id: string;
  title: string;
  fields: readonly CalculatorField[];
  /** Title and table of the standard, with the edition; or the definition. */
  source: string;
  run: (values: Readonly<Record<string, unknown>>) => CalculatorAnswer | CalculatorProblem;
}

/**
 * A calculator by its question’s schema: what does not fit it is told at its field.
 *
 * @param parts id, title, fields, source, the schema of the question, and its answer
 * @returns the calculator
 * @example calculator({ id: 'power', title: 'Power', fields: [], source: '', input: powerInput, answer })
 */
export const calculator = <S extends z.ZodType>({
  input,
  answer,
  ...rest
}: Omit<Calculator, 'run'> & {
  input: S;
  answer: (question: z.output<S>) => CalculatorAnswer;
}): Calculator => ({
  ...rest,
  run: (values) => {
    const read = input.safeParse(values);
    if (read.success) return answer(read.data);
    const [issue] = read.error.issues;
    return { field: String(issue!.path.at(-1) ?? ''), message: issue!.message };
  },
});
