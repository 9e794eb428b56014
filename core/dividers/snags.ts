import { statedMm } from "../design/measure";
import { set, setMm } from "../ledgers/fix";
import type { Severity, Snag } from "../ledgers/ledger";
import { baseOf } from "../shell/base";
import type { Site } from "../shell/site";
import { over } from "../units/tolerance";
import { cross, meetsTwoWalls, runOf } from "./line";
import type { Edge } from "./names";
import type { Divider } from "./schema";
import { firstMaterial, holdsBack, madeWords, STUFFS, sheetMaterial } from "./stuffs";

/** Freeboard of a divider over the water it keeps back, mm (common practice, no source). */
const FREEBOARD_MM = 20;

const opposite: Record<Edge, Edge> = { front: "back", back: "front", left: "right", right: "left" };

/** Where a divider stands, whether it holds water back, and whether it is thick enough for that. */
export function dividerSnags(site: Site, divider: Divider, path: string): Snag[] {
  const list: Snag[] = [];
  const add = (own: string, severity: Severity, snag: Omit<Snag, "stage" | "subject" | "severity">) =>
    list.push({ stage: "ground", subject: own ? `${divider.id}-${own}` : divider.id, severity, ...snag });
  lineSnags(site, divider, path, add);
  tightSnags(site, divider, path, add);
  stuffSnags(site, divider, path, add);
  return list;
}
type Add = (own: string, severity: Severity, snag: Omit<Snag, "stage" | "subject" | "severity">) => void;

function lineSnags({ shell, variant, say }: Site, divider: Divider, path: string, add: Add): void {
  const floor = baseOf(shell);
  const { line, name } = divider;
  if (floor.round) {
    add("line", "note", {
      rule: "dividers/round-floor",
      title: `${name} on a round floor`,
      sentence: "Its ends have no straight wall to stand on: it is not cut, and parts no floor here.",
      reason: "Trace it on card against the wall, and order it by that.",
    });
    return;
  }
  // Where a pool was said to stand behind it, at that pool's edge.
  const pool = variant.vessels.find((x) => x.kind === "pool" && x.divider === divider.id);
  const edge = pool && pool.u.value + (pool.u.value > floor.widthMm / 2 ? -1 : 1) * (pool.width.value / 2);
  const mid = Math.round(edge !== undefined && edge > 0 && edge < floor.widthMm ? edge : floor.widthMm / 2);
  const across = { from: { on: "front", at: statedMm(mid) }, to: { on: "back", at: statedMm(mid) } };
  if (line === null) {
    add("line", "mind", {
      rule: "dividers/no-line",
      title: `Where does ${name.toLowerCase()} stand?`,
      sentence: "Nobody said from which wall to which: it is not cut, and parts no floor.",
      reason: "Its length, its seams and the litres on either side follow from its line.",
      fix: { label: `From the front to the back, ${say(mid)} from the left`, patch: [set(`${path}/line`, across)] },
    });
    return;
  }
  if (!meetsTwoWalls(divider)) {
    add("line", "stop", {
      rule: "dividers/meets-no-wall",
      title: `${name} meets one wall only`,
      sentence: `Both its ends stand on the ${line.from.on}.`,
      reason: "A divider runs from one wall to another: only there it is held, and only so it parts the floor.",
      fix: {
        label: `End it on the ${opposite[line.from.on]}`,
        patch: [set(`${path}/line/to/on`, opposite[line.from.on])],
      },
    });
    return;
  }
  for (const side of ["from", "to"] as const) {
    const { on, at } = line[side];
    const longMm = on === "front" || on === "back" ? floor.widthMm : floor.depthMm;
    if (at.value >= 0 && !over(at.value, longMm)) continue;
    add(side, "stop", {
      rule: "dividers/meets-no-wall",
      title: `${name} misses the ${on}`,
      sentence: `Its end stands ${say(at.value)} along; the ${on} is ${say(longMm)} long.`,
      reason: "An end that stands beside its wall is held by nothing, and water runs round it.",
      fix: { label: `Set its end at ${say(longMm)}`, patch: [setMm(`${path}/line/${side}/at`, longMm)] },
    });
  }
  const run = runOf(divider, floor);
  const crossed = variant.dividers.find((other) => {
    const its = other === divider ? undefined : runOf(other, floor);
    return run && its && cross(run, its);
  });
  if (crossed)
    add("cross", "stop", {
      rule: "dividers/cross",
      title: `${name} runs through ${crossed.name.toLowerCase()}`,
      sentence: "Both stand in one place.",
      reason: "One of them ends at the other, or they stand beside each other.",
    });
  if (over(divider.height.value, shell.levels.topMm))
    add("high", "stop", {
      rule: "dividers/too-high",
      title: `${name} is higher than the shell`,
      sentence: `${say(divider.height.value)}; ${say(shell.levels.topMm, "down")} is the height inside.`,
      reason: "Nothing shuts over it.",
      fix: { label: `Make it ${say(shell.levels.topMm)} high`, patch: [setMm(`${path}/height`, shell.levels.topMm)] },
    });
}

function tightSnags({ variant, shell, say, book }: Site, divider: Divider, path: string, add: Add): void {
  if (!divider.watertight) return;
  const { name, height } = divider;
  if (!holdsBack(divider)) {
    const passes = divider.layers.some((l) => l.of === "foamStone");
    add("", "stop", {
      rule: "dividers/not-tight",
      title: "This divider is no dam",
      sentence: `${name} of ${madeWords(divider)} is said to keep water on one side.`,
      reason: `${passes ? "Foam with stone and silicone has failed as a dam; voids in it hide channels." : "Water passes it: both sides stand at one level."} Watertight is glass or plastic sheet sealed to glass (common practice, no source).`,
      fix: {
        label: "Make it a pane of glass, siliconed in",
        patch: [set(`${path}/layers`, [{ id: "layer-1", of: "glass", material: firstMaterial(book, "glass") }])],
      },
      otherFixes: [{ label: "Let water stand on both sides", patch: [set(`${path}/watertight`, false)] }],
    });
    return;
  }
  const { standingWater } = variant.seal;
  if (standingWater === null || height.value > standingWater.value) return;
  const wanted = standingWater.value + FREEBOARD_MM;
  add("", "stop", {
    rule: "dividers/too-low",
    title: "The water runs over this divider",
    sentence: `${name} is ${say(height.value)} high, water stands to ${say(shell.levels.waterMm)}.`,
    reason: "It keeps back only what stands below its top; give it freeboard.",
    fix: { label: `Make it ${say(wanted)} high`, patch: [setMm(`${path}/height`, wanted)] },
  });
}

function stuffSnags({ book }: Site, divider: Divider, path: string, add: Add): void {
  if (divider.origin === "made")
    divider.layers.forEach((sheet, i) => {
      const first = firstMaterial(book, sheet.of);
      if (sheetMaterial(book, sheet) || first === null) return;
      add(`of-${i}`, "note", {
        rule: "dividers/no-material",
        title: `Of which ${STUFFS[sheet.of].words.replace(/^an? /, "")} is ${divider.name.toLowerCase()}?`,
        sentence: "Nobody said, so it is neither cut nor bought, and its thickness is a guess.",
        reason: "Its length is from wall to wall less the beds; its thickness is what the water asks for.",
        fix: {
          label: `Cut it from “${book.materials.find((m) => m.id === first)!.name}”`,
          patch: [set(`${path}/layers/${i}/material`, first)],
        },
      });
    });
}
