export const wattsCannotExceedVoltsAmps = 'Watts cannot exceed volts × amps. Check the three readings.';
