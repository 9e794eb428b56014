import type { Measure } from "../design/basics";
import type { Book } from "../materials/schema";
import { SIZE_LIMIT_MM } from "../shell/limits";
import { TRADES } from "../trades/list";
import { formatLengthWithUnit } from "../units/format";
import type { Build } from "./schema";
import { chosenIndex } from "./variant";

/** More than this is no draught of a room, m/s. */
const MOST_DRAUGHT = 1;

/** Something that cannot be planned at all, at its place. `path` is a JSON Pointer into the build. */
export interface Problem {
  path: string;
  message: string;
}

/**
 * What keeps a build from being planned. A design that passes plans without an error and without NaN.
 * @param build a build of the right shape
 * @param book the materials it names
 * @returns problems in reading order, each with the number that would be right where there is one
 */
export function checkDesign(build: Build, book: Book): Problem[] {
  const problems: Problem[] = [];
  const units = build.brief.units;
  const say = (mm: number) => formatLengthWithUnit(mm, units);
  const index = chosenIndex(build);
  const variant = build.variants[index]!;
  const at = (path: string) => `/variants/${index}${path}`;
  const add = (path: string, message: string) => problems.push({ path: at(path), message });

  const between = (path: string, measure: Measure | null, lowMm: number, highMm: number, what: string) => {
    if (!measure) return;
    if (measure.value <= 0 && lowMm > 0)
      add(path, `${what} must be more than zero; ${measure.typed} was kept out. Type ${say(lowMm)} or more.`);
    else if (measure.value < lowMm)
      add(path, `${what} of ${say(measure.value)} is too small. Type ${say(lowMm)} or more.`);
    else if (measure.value > highMm)
      add(path, `${what} of ${say(measure.value)} is too large. Type ${say(highMm)} or less; did a unit slip?`);
  };

  build.variants.forEach((other, i) => {
    if (build.variants.findIndex((v) => v.id === other.id) !== i)
      problems.push({
        path: `/variants/${i}/id`,
        message: `Two variants are called ${other.id}. Give one another id.`,
      });
  });
  build.brief.residents.forEach((resident, i) => {
    const path = `/brief/residents/${i}`;
    for (const key of ["narrowestRigid", "refusedGap"] as const) {
      const measure = resident[key];
      if (measure && (measure.value <= 0 || measure.value > 300))
        problems.push({
          path: `${path}/${key}`,
          message: `${say(measure.value)} cannot be right here. Type between ${say(0.5)} and ${say(300)}.`,
        });
    }
    for (const key of ["length", "width", "height"] as const) {
      const need = resident.needs[key];
      if (need && (need.value < 20 || need.value > 10_000))
        problems.push({
          path: `${path}/needs/${key}`,
          message: `${say(need.value)} cannot be what it needs. Type between ${say(20)} and ${say(10_000)}.`,
        });
    }
    const reach = resident.reach;
    if (reach && (reach.value < 0 || reach.value > 5000))
      problems.push({
        path: `${path}/reach`,
        message: `A reach of ${say(reach.value)} cannot be right. Type between 0 and ${say(5000)}.`,
      });
    for (const [key, low, high, unit] of [
      ["tempC", -5, 50, "°C"],
      ["rh", 0, 100, "%"],
    ] as const) {
      const band = resident.bands[key];
      if (band && (band.low > band.high || band.low < low || band.high > high))
        problems.push({
          path: `${path}/bands/${key}`,
          message: `The band's lower end must be below its upper, between ${low} and ${high} ${unit}.`,
        });
    }
    const ground = resident.groundDepth;
    if (ground && (ground.value < 0 || ground.value > 1000))
      problems.push({
        path: `${path}/groundDepth`,
        message: `Substrate of ${say(ground.value)} cannot be right. Type between 0 and ${say(1000)}.`,
      });
  });
  for (const [side, measure] of Object.entries(build.brief.oldHome ?? {}))
    if (measure.value < SIZE_LIMIT_MM.low || measure.value > SIZE_LIMIT_MM.high)
      problems.push({
        path: `/brief/oldHome/${side}`,
        message: `The old home's ${side} of ${say(measure.value)} cannot be right. Type between ${say(SIZE_LIMIT_MM.low)} and ${say(SIZE_LIMIT_MM.high)}.`,
      });
  const { tempC, rh, draught } = build.brief.room;
  if (draught && (draught.value < 0 || draught.value > MOST_DRAUGHT))
    problems.push({
      path: "/brief/room/draught",
      message: `A draught of ${draught.typed} m/s is wind. Type between 0 and ${MOST_DRAUGHT} m/s; indoors it is about 0.1.`,
    });
  if (tempC.low > tempC.high || tempC.low < -10 || tempC.high > 45)
    problems.push({
      path: "/brief/room/tempC",
      message: "The room's coolest must be below its warmest, between −10 and 45 °C.",
    });
  if (rh.low > rh.high || rh.low < 0 || rh.high > 100)
    problems.push({
      path: "/brief/room/rh",
      message: "The room's driest must be below its dampest, between 0 and 100 %.",
    });

  for (const trade of TRADES) trade.check?.(variant, { book, say, add, between });
  return problems;
}
