export const contactMeter = 'contact meter';
export const clampMeter = 'clamp meter';
export const plugInMeter = 'plug-in meter';
export const infraredThermometer = 'infrared thermometer';
export const infraredCamera = 'infrared camera';
export const nonContactTester = 'non-contact tester';
export const insulationTester = 'insulation tester';
export const millivoltMeter = 'millivolt meter';
