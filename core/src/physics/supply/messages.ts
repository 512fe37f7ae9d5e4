export const underLoad = ' under load';
export const noVoltageOnEitherLegThe = (when: string) =>
  `No voltage on either leg${when}: the supply, or a disconnect upstream of this main, is off.`;
export const legIsLostHalfOfThe = (value: string, when: string, a: string, b: string) =>
  `Leg ${value} is lost${when} (${a}, ${b}): half of the house is dead. Leave 240 V loads off.`;
export const theLegsDifferByIfOne = (a: string, when: string, a2: string, b: string) =>
  `The legs differ by ${a}${when} (${a2}, ${b}). If one rises as the other falls, the neutral is loose or open. Unplug computers and televisions, and call now.`;
export const isTooHighMoreThanShortens = (a: string, when: string, high: string) =>
  `${a}${when} is too high: more than ${high} shortens the life of lamps and electronics.`;
export const isTooLowBelowMotorsDraw = (a: string, when: string, low: string) =>
  `${a}${when} is too low: below ${low}, motors draw more current and run hot.`;
export const theReadingLegToLegIs = (across: string, when: string, a: string) =>
  `The reading leg to leg is ${across}${when}, not ${a}: both legs may be the same, or the meter was not on both.`;
export const legDropsUnderLoad = (leg: string, worst: string, worst2: string) =>
  `Leg ${leg} drops ${worst} under load${worst2}.`;
export const checkTheMainTheLugsAnd =
  ': check the main, the lugs and the service; the utility checks its side';
export const noticeableButWithinTheRangeOf = ': noticeable, but within the range of a long service';
export const bothLegsAreNormalAnd = (a: string, b: string, loaded: string) =>
  `Both legs are normal: ${a} and ${b}${loaded}.`;
export const underLoadToo = ', under load too';
