export const aluminumIsNotMadeIn14 = 'Aluminum is not made in 14 AWG.';
