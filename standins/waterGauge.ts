import { xoroshiro128plus } from "pure-rand/generator/xoroshiro128plus";

/** What a simulated water gauge measures: a shell that leaks or not, and a pan that dries with it. */
export interface GaugeSetting {
  /** First reading, an ISO time. */
  startAt: string;
  hours: number;
  everyHours: number;
  levelMm: number;
  leakMmPerDay: number;
  evaporationMmPerDay: number;
  /** The pan's evaporation as a share of the shell's: 1 for a pan that is like it, 2 for one in the sun. */
  panShare: number;
  /** One standard deviation of a reading, mm. */
  readingErrorMm: number;
  seed: number;
}

const PAN_START_MM = 50;

/** Numbers thrown away first: near seeds begin alike. */
const BEGIN_ALIKE = 32;

/** Numbers of a normal distribution, by Box and Muller. */
export function normals(seed: number): () => number {
  const generator = xoroshiro128plus(seed);
  for (let i = 0; i < BEGIN_ALIKE; i++) generator.next();
  const random = () => ((generator.next() >>> 0) + 0.5) / 2 ** 32;
  return () => Math.sqrt(-2 * Math.log(random())) * Math.cos(2 * Math.PI * random());
}

/** Readings of shell and pan, both at the same moments; the same seed gives the same ones. */
export function simulateTest(setting: GaugeSetting) {
  const { startAt, hours, everyHours, levelMm, leakMmPerDay, evaporationMmPerDay, panShare, readingErrorMm } = setting;
  const normal = normals(setting.seed);
  const start = Date.parse(startAt);
  const moments = Array.from({ length: Math.floor(hours / everyHours + 1e-9) + 1 }, (_, i) => i * everyHours);
  const read = (from: number, perDay: number) =>
    moments.map((h) => ({
      at: new Date(start + h * 3_600_000).toISOString(),
      levelMm: Math.round((from - (perDay * h) / 24 + readingErrorMm * normal()) * 100) / 100,
    }));
  return {
    readings: read(levelMm, leakMmPerDay + evaporationMmPerDay),
    control: { readings: read(PAN_START_MM, evaporationMmPerDay * panShare) },
  };
}
