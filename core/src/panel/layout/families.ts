import * as messages from './messages.ts';

/** What a panel's label says of the parts that belong in it. */
export interface Label {
  /** The panel's own part family; '' while the label is not read. */
  family: string;
  /** Other families the label lists. */
  alsoListed: readonly string[];
}

const same = (a: string, b: string) => a.trim().toLowerCase() === b.trim().toLowerCase();

/**
 * The families a panel's label lists, its own first; none while it is not read.
 *
 * @param label what the panel’s label says
 * @returns names of families
 * @example listedFamilies({ family: 'Orrin S', alsoListed: ['Orrin C'] }) // ['Orrin S', 'Orrin C']
 */
export const listedFamilies = ({ family, alsoListed }: Label): string[] =>
  family === '' ? [] : [family, ...alsoListed];

/**
 * Why a part does not belong in a panel, or `null`: it is listed, or label or part are not known. Fitting
 * the stab is not enough; one maker sells series that do not interchange.
 *
 * @param label what the panel’s label says
 * @param family the part’s; '' where it is not known
 * @returns a sentence
 * @example familyProblem({ family: 'Orrin S', alsoListed: [] }, 'Orrin C')
 *   // 'Orrin C is not listed for this panel (Orrin S): …'
 */
export function familyProblem(label: Label, family: string): string | null {
  const listed = listedFamilies(label);
  if (family === '' || listed.length === 0 || listed.some((one) => same(one, family))) return null;
  return messages.isNotListedForThisPanel(family, listed.join(', '));
}
