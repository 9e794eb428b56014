import { set, setMm } from "../../ledgers/fix";
import type { Fix, Severity, Snag } from "../../ledgers/ledger";
import type { Site } from "../../shell/site";
import { formatNumber } from "../../units/format";
import { ceil, over } from "../../units/tolerance";
import { PLAY_EACH_MM } from "../create";
import { branchMm, namedEnds } from "../line";
import { type EndOn, HOLDS, type Hold } from "../names";
import type { Branch, End } from "../schema";
import { type EndLoad, endLoads, HOLD, SCREWS } from "../statics";

/** An end counts as touching its wall within this, mm. From memory. */
const TOUCH_MM = 5;
/** Families that silicone holds on for years, clean. */
const CLEAN = ["glass", "temperedGlass", "steel"] as const;

const isWall = (on: EndOn): on is "left" | "right" | "back" => on !== "base" && on !== "ground";

/** How far an end is from the bare wall it is said to be on, mm: what is built up there goes round it. */
function offWallMm({ shell }: Site, on: "left" | "right" | "back", at: readonly number[]): number {
  const { widthMm, depthMm } = shell.inside;
  return { left: at[0]!, right: widthMm - at[0]!, back: depthMm - at[1]! }[on];
}

/** Whether silicone holds on a wall: bare and clean glass or metal, with nothing built up on it. */
function takesSilicone({ shell, variant }: Site, on: "left" | "right" | "back"): boolean {
  const built = variant.background.walls.some((w) => w.face === on && w.buildUp !== "none");
  return !built && shell.lining?.face !== on && CLEAN.some((f) => f === shell.faces[on].material.family);
}

const bears = (hold: Hold, { shearKPa, screwN, downN }: EndLoad, end: End, glued: boolean): boolean => {
  const limit = HOLD[hold];
  if (limit.screwN) return !over(screwN ?? downN / SCREWS, limit.screwN.value);
  if (!limit.shearKPa || (hold === "silicone" && !glued)) return false;
  const kPa = shearKPa ?? downN / ((end.bedWidth.value * end.bedHeight.value) / 1000);
  return !over(kPa, limit.shearKPa.value);
};

/** The side of a square bed that bears an end by so many kPa, mm, by fives. */
const bedMm = (downN: number, kPa: number): number => 5 * ceil(Math.sqrt((downN / (kPa * 1000)) * 1e6) / 5);

