import * as messages from './messages.ts';

/** A visit as whoever lives there follows it. */
export interface HomeownerGuide {
  happens: string[];
  prepare: string[];
  ask: string[];
  done: string[];
}

/**
 * What a homeowner needs to know of a visit: what will happen, what to prepare, what to ask, how to see that it was done right.
 *
 * @param about how many things are done, for how long, and what makes the panel dead
 * @returns lines; none of them lets anybody open a cover
 * @example homeownerGuide({ count: 1, minutes: 30, off: 'its main' }).happens.length // 5
 */
export const homeownerGuide = ({
  count,
  minutes,
  off,
}: {
  count: number;
  minutes: number;
  off: string;
}): HomeownerGuide => ({
  happens: [
    messages.aQualifiedElectricianDe(off),
    messages.theElectricianRemovesTheCover,
    count === 1 ? messages.theElectricianDoesOneTask : messages.theElectricianDoesTasksInside(count),
    messages.theCoverGoesBackOnBefore,
    messages.thePowerIsOffForAbout(minutes),
  ],
  prepare: [
    messages.clearTheWayToThePanel,
    messages.shutDownComputersKeepThe,
    messages.listTheCriticalLoadsAndAny,
  ],
  ask: [
    messages.whichPartWillYouInstallAnd,
    messages.mayISeeTheReadingsAbsence,
    messages.whichCircuitsChangedAndIsThe,
    messages.didYouSeeAnythingElseIn,
    messages.isAPermitNeededAndWho,
  ],
  done: [
    messages.theCoverIsOnWithAll,
    messages.everyBreakerThatWasOnBefore,
    messages.theTestButtonOfEachGfci,
    messages.afterHalfAnHourWithThe,
    messages.theDirectoryListsTheRoomsOn,
  ],
});
