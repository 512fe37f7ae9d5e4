import type { ReactNode } from 'react';
import { rich } from '../../shared/rich/index.ts';

export const panel = 'Panel';
export const circuitDirectory = 'Circuit directory';
export const nameRoomsAndFixedEquipmentNot =
  'Name rooms and fixed equipment, not people or furniture. Print it large and post it the way the panel is mounted.';
export const customSize = 'Custom size';
export const print = 'Print';
export const directorySize = 'Directory size';
export const widthMm = 'Width (mm)';
export const heightMm = 'Height (mm)';
export const enterBothFrom60To600 = 'Enter both, from 60 to 600 mm.';
export const typeSize = (points: ReactNode, isLegible: string) => rich`Type size ${points}${isLegible}`;
export const pt = (points: number) => `${points} pt`;
export const readableAtArmSLength = ': readable at arm’s length.';
export const typeUnderPtIsHardTo = (legiblept: number) =>
  `: type under ${legiblept} pt is hard to read in a dark basement. Use a larger directory or shorter names.`;
export const noNameYet = (unnamed: string, link: ReactNode) => rich`${unnamed} no name yet: ${link}.`;
export const breakerHas = '1 breaker has';
export const breakersHave = (unnamed: number) => `${unnamed} breakers have`;
export const mapTheCircuits = 'map the circuits';
export const circuitDirectoryPdf = 'Circuit directory (PDF)';
export const letterSheetToCut = 'Letter sheet to cut';
export const tapeMm = (value: number) => `Tape, ${value} mm`;
export const labelStock = 'Label stock';
export const labelStripPdf = 'Label strip (PDF)';
export const preview = 'Preview';
export const space = 'Space';
export const feeds = 'Feeds';
export const rating = 'Rating';
export const directoryPostedNow = 'Directory posted now';
export const typeThePostedDirectoryAsIt =
  'Type the posted directory as it reads, one breaker per line: space, then name.';
export const copiedOn = (at: string) => `Copied on ${at}.`;
export const kitchen24Stove = '1 kitchen\n2-4 stove';
export const saved = 'Saved';
export const saveThePostedDirectory = 'Save the posted directory';
export const theNewDirectoryIsPosted = 'The new directory is posted';
export const differences = 'Differences';
export const thePostedDirectoryMatchesThe = '✓ The posted directory matches the record.';
export const difference = '1 difference';
export const differencesOf = (findingsCount: number) => `${findingsCount} differences`;
export const likelyLoads = 'Likely loads of the unnamed breakers';
export const guessedFromPolesAndRating =
  'Guessed from poles, rating, breaker type and the other circuits. Check each one before you write it down.';
export const breakerOfAmps = (place: string, amps: number) => `${place}, ${amps} A:`;
export const likely = (words: string, percent: number) => `${words} (${percent}%)`;
