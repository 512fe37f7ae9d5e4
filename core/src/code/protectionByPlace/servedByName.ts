import type { ServedUse } from './rules.ts';

/** Words of a circuit’s name, and what they say that it serves. */
const NAMES: readonly [RegExp, readonly ServedUse[]][] = [
  [/\bbath(room)?s?\b|\bpowder room\b/i, ['bathroom']],
  [/\bkitchen\b.*\b(counter|island)|\bcountertop/i, ['kitchen-counter']],
  [/\bkitchen\b(?!.*\b(counter|island))/i, ['kitchen']],
  [/\blaundry\b|\bwasher\b/i, ['laundry']],
  [/\bdryer\b/i, ['dryer']],
  [/\bdishwasher\b/i, ['dishwasher']],
  [/\bmicrowave\b/i, ['microwave']],
  [/\brange\b|\boven\b|\bcooktop\b/i, ['range']],
  [/\bgarage\b/i, ['garage']],
  [/\bshed\b|\bbarn\b|\boutbuilding\b/i, ['accessory-building']],
  [/\boutdoors?\b|\byard\b|\bpatio\b|\bporch\b|\bdeck\b/i, ['outdoors']],
  [/\bcrawl ?space\b/i, ['crawl-space']],
  [/\bbasement\b|\bcellar\b/i, ['unfinished-basement']],
  [/\bbedrooms?\b/i, ['bedroom']],
  [/\bliving\b|\bfamily room\b|\brec(reation)? room\b/i, ['living-room']],
  [/\bdining\b/i, ['dining-room']],
  [/\bden\b|\bstudy\b|\blibrary\b/i, ['den']],
  [/\bhall(way)?\b/i, ['hallway']],
  [/\bcloset\b/i, ['closet']],
  [/\bsunroom\b/i, ['sunroom']],
  [/\bsump\b/i, ['sump-pump']],
  [/\bpool\b/i, ['pool']],
  [/\bhot tub\b|\bspa\b/i, ['hot-tub']],
  [/\b(ev|vehicle|car) charg/i, ['vehicle-outlet']],
];

/**
 * What a circuit serves by its name: a guess to look at, never a fact.
 *
 * @param name of the circuit, as the directory has it
 * @returns what its words say; none where they say nothing
 * @example servedByName('Apartment: kitchen counter') // ['kitchen-counter']
 */
export const servedByName = (name: string): ServedUse[] => [
  ...new Set(NAMES.flatMap(([words, serves]) => (words.test(name) ? serves : []))),
];