/** Whether each end of a branch touches what it is on, and is held there; and whether it may swell. */
export function endSnags(site: Site, branch: Branch, path: string): Snag[] {
  const { say } = site;
  const list: Snag[] = [];
  const add = (severity: Severity, snag: Omit<Snag, "stage" | "subject" | "severity">, side?: "left" | "right") =>
    list.push({ stage: "ground", subject: side ? `${branch.id}-${side}` : branch.id, severity, ...snag });
  const ends = namedEnds(branch);
  const loads = endLoads(branch);
  for (const [i, { side, end, at }] of ends.entries()) {
    const load = loads[i]!;
    if (!isWall(end.on)) {
      const wanted = end.on === "base" ? 0 : site.shell.levels.groundMm;
      const footMm = end.height.value - branch.thick.value / 2;
      if (Math.abs(footMm - wanted) > Math.max(TOUCH_MM, branch.thick.value / 2))
        add(
          "stop",
          {
            rule: "hardscape/end-in-the-air",
            title: `The ${side} end of ${branch.name} touches nothing`,
            sentence: `Its underside is ${say(footMm)} above the base; what it stands on is at ${say(wanted)}.`,
            reason: "An end that hangs falls, on whoever lives below it.",
            fix: {
              label: `Set its middle at ${say(wanted + branch.thick.value / 2)}`,
              patch: [setMm(`${path}/${side}/height`, wanted + branch.thick.value / 2)],
            },
          },
          side,
        );
      continue;
    }
    const offMm = offWallMm(site, end.on, at);
    if (Math.abs(offMm) > TOUCH_MM) {
      add(
        "stop",
        {
          rule: "hardscape/end-in-the-air",
          title: `The ${side} end of ${branch.name} touches nothing`,
          sentence:
            offMm > 0
              ? `It stops ${say(offMm)} short of the ${end.on}.`
              : `It is ${say(-offMm)} too long for the ${end.on}.`,
          reason: "An end that hangs falls, on whoever lives below it.",
          ...(end.on !== "back" && { fix: reachWall(site, branch, path, side, end.on) }),
        },
        side,
      );
      continue;
    }
    const glued = takesSilicone(site, end.on);
    // What leans on its wall stands on its foot; between two walls it would fall.
    if ((end.hold === "loose" && over(load.outN, 0)) || bears(end.hold, load, end, glued)) continue;
    const limit = HOLD[end.hold].shearKPa;
    const larger = limit && (end.hold !== "silicone" || glued) ? bedMm(load.downN, limit.value) : undefined;
    const others = HOLDS.filter((h) => h !== "loose" && h !== end.hold && bears(h, load, end, glued));
    add(
      "stop",
      {
        rule: "hardscape/end-not-held",
        title: `The ${side} end of ${branch.name} is not held`,
        sentence: notHeld(site, end, load, glued),
        reason: "Half of a span's weight rests at each end for as long as it stands, wet.",
        otherFixes: [
          ...(larger
            ? [
                {
                  label: `Bed it on ${say(larger)} × ${say(larger)}`,
                  patch: [setMm(`${path}/${side}/bedWidth`, larger), setMm(`${path}/${side}/bedHeight`, larger)],
                },
              ]
            : []),
          ...others.map((h) => ({ label: `Hold it by ${HOLD[h].words}`, patch: [set(`${path}/${side}/hold`, h)] })),
        ],
        figure: `hardscape/${branch.id}/${side}`,
      },
      side,
    );
  }
  const between = ends.every(({ end }) => end.on === "left" || end.on === "right");
  const playMm = site.shell.inside.widthMm - branchMm(branch);
  if (between && branch.of === "wood" && playMm < 2 * PLAY_EACH_MM && playMm > -2 * TOUCH_MM)
    add("mind", {
      rule: "hardscape/no-play",
      title: `${branch.name} will press on the walls when it swells`,
      sentence: `${say(Math.max(0, playMm), "down")} is left at its ends together; ${say(2 * PLAY_EACH_MM)} is what wet wood takes.`,
      reason: "Wood wedged between two panes swells and breaks them (from memory).",
      fix: {
        label: `Cut it ${say(2 * PLAY_EACH_MM)} short`,
        patch: [
          setMm(`${path}/width`, site.shell.inside.widthMm - 2 * PLAY_EACH_MM),
          setMm(`${path}/u`, site.shell.inside.widthMm / 2),
        ],
      },
    });
  return list;
}

/** Why an end is not held, in words. */
function notHeld(
  { shell, variant, say }: Site,
  end: End,
  { downN, screwN, shearKPa }: EndLoad,
  glued: boolean,
): string {
  const { words, shearKPa: bearsKPa, screwN: bearsN } = HOLD[end.hold];
  if (end.hold === "silicone" && !glued && isWall(end.on)) {
    const built = variant.background.walls.some((w) => w.face === end.on && w.buildUp !== "none");
    return `Silicone holds on clean glass and metal; the ${end.on} is ${built ? "built up" : shell.faces[end.on].material.name.toLowerCase()}. It is not counted.`;
  }
  if (screwN !== null && bearsN)
    return `${formatNumber(screwN, 0, "up")} N on each screw; one bears ${bearsN.value} N.`;
  if (shearKPa !== null && bearsKPa)
    return `${formatNumber(shearKPa, 1, "up")} kPa on its bed of ${say(end.bedWidth.value)} × ${say(end.bedHeight.value)}; ${words} bears ${bearsKPa.value} kPa for years.`;
  return `${formatNumber(downN, 0, "up")} N rest there, and nothing holds it.`;
}

/** Brings one end to its side wall, its play left; the other end stays where it is. */
function reachWall({ shell }: Site, branch: Branch, path: string, side: "left" | "right", on: "left" | "right"): Fix {
  const { u, width } = branch;
  const [from, to] = [u.value - width.value / 2, u.value + width.value / 2];
  const wallMm = on === "left" ? PLAY_EACH_MM : shell.inside.widthMm - PLAY_EACH_MM;
  const [left, right] = side === "left" ? [wallMm, to] : [from, wallMm];
  return {
    label: `Bring it to the ${on}`,
    patch: [setMm(`${path}/width`, right - left), setMm(`${path}/u`, (left + right) / 2)],
  };
}
