export const leg = (leg: string | null) => `Leg ${leg}`;
