/** What the hours of a day come to. */
export const least = (day: readonly number[]): number => Math.min(...day);
export const most = (day: readonly number[]): number => Math.max(...day);
export const mean = (day: readonly number[]): number => day.reduce((sum, x) => sum + x, 0) / day.length;

/** Hours of a day for which something holds. */
export const hoursOf = (day: readonly number[], holds: (x: number) => boolean): number => day.filter(holds).length;
