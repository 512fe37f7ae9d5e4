/**
 * Full-load current of single-phase motors, A, by horsepower. NEC 2023, Table 430.248, columns of 115 V and 230 V.
 */
export const MOTOR_AMPS = [
  { horsepower: 1 / 6, name: '1/6', 115: 4.4, 230: 2.2 },
  { horsepower: 1 / 4, name: '1/4', 115: 5.8, 230: 2.9 },
  { horsepower: 1 / 3, name: '1/3', 115: 7.2, 230: 3.6 },
  { horsepower: 1 / 2, name: '1/2', 115: 9.8, 230: 4.9 },
  { horsepower: 3 / 4, name: '3/4', 115: 13.8, 230: 6.9 },
  { horsepower: 1, name: '1', 115: 16, 230: 8 },
  { horsepower: 1.5, name: '1 1/2', 115: 20, 230: 10 },
  { horsepower: 2, name: '2', 115: 24, 230: 12 },
  { horsepower: 3, name: '3', 115: 34, 230: 17 },
  { horsepower: 5, name: '5', 115: 56, 230: 28 },
  { horsepower: 7.5, name: '7 1/2', 115: 80, 230: 40 },
  { horsepower: 10, name: '10', 115: 100, 230: 50 },
] as const;

/**
 * What a motor circuit’s conductor and inverse-time breaker are of its full-load current, percent. NEC 2023, 430.22 and
 * Table 430.52(C)(1).
 */
export const MOTOR_PERCENT = { conductor: 125, breaker: 250 } as const;
