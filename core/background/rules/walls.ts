import { set, setMm } from "../../ledgers/fix";
import type { Severity, Snag } from "../../ledgers/ledger";
import type { TestStanding } from "../../seal/test/standing";
import { waterStands } from "../../seal/water";
import type { Site } from "../../shell/site";
import { capital } from "../../units/capital";
import { BUILD_UP } from "../buildUps";
import type { Cover } from "../cover";
import { FIBRE, FINISH, gripOf } from "../finishes";
import { LIFT_MM } from "../foam";

/** A lift over this never sets through, mm: from memory. */
const NEVER_LIFT_MM = 60;
/** Carved foam thinner than this has holes in it, mm: from memory. */
const THIN_MM = 15;
/** Animals that pass smaller holes than this vanish behind a background: from memory. */
const TINY_MM = 4;

/** What is wrong with a wall as a whole. */
export function wallSnags(site: Site, cover: Cover, test: Pick<TestStanding, "status">, path: string): Snag[] {
  const { wall } = cover;
  const { say, brief, shell } = site;
  const list: Snag[] = [];
  const add = (severity: Severity, snag: Omit<Snag, "stage" | "subject" | "severity">) =>
    list.push({ stage: "background", subject: wall.face, severity, ...snag });
  if (waterStands(site) && test.status !== "testedBeforeDressing") {
    if (wall.up)
      add(test.status === "tested" ? "mind" : "stop", {
        rule: "background/before-the-test",
        title: "Covered before the water test",
        sentence: `The ${wall.face} is up, and the base was not tested before anything covered its seams.`,
        reason:
          "A leak found under a background costs more than any other mistake: test at the working line, a day at the least, with a pan beside it.",
        fix: { label: "It is not up yet", patch: [set(`${path}/up`, false)] },
      });
    else
      add("note", {
        rule: "background/test-first",
        title: "The water test comes first",
        sentence: `The ${wall.face} waits for it: the diary has the test before it.`,
        reason: "Seams are reached only while nothing covers them.",
      });
  }
  if (BUILD_UP[wall.buildUp].carved && wall.buildUp !== "board" && wall.lift.value > LIFT_MM.value)
    add(wall.lift.value > NEVER_LIFT_MM ? "stop" : "mind", {
      rule: "background/thick-lift",
      title: "A lift too thick",
      sentence: `${say(wall.lift.value)} in one go; ${say(LIFT_MM.value)} once risen is the most.`,
      reason: "Thick foam stays wet inside and caves when it is carved (the limit is from memory).",
      fix: { label: `Foam in lifts of ${say(LIFT_MM.value)}`, patch: [setMm(`${path}/lift`, LIFT_MM.value)] },
    });
  if (BUILD_UP[wall.buildUp].carved && wall.depth.value < THIN_MM)
    add("mind", {
      rule: "background/thin",
      title: "Thin in its valleys",
      sentence: `${say(wall.depth.value)} where it is thinnest; under ${say(THIN_MM)} a lamp behind shows through, and carving bares the wall.`,
      reason:
        "Thin spots are found after the coat, and each patch is carved, glued and cured again (the limit is from memory).",
      fix: { label: `Make its valleys ${say(THIN_MM)} deep`, patch: [setMm(`${path}/depth`, THIN_MM)] },
    });
  const filled = Math.max(shell.levels.groundMm, shell.levels.groundFrontMm, shell.levels.waterMm);
  if (wall.foot && wall.foot.value < filled)
    add("mind", {
      rule: "background/in-the-ground",
      title: "The wall stands in the substrate",
      sentence: `It begins at ${say(wall.foot.value)}; substrate or water comes to ${say(filled)}.`,
      reason:
        "The strip over the substrate is left bare on purpose: foam under it hides channels and cannot be renewed.",
      fix: { label: "Begin just over the substrate", patch: [set(`${path}/foot`, null)] },
    });
  if (cover.m2 <= 0)
    add("mind", {
      rule: "background/nothing-left",
      title: `Nothing of the ${wall.face} is left to cover`,
      sentence: `It begins at ${say(cover.footMm)}, and openings and keep-outs take the rest.`,
      reason: "A wall without a face takes work and no foam.",
      fix: { label: "Build nothing there", patch: [set(`${path}/buildUp`, "none")] },
    });
  const walls = site.variant.seal.stacks.find((s) => s.face === wall.face);
  const foamed = walls?.layers.findIndex((l) => l.layer === "foamPond" || l.layer === "foamBuilding") ?? -1;
  if (foamed >= 0 && walls) {
    const at = site.variant.seal.stacks.indexOf(walls);
    add("mind", {
      rule: "background/foamed-twice",
      title: `The ${wall.face} is foamed twice`,
      sentence: "Foam stands in its seal as well as in its background.",
      reason: "Foam seals nothing; the background plans it with its lifts, waits and cans.",
      fix: {
        label: "Leave it to the background",
        patch: [set(site.at(`/seal/stacks/${at}/layers`), walls.layers.slice(0, foamed))],
      },
    });
  }
  if (wall.buildUp === "veneer" && !site.variant.slips.some((s) => s.face === wall.face))
    add("mind", {
      rule: "background/no-slips",
      title: `No slips are laid out on the ${wall.face}`,
      sentence: "Their number, joints and breakage are reckoned where they are laid out, under Cuts.",
      reason: "Someone always has some number of pieces: the joint is worked out from it.",
    });
  const padded = brief.residents.find((r) => r.traits.toePads && r.traits.climbs);
  if (padded && BUILD_UP[wall.buildUp].carved) {
    const grip = gripOf(wall.finish, wall.fibre);
    const fibred = FINISH[wall.finish].fibreLPerM2 !== undefined;
    if (grip === "poor")
      add("mind", {
        rule: "background/slippery",
        title: `${padded.name} will slip`,
        sentence: `It climbs on toe pads; the ${wall.face} is faced with ${FIBRE[wall.fibre].name}.`,
        reason: "Toe pads slip on peat; tree-fern fibre, cork and mineral coats hold (common practice, no source).",
        fix: { label: "Face it with tree-fern fibre", patch: [set(`${path}/fibre`, "treeFern")] },
        otherFixes: [{ label: "Coat it with waterproofer", patch: [set(`${path}/finish`, "waterproofer")] }],
      });
    else if (grip === "fair" && fibred && FIBRE[wall.fibre].note)
      add("note", {
        rule: "background/try-the-grip",
        title: `Try ${padded.name.toLowerCase()}’s grip`,
        sentence: `${capital(FIBRE[wall.fibre].name)}: ${FIBRE[wall.fibre].note}.`,
        reason: "Careful builders differ. A finished scrap stood in the old home tells.",
      });
  }
  const tiny = brief.residents.find((r) => r.narrowestRigid && r.narrowestRigid.value < TINY_MM);
  if (tiny && BUILD_UP[wall.buildUp].removable)
    add("mind", {
      rule: "background/vanish-behind",
      title: `${tiny.name} can vanish behind it`,
      sentence: `Its narrowest measure is ${say(tiny.narrowestRigid!.value)}; panels that come out leave gaps behind them.`,
      reason:
        "For very small animals builders leave the background out, or seal its whole edge (common practice, no source).",
      fix: { label: "Build none, plant instead", patch: [set(`${path}/buildUp`, "none")] },
    });
  if (
    wall.foam === "foamBuilding" &&
    wall.finish === "bareSkin" &&
    (wall.buildUp === "foam" || wall.buildUp === "panels")
  )
    add("note", {
      rule: "background/yellows",
      title: "Building foam yellows in light",
      sentence: `The ${wall.face} is left as foamed.`,
      reason: "Pond foam is black and stays so; a coat hides it either way.",
    });
  return list;
}
