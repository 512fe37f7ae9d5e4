/** Titles shown beside figures that come from a standard. Edition: NEC 2023 (NFPA 70). */
export const CITATIONS = {
  standardRatings: 'NEC 2023, 240.6(A), standard ampere ratings',
  ampacity: 'NEC 2023, table 310.16, with tables 310.15(B)(1) and 310.15(C)(1)',
  smallConductor: 'NEC 2023, 240.4(D), small conductors',
  nextSizeUp: 'NEC 2023, 240.4(B), next standard rating up',
  continuousLoad: 'NEC 2023, 210.20(A), 125 % of continuous load',
  maximumDemand: 'NEC 2023, 220.87, highest mean of 15 minutes',
  motorCompressor: 'NEC 2023, 440.22, nameplate maximum overcurrent protection',
  thermalTrip: 'UL 489, thermal calibration at 25 °C; NETA / NEMA AB 4, field test at 300 %',
  heatOverPeers: 'ANSI/NETA MTS, thermographic survey, rise over similar parts',
  terminalRise: 'UL 489, terminal temperature rise at rated current, 50 °C',
  hotRemarking: 'NEC 2023, 200.7(C), white or gray conductors re-marked as hot',
  groundColors: 'NEC 2023, 250.119, equipment grounding conductors',
  voltage: 'ANSI C84.1, service voltage, 120 V ± 5 %',
} as const;
