import { set, setMm } from "../../ledgers/fix";
import type { Fix, Severity, Snag } from "../../ledgers/ledger";
import type { Site } from "../../shell/site";
import { formatNumber } from "../../units/format";
import { siteFloor } from "../site";
import { ROOTED_WAYS } from "./rooted";
import { standOf } from "./stand";

/** Weeks a planted shell settles before its animal (source: ground; 2–8). */
export const SETTLE_WEEKS = { low: 2, usual: 4, high: 8 } as const;
/** Quarantine, days (source: ground; a month). */
const QUARANTINE_DAYS = 30;

/** Grown plants against the room, pots against planters, and the weeks they are given. */
export function plantSnags(site: Site): Snag[] {
  const { variant, at, say, shell } = site;
  const { ground } = variant;
  const list: Snag[] = [];
  const add = (severity: Severity, subject: string, snag: Omit<Snag, "stage" | "subject" | "severity">) =>
    list.push({ stage: "ground", subject, severity, ...snag });
  ground.plants.forEach((plant, i) => {
    const leave: Fix = { label: "Leave it out", patch: [{ op: "remove", path: at(`/ground/plants/${i}`) }] };
    const stand = standOf(site, plant);
    if (!stand) {
      add("mind", plant.id, {
        rule: "ground/planter-gone",
        title: `${plant.name} has nothing to grow on`,
        sentence: "It names a planter, slab or branch that is no longer there.",
        reason: "Plants grow in the substrate, in a planter, on wood, stone and slabs, or on a wall.",
        fix: { label: "Plant it in the substrate", patch: [set(at(`/ground/plants/${i}/where`), "ground")] },
      });
      return;
    }
    const room = shell.levels.topMm - stand.atMm;
    if (plant.height.value > room)
      add("mind", plant.id, {
        rule: "ground/outgrows",
        title: `${plant.name} outgrows the shell`,
        sentence: `Grown it is ${say(plant.height.value)}; ${stand.words} it has ${say(room, "down")}.`,
        reason: "Plants grow: what is taller than the room is pruned for life, or burns at the lamp.",
        fix: leave,
      });
    if (stand.bare && ROOTED_WAYS[plant.by].roots)
      add("mind", `${plant.id}-held`, {
        rule: "ground/not-held",
        title: `Nothing holds ${plant.name}`,
        sentence: `It grows ${stand.words}, and there is nothing there to plant it in.`,
        reason: "It is pinned, glued dry, wedged or bedded in moss until its roots hold (common practice, no source).",
        fix: { label: "Bed it in a pad of moss", patch: [set(at(`/ground/plants/${i}/by`), "moss")] },
        otherFixes: [
          { label: "Pin it with stainless wire", patch: [set(at(`/ground/plants/${i}/by`), "pinnedStainless")] },
        ],
      });
    if (stand.coversMm) {
      const [across, up] = stand.coversMm;
      const past = plant.spread.value > Math.max(across, up);
      if (past)
        add("mind", `${plant.id}-spread`, {
          rule: "ground/outgrows-slab",
          title: `${plant.name} outgrows what it grows on`,
          sentence: `Grown it spreads ${say(plant.spread.value)}; ${stand.words} it has ${say(across)} × ${say(up)}.`,
          reason: "Past its edge it hangs in the room, shades what is below and tears off with its own weight.",
          ...(stand.sizes && {
            fix: {
              label: `Make that ${say(plant.spread.value)} wide`,
              patch: [setMm(at(stand.sizes.width), plant.spread.value)],
            },
          }),
          otherFixes: [
            ...(stand.sizes
              ? [
                  {
                    label: `Make that ${say(plant.spread.value)} high`,
                    patch: [setMm(at(stand.sizes.height), plant.spread.value)],
                  },
                ]
              : []),
            leave,
          ],
        });
    }
    const net = site.shell.profile;
    if (!stand.coversMm && plant.spread.value > Math.max(net.footWidthMm, net.footDepthMm))
      add("mind", `${plant.id}-spread`, {
        rule: "ground/outspreads",
        title: `${plant.name} outgrows the floor`,
        sentence: `Grown it spreads ${say(plant.spread.value)}; the floor is ${say(net.footWidthMm)} × ${say(net.footDepthMm)}.`,
        reason: "It shades and crowds everything else.",
        fix: leave,
      });
    if (stand.potMm !== null && plant.pot.value > stand.potMm)
      add("mind", `${plant.id}-pot`, {
        rule: "ground/pot-too-wide",
        title: `${plant.name}’s pot does not go in`,
        sentence: `Its pot is ${say(plant.pot.value)}, the planter ${say(stand.potMm)}.`,
        reason: `Net pots of ${say(75)} and ${say(125)} are usual.`,
        fix: { label: "Plant it in the substrate", patch: [set(at(`/ground/plants/${i}/where`), "ground")] },
      });
    if (plant.toxic)
      add("note", `${plant.id}-toxic`, {
        rule: "ground/toxic-plant",
        title: `${plant.name} is toxic`,
        sentence: "Out of any shell whose animal, or its prey, eats leaves.",
        reason: "Check with a keeper's or a vet's reference.",
      });
  });
  const live = ground.plants.filter((p) => p.live);
  if (live.length === 0) return list;
  const grownM2 = live.reduce((sum, p) => sum + p.count * Math.PI * (p.spread.value / 2000) ** 2, 0);
  const landM2 = siteFloor(site).landM2;
  if (landM2 > 0 && grownM2 > 1.5 * landM2)
    add("note", "crowd", {
      rule: "ground/crowded",
      title: "It will be a thicket",
      sentence: `Grown plants spread over ${formatNumber(grownM2, 2)} m², ${formatNumber(grownM2 / landM2)} times the land.`,
      reason: "Fewer plants, or pruning each month.",
    });
  if (ground.settleWeeks.value < SETTLE_WEEKS.low)
    add("mind", "settle", {
      rule: "ground/no-settling",
      title: "No time to root",
      sentence: `${formatNumber(ground.settleWeeks.value)} weeks between planting and the animal; builders wait ${SETTLE_WEEKS.low} to ${SETTLE_WEEKS.high}.`,
      reason: "Those who did not wait lost plants (common practice, no source).",
      fix: {
        label: `Let it settle ${SETTLE_WEEKS.usual} weeks`,
        patch: [
          set(at("/ground/settleWeeks"), {
            typed: String(SETTLE_WEEKS.usual),
            value: SETTLE_WEEKS.usual,
            how: "stated",
          }),
        ],
      },
    });
  if (ground.quarantineDays.value < QUARANTINE_DAYS)
    add("note", "quarantine", {
      rule: "ground/short-quarantine",
      title: "A short quarantine",
      sentence: `${formatNumber(ground.quarantineDays.value)} days; a month is usual.`,
      reason: "Schools differ: who washes well and knows the seller waits less.",
    });
  return list;
}
