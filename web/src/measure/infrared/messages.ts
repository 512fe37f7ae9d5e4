import type { ReactNode } from 'react';
import { rich } from '../../shared/rich/index.ts';

export const thisFileIsNotAnImage = 'This file is not an image.';
export const panelPhoto = 'Panel photo';
export const photoOfTheBoardWithIts = 'Photo of the board with its corners marked';
export const thePhotoCouldNotBeRead = 'The photo could not be read. Nothing was saved.';
export const onRecord = 'On record';
export const savePhoto = 'Save photo';
export const discard = 'Discard';
export const theseImagesCannotBeCompared = 'These images cannot be compared.';
export const loading = 'Loading …';
export const temperaturesOn = (at: string) => `Temperatures on ${at}`;
export const comparingTheImages = 'Comparing the images …';
export const space = (space: number) => `Space ${space}`;
export const largestChanges = 'Largest changes';
export const largestChangesBySpaceHighest = 'Largest changes by space: highest rise above ambient';
export const spaceLabel = 'Space';
export const beforeRiseAboveAmbient = 'Before: rise above ambient';
export const afterRiseAboveAmbient = 'After: rise above ambient';
export const change = 'Change';
export const infraredImage = 'Infrared image';
export const temperaturesFromToWithTheBoard = (from: string, to: string) =>
  `Temperatures from ${from} to ${to}, with the board and its hot spots marked`;
export const dragTheFourCornersOntoThe =
  'Drag the four corners onto the corners of the board, or select a corner and use the arrow keys.';
export const ambient = (temperatureUnit: string) => `Ambient, ${temperatureUnit}`;
export const camera = 'Camera';
export const load = 'Load';
export const hotSpotThresholdAboveThe = (temperatureUnit: string) =>
  `Hot spot threshold, ${temperatureUnit} above the background`;
export const theFileReadsToIfThat = (from: string, to: string) =>
  `The file reads ${from} to ${to}. If that is wrong, choose its unit:`;
export const findingHotSpots = 'Finding hot spots …';
export const waitingForTheServerTheImage =
  'Waiting for the server. The image is saved as soon as the server answers.';
export const saveImage = 'Save image';
export const voidedYouCanUndoThis = 'Voided. You can undo this.';
export const shouldNotCount = 'Should not count';
export const voidThisImage = 'Void this image';
export const correctForBareMetal = 'Correct for bare metal';
export const emissivitySetInTheCamera = 'Emissivity set in the camera';
export const emissivityOfTheMetal = 'Emissivity of the metal';
export const reflectedTemperature = (temperatureUnit: string) => `Reflected temperature, ${temperatureUnit}`;
export const hotSpots = 'Hot spots';
export const noHotSpots = 'No hot spots';
export const hotSpot = '1 hot spot';
export const hotSpotsOf = (spotsCount: number) => `${spotsCount} hot spots`;
export const enterTheAmbientTemperature = 'Enter the ambient temperature. Rises are measured from it.';
export const outsideThePanel = 'outside the panel';
export const spaceNoBreaker = (space: number) => `space ${space}, no breaker`;
export const aboveTheBackgroundPixels = (overBackgroundC: string, ambientC: ReactNode, cells: number) =>
  rich`${overBackgroundC} above the background${ambientC}, ${cells} pixels`;
export const aboveAmbient = (maxC: string) => `, ${maxC} above ambient`;
export const fromAnInfraredImage = (camera: string) => `From an infrared image${camera}.`;
export const logAsTerminalTemperature = 'Log as terminal temperature';
export const logAsFaceTemperature = 'Log as face temperature';
export const coolerSpotsAreNotListedRaise = (spotsCount: number) =>
  `${spotsCount} cooler spots are not listed. Raise the threshold to narrow the list.`;
export const panel = 'Panel';
export const infraredImages = 'Infrared images';
export const temperatureMatrix = 'Temperature matrix';
export const ordinaryPhoto = 'Ordinary photo';
export const aCsvTsvOrJsonMatrix =
  'A CSV, TSV or JSON matrix of up to 640 × 640 pixels, as exported by infrared cameras and their software.';
export const theFileCouldNotBeRead = 'The file could not be read. Nothing was saved.';
export const beforeAndAfter = 'Before and after';
export const compareWith = 'Compare with';
export const thisImageCannotBeOpened = 'This image cannot be opened.';
export const noInfraredImagesYetTakeOne =
  'No infrared images yet. Take one of the whole board under load and open its temperature matrix here. Phylaxon finds the hot spots and matches them to breakers.';
export const savedImages = 'Saved images';
export const ambientAndCamera = (content: string, ambientC: string, simulated: ReactNode) =>
  rich`${content}, ambient ${ambientC}${simulated}`;
export const simulated = ', simulated';
export const panelPhotos = 'Panel photos';
export const photoOfTheBoard = (at: string) => `Photo of the board, ${at}`;
export const shouldNotBeShown = 'Should not be shown';
export const voidLabel = 'Void';
export const topLeft = 'top left';
export const topRight = 'top right';
export const bottomRight = 'bottom right';
export const bottomLeft = 'bottom left';
export const cornerOfTheBoard = (i: string | undefined) => `Corner of the board, ${i}`;
export const acrossDown = (x: number, y: number) => `${x} across, ${y} down`;
export const theFileCannotBeRead = 'The file cannot be read.';
export const theImageCouldNotBeProcessed = 'The image could not be processed.';
export const hottest = (celsius: string) => `Hottest spot ${celsius}`;
export const hotSpotsInThisImage = 'Hot spots in this image';
