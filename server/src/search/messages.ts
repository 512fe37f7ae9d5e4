export const gfciGroundFault = 'gfci ground-fault';
export const afciArcFault = 'afci arc-fault';
export const gfciAfciGroundFaultArcFault = 'gfci afci ground-fault arc-fault dual';
export const main = 'Main';
export const space = (place: string) => `Space ${place}`;
