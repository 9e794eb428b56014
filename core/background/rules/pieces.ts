import { set, setMm } from "../../ledgers/fix";
import type { Severity, Snag } from "../../ledgers/ledger";
import type { Site } from "../../shell/site";
import { formatNumber } from "../../units/format";
import { ANCHOR, bears, leastAnchor, pullOf } from "../anchors";
import { BUILD_UP } from "../buildUps";
import { wallLayers } from "../layers";
import type { Wall, Zone } from "../schema";
import { spansRoom } from "../span";
import { isPiece, isPlanter, zoneName, zoneRect } from "../zones";

/** A foot counts as standing on the base within this, mm: from memory. */
const ON_BASE_MM = 10;

/** Wood, stone and planters: whether they are held, closed, drilled and kept clean. */
export function pieceSnags(site: Site, zone: Zone, wall: Wall | undefined, path: string): Snag[] {
  const name = zoneName(zone);
  const list: Snag[] = [];
  const add = (severity: Severity, snag: Omit<Snag, "stage" | "subject" | "severity">) =>
    list.push({ stage: "background", subject: zone.id, severity, ...snag });
  if (isPlanter(zone) && !zone.drilled)
    add("stop", {
      rule: "background/planter-not-drilled",
      title: `${name} has no hole`,
      sentence: "Its bottom is not drilled, and once it is foamed in nobody gets at it.",
      reason: "Water stands in it and the roots rot. Drill it before it goes in (common practice, no source).",
      fix: { label: "Drill it first", patch: [set(`${path}/drilled`, true)] },
    });
  if (!isPiece(zone)) return list;
  const span = spansRoom(site.shell, zone);
  const pull = pullOf(zone, span);
  const built = wall !== undefined && wall.buildUp !== "none";
  const least = leastAnchor(pull, built);
  if (zone.anchor === "silicone" && built)
    add("stop", {
      rule: "background/silicone-not-counted",
      title: `Silicone does not hold ${name} there`,
      sentence: `It is bedded on ${BUILD_UP[wall.buildUp].name.toLowerCase()}, not on clean glass: its silicone is not counted.`,
      reason: "Silicone peels off foam, mortar and dust; the piece hangs by nothing (common practice, no source).",
      fix: { label: `Hold it by ${ANCHOR[least].name}`, patch: [set(`${path}/anchor`, least)] },
      figure: `background/${zone.id}/pull`,
    });
  else if (!bears(zone.anchor, pull)) {
    add("stop", {
      rule: "background/anchor",
      title: `${name} is not held`,
      sentence: `${formatNumber(pull.kg, 2)} kg ${span ? "resting on two walls, half at each end, put" : `at ${site.say(pull.leverMm)} from the wall pull`} ${
        zone.anchor === "screwPlate"
          ? `${formatNumber(pull.screwN, 0, "up")} N on each ${span ? "" : "upper "}screw`
          : `${formatNumber(pull.edgeKPa, 1, "up")} kPa ${span ? "on its bed" : "at the upper edge"}`
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
      reason: "Feet of wood and stone stand on the base, not on the substrate: what digs under them is crushed.",
      fix: { label: "Set its foot on the base", patch: [setMm(`${path}/v`, zone.height.value / 2)] },
    });
  // Where somebody wants to be out of sight, an open hollow is a hide on purpose.
  if (zone.hollow && !zone.plugged && !site.brief.residents.some((r) => r.traits.wantsPrivacy))
    add("note", {
      rule: "background/hollow",
      title: `${name} is hollow`,
      sentence: "Its end is open: a hide, if an animal can turn in it; a trap, if it cannot.",
      reason: "Leave it open as a hide on purpose, or plug the end and foam voids where pieces join.",
      fix: { label: "Plug its end", patch: [set(`${path}/plugged`, true)] },
    });
  const stains =
    wall && !wall.up && wallLayers(wall).some(({ layer }) => layer === "grout" || layer === "waterproofer");
  if (!zone.wrapped && stains && zone.of !== "stone")
    add("mind", {
      rule: "background/not-wrapped",
      title: `Wrap ${name} before the coats`,
      sentence: `The ${wall.face} gets a mineral coat, which stains wood for good.`,
      reason: "Mortar and waterproofer never come out of bark (common practice, no source).",
      fix: { label: "Wrap it", patch: [set(`${path}/wrapped`, true)] },
    });
  return list;
}
