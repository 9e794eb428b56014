import { isPlanter, zoneName } from "../../background/zones";
import { set } from "../../ledgers/fix";
import type { Fix, Severity, Snag } from "../../ledgers/ledger";
import type { Site } from "../../shell/site";
import { heightOf } from "../../shell/space";
import { formatNumber } from "../../units/format";
import type { Plant } from "../schema";
import { siteFloor } from "../site";

/** Weeks a planted shell settles before its animal (source: ground; 2–8). */
export const SETTLE_WEEKS = { low: 2, usual: 4, high: 8 } as const;
/** Quarantine, days (source: ground; a month). */
const QUARANTINE_DAYS = 30;

/** Where a plant stands: how high, and how wide its pot may be. */
function standOf(site: Site, plant: Plant): { atMm: number; potMm: number | null; words: string } | undefined {
  const { shell, variant } = site;
  if (plant.where === "ground") return { atMm: shell.levels.groundMm, potMm: null, words: "in the substrate" };
  const zone = variant.background.zones.find((z) => z.id === plant.where && isPlanter(z));
  if (!zone) return undefined;
  const top = zone.v.value + zone.height.value / 2;
  return { atMm: heightOf(shell.faces[zone.face].frame, top), potMm: zone.width.value, words: `in ${zoneName(zone)}` };
}

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
        title: `${plant.name} has no planter`,
        sentence: "It names a planter that is no longer on any wall.",
        reason: "Plants stand in the substrate or in a planter drawn on a wall.",
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
    const net = site.shell.profile;
    if (plant.spread.value > Math.max(net.footWidthMm, net.footDepthMm))
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
