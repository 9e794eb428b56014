import { checkBackground } from "../background/limits";
import type { Measure } from "../design/basics";
import { checkGround } from "../ground/limits";
import { findMaterial } from "../materials/find";
import type { Book } from "../materials/schema";
import { kindOf } from "../shell/kinds/index";
import { SIZE_LIMIT_MM } from "../shell/limits";
import { formatLengthWithUnit } from "../units/format";
import type { Build } from "./schema";
import { chosenIndex } from "./variant";

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
        message: `Ground of ${say(ground.value)} cannot be right. Type between 0 and ${say(1000)}.`,
      });
  });
  for (const [side, measure] of Object.entries(build.brief.oldHome ?? {}))
    if (measure.value < SIZE_LIMIT_MM.low || measure.value > SIZE_LIMIT_MM.high)
      problems.push({
        path: `/brief/oldHome/${side}`,
        message: `The old home's ${side} of ${say(measure.value)} cannot be right. Type between ${say(SIZE_LIMIT_MM.low)} and ${say(SIZE_LIMIT_MM.high)}.`,
      });
  const { tempC, rh } = build.brief.room;
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

  const checker = { book, say, add, between };
  kindOf(variant.shell).check(variant.shell, variant, checker);
  checkBackground(variant.background, checker);
  checkGround(variant.ground, variant.service, checker);
  const { topLoadKg } = variant.shell;
  if (topLoadKg.value < 0 || topLoadKg.value > 300)
    add("/shell/topLoadKg", "The load on the top must be between 0 and 300 kg.");

  variant.slips.forEach((slips, i) => {
    const path = `/slips/${i}`;
    if (variant.slips.findIndex((o) => o.id === slips.id) !== i)
      add(`${path}/id`, "Two fields of slips share this id.");
    between(`${path}/width`, slips.width, 5, 2000, "A slip's width");
    between(`${path}/height`, slips.height, 5, 2000, "A slip's height");
    between(`${path}/joint`, slips.joint, 0, 40, "A joint");
    between(`${path}/edge`, slips.edge, 0, 500, "The edge left free");
    between(`${path}/foot`, slips.foot, 0, 3000, "The foot");
    if (slips.breakagePercent.value < 0 || slips.breakagePercent.value > 50)
      add(`${path}/breakagePercent`, "Breakage is between 0 and 50 of a hundred.");
    if (slips.onHand && (slips.onHand.value < 0 || slips.onHand.value > 10_000))
      add(`${path}/onHand`, "On hand: between 0 and 10 000 pieces.");
    const { packOf } = slips;
    if (packOf && (!Number.isInteger(packOf.value) || packOf.value < 1 || packOf.value > 10_000))
      add(`${path}/packOf`, "A pack holds a whole number of pieces, from 1 to 10 000.");
    if (slips.packPrice && (slips.packPrice.value < 0 || slips.packPrice.value > 100_000))
      add(`${path}/packPrice`, "A pack's price is between 0 and 100 000.");
  });
  variant.oddParts.forEach((odd, i) => {
    const path = `/oddParts/${i}`;
    if (variant.oddParts.findIndex((o) => o.id === odd.id) !== i) add(`${path}/id`, "Two odd parts share this id.");
    between(`${path}/length`, odd.length, 1, 10_000, `The length of ${odd.label}`);
    between(`${path}/width`, odd.width, 1, 10_000, `The width of ${odd.label}`);
    if (odd.corners) {
      const { count, length, width } = odd.corners;
      // Something must be left between two that face each other.
      between(`${path}/corners/length`, length, 1, (odd.length.value - 1) / (count === 1 ? 1 : 2), "A corner's length");
      between(`${path}/corners/width`, width, 1, (odd.width.value - 1) / (count === 4 ? 2 : 1), "A corner's width");
    }
    if (!findMaterial(book, odd.material, "sheet"))
      add(`${path}/material`, `The book has no sheet “${odd.material}”. Choose another.`);
  });

  variant.features.forEach((feature, i) => {
    const path = `/features/${i}`;
    if (variant.features.findIndex((f) => f.id === feature.id) !== i) add(`${path}/id`, "Two features share this id.");
    if (Math.abs(feature.u.value) > 10_000 || Math.abs(feature.v.value) > 10_000)
      add(path, "This feature is many metres off its face. Type where its centre is.");
    if (feature.kind === "holes") {
      between(`${path}/holeDia`, feature.holeDia, 0.5, 150, "A hole");
      between(`${path}/pitch`, feature.pitch, 0.5, 500, "The pitch");
      if (feature.pitch.value > 0 && feature.pitch.value <= feature.holeDia.value)
        add(
          `${path}/pitch`,
          `Holes of ${say(feature.holeDia.value)} run into one another at ${say(feature.pitch.value)}. Type ${say(2 * feature.holeDia.value)}.`,
        );
      if (feature.columns * feature.rows > 5000) add(`${path}/rows`, "More than 5000 holes. Use a mesh panel instead.");
      if (feature.mesh !== null && !findMaterial(book, feature.mesh, "mesh"))
        add(`${path}/mesh`, `The book has no mesh “${feature.mesh}”. Choose another.`);
    } else if (feature.kind === "port") {
      between(`${path}/bore`, feature.bore, 1, 300, "A port");
      between(`${path}/gap`, feature.gap, 0, feature.bore.value, "The gap left round it");
      if (feature.tube) {
        between(`${path}/tube/bore`, feature.tube.bore, 0.5, Math.max(0.5, feature.bore.value), "The tube's bore");
        between(`${path}/tube/rise`, feature.tube.rise, 0, 2000, "The rise");
        between(`${path}/tube/run`, feature.tube.run, 10, 5000, "The run");
        between(`${path}/tube/bendRadius`, feature.tube.bendRadius, 1, 5000, "The bend");
        if (feature.face === "top" || feature.face === "base")
          add(
            `${path}/face`,
            `A slanting tube passes a wall, not the ${feature.face}. Choose left, right, back or front.`,
          );
      }
    } else if (feature.kind === "pane") {
      between(`${path}/width`, feature.width, 5, SIZE_LIMIT_MM.high, "An opening's width");
      between(`${path}/height`, feature.height, 5, SIZE_LIMIT_MM.high, "An opening's height");
      between(`${path}/lap`, feature.lap, 0, 200, "The lap");
      if (feature.onHand) {
        between(`${path}/onHand/width`, feature.onHand.width, 5, SIZE_LIMIT_MM.high, "The pane's width");
        between(`${path}/onHand/height`, feature.onHand.height, 5, SIZE_LIMIT_MM.high, "The pane's height");
      }
      if (!findMaterial(book, feature.glass, "glass"))
        add(`${path}/glass`, `The book has no glass “${feature.glass}”. Choose another.`);
    } else if (feature.kind === "keepOut") {
      between(`${path}/width`, feature.width, 5, SIZE_LIMIT_MM.high, "A keep-out's width");
      between(`${path}/height`, feature.height, 5, SIZE_LIMIT_MM.high, "A keep-out's height");
      between(`${path}/deep`, feature.deep, 1, SIZE_LIMIT_MM.high, "How far into the room it reaches");
    } else {
      between(`${path}/width`, feature.width, 5, SIZE_LIMIT_MM.high, "An opening's width");
      between(`${path}/height`, feature.height, 5, SIZE_LIMIT_MM.high, "An opening's height");
      between(`${path}/lap`, feature.lap, 0, 200, "The lap");
      if (feature.mesh !== null && !findMaterial(book, feature.mesh, "mesh"))
        add(`${path}/mesh`, `The book has no mesh “${feature.mesh}”. Choose another.`);
    }
  });

  const { closure, seal } = variant;
  const { closures, label } = kindOf(variant.shell);
  if (!closures.includes(closure.kind))
    add("/closure", `A ${label.toLowerCase()} cannot be closed this way. Choose another door or lid.`);
  if (closure.kind === "lid") between("/closure/gap", closure.gap, 0, 50, "The gap round the lid");
  if (closure.kind === "slidingPair") {
    if (!findMaterial(book, closure.track, "track"))
      add("/closure/track", `The book has no track “${closure.track}”. Choose another.`);
    if (!findMaterial(book, closure.glass, "glass"))
      add("/closure/glass", `The book has no glass “${closure.glass}”. Choose another.`);
    between("/closure/overlap", closure.overlap, 5, 200, "The overlap");
    between("/closure/sideAllowance", closure.sideAllowance, 0, 20, "The side allowance");
  }
  if (!findMaterial(book, seal.sealant, "sealant"))
    add("/seal/sealant", `The book has no sealant “${seal.sealant}”. Choose another.`);
  between("/seal/leg", seal.leg, 2, 40, "A bead");
  between("/seal/standingWater", seal.standingWater, 1, 1500, "Standing water");
  between("/seal/airingDays", seal.airingDays, 0, 60, "Airing, in days,");
  return problems;
}
