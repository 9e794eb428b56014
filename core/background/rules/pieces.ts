import { set, setMm } from "../../ledgers/fix";
import type { Severity, Snag } from "../../ledgers/ledger";
import type { Site } from "../../ledgers/site";
import { formatNumber } from "../../units/format";
import { ANCHOR, bears, leastAnchor, pullOf } from "../anchors";
import type { Wall, Zone } from "../schema";
import { isPiece, zoneName, zoneRect } from "../zones";

/** A foot counts as standing on the base within this, mm: from memory. */
const ON_BASE_MM = 10;

/** Wood, stone and planters: whether they are held, closed, drilled and kept clean. */
export function pieceSnags(site: Site, zone: Zone, wall: Wall | undefined, path: string): Snag[] {
  const name = zoneName(zone);
  const list: Snag[] = [];
  const add = (severity: Severity, snag: Omit<Snag, "stage" | "subject" | "severity">) =>
    list.push({ stage: "background", subject: zone.id, severity, ...snag });
  if (zone.kind === "planter" && !zone.drilled)
    add("stop", {
      rule: "background/planter-not-drilled",
      title: `${name} has no hole`,
      sentence: "Its bottom is not drilled, and once it is foamed in nobody gets at it.",
      reason: "Water stands in it and the roots rot. Drill it before it goes in (common practice, no source).",
      fix: { label: "Drill it first", patch: [set(`${path}/drilled`, true)] },
    });
  if (!isPiece(zone)) return list;
  const pull = pullOf(zone);
  if (!bears(zone.anchor, pull)) {
    const least = leastAnchor(pull);
    add("stop", {
      rule: "background/anchor",
      title: `${name} is not held`,
      sentence: `${formatNumber(pull.kg, 2)} kg at ${site.say(pull.leverMm)} from the wall pull ${
        zone.anchor === "screwPlate"
          ? `${formatNumber(pull.screwN, 0, "up")} N on each upper screw`
          : `${formatNumber(pull.edgeKPa, 1, "up")} kPa at the upper edge`
      }; ${ANCHOR[zone.anchor].name} bears ${
        zone.anchor === "screwPlate"
          ? `${ANCHOR.screwPlate.screwN!.value} N`
          : `${ANCHOR[zone.anchor].pullKPa!.value} kPa`
      }.`,
      reason: "What is held by hand until the glue grips falls when it gets wet, on whoever lives below it.",
      fix: { label: `Hold it by ${ANCHOR[least].name}`, patch: [set(`${path}/anchor`, least)] },
      figure: `background/${zone.id}/pull`,
    });
  }
  const foot = zoneRect(zone).vMm;
  if (zone.anchor === "floor" && foot > ON_BASE_MM)
    add("mind", {
      rule: "background/foot-off-the-base",
      title: `${name} has nothing under it`,
      sentence: `Its foot hangs ${site.say(foot)} over the base.`,
      reason: "Feet of wood and stone stand on the base, not on the ground: what digs under them is crushed.",
      fix: { label: "Set its foot on the base", patch: [setMm(`${path}/v`, zone.height.value / 2)] },
    });
  if (zone.hollow && !zone.plugged)
    add("mind", {
      rule: "background/hollow",
      title: `${name} is hollow`,
      sentence: "Its end is open: an animal can vanish in it, or get stuck.",
      reason: "Plug the end, foam a void where pieces join, or count it as a way out of sight on purpose.",
      fix: { label: "Plug its end", patch: [set(`${path}/plugged`, true)] },
    });
  if (!zone.wrapped && wall && (wall.finish === "grout" || wall.finish === "waterproofer") && zone.of !== "stone")
    add("mind", {
      rule: "background/not-wrapped",
      title: `Wrap ${name} before the coats`,
      sentence: `The ${wall.face} gets a mineral coat, which stains wood for good.`,
      reason: "Mortar and waterproofer never come out of bark (common practice, no source).",
      fix: { label: "Wrap it", patch: [set(`${path}/wrapped`, true)] },
    });
  return list;
}
