import { formatNumber, type LengthDisplay } from "../../units/format";
import { MM_PER } from "../../units/length";
import { ceil } from "../../units/tolerance";

/** Drill bits are sold by half a millimetre from 1 mm, by a sixty-fourth of an inch from the first. */
const METRIC = { stepMm: 0.5, leastMm: 1 } as const;
const INCH_STEPS = 64;
/** From here on a rod or a stick cut to size is the gauge. */
const MOST_MM = 13;

/** A rod or drill bit to try a gap with. */
export interface Gauge {
  mm: number;
  words: string;
}

/** A fraction of an inch in its lowest terms: `5/64`. */
function fraction(sixtyFourths: number): string {
  let [over, under] = [sixtyFourths, INCH_STEPS];
  while (over % 2 === 0 && under > 1) [over, under] = [over / 2, under / 2];
  const whole = Math.floor(over / under);
  const rest = over - whole * under;
  return [whole > 0 || rest === 0 ? String(whole) : "", rest > 0 ? `${rest}/${under}` : ""].filter(Boolean).join(" ");
}

/**
 * The thinnest bit or rod that is no thinner than what a gap may be: where it does not go through, nothing that counts does.
 * @param allowedMm widest the gap may be, mm
 * @example
 * gaugeFor(7, { unit: "mm" }).mm; // 7
 * gaugeFor(1.7, { unit: "mm" }).words; // "2 mm drill bit"
 */
export function gaugeFor(allowedMm: number, units: LengthDisplay): Gauge {
  const inches = units.unit === "in";
  const stepMm = inches ? MM_PER.in / INCH_STEPS : METRIC.stepMm;
  const steps = Math.max(inches ? 1 : METRIC.leastMm / stepMm, ceil(allowedMm / stepMm));
  const mm = steps * stepMm;
  const size = inches ? `${fraction(steps)}"` : `${formatNumber(mm, 1)} mm`;
  return { mm, words: `${size} ${mm > MOST_MM ? "rod" : "drill bit"}` };
}
