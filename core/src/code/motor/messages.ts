export const chooseAMotor = 'Choose a motor of the table, 1/6 to 10 hp.';
export const chooseAVoltage = 'Choose 115 V or 230 V.';
export const enterTheMinimum = 'Enter the minimum circuit ampacity from the nameplate, above 0 A.';
export const maximumBelowMinimum =
  'The maximum breaker on the nameplate cannot be below its minimum circuit ampacity. Read the nameplate again.';
