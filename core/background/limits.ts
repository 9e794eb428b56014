import type { Checker } from "../ledgers/checker";
import { SIZE_LIMIT_MM } from "../shell/limits";
import type { Background } from "./schema";
import { isPiece, zoneName } from "./zones";

/** What of a background cannot be planned at all; what is merely wrong is a snag. */
export function checkBackground({ walls, zones, swatches }: Background, { between, add }: Checker): void {
  walls.forEach((wall, i) => {
    const path = `/background/walls/${i}`;
    between(`${path}/depth`, wall.depth, 2, 400, "A wall's depth");
    between(`${path}/relief`, wall.relief, 0, 300, "Its relief");
    between(`${path}/lift`, wall.lift, 5, 300, "A lift");
    between(`${path}/foot`, wall.foot, 0, SIZE_LIMIT_MM.high, "Where it begins");
  });
  zones.forEach((zone, i) => {
    const path = `/background/zones/${i}`;
    if (zones.findIndex((z) => z.id === zone.id) !== i) add(`${path}/id`, "Two zones share this id.");
    if (Math.abs(zone.u.value) > 10_000 || Math.abs(zone.v.value) > 10_000)
      add(path, `${zoneName(zone)} is many metres off its wall. Type where its middle is.`);
    between(`${path}/width`, zone.width, 5, SIZE_LIMIT_MM.high, "A zone's width");
    between(`${path}/height`, zone.height, 5, SIZE_LIMIT_MM.high, "A zone's height");
    if ("depth" in zone) between(`${path}/depth`, zone.depth, 2, 1500, "How far it stands out");
    if (isPiece(zone) && zone.mass && (zone.mass.value <= 0 || zone.mass.value > 200))
      add(`${path}/mass`, `${zoneName(zone)} weighs between 0.01 and 200 kg; weigh it on a kitchen or bathroom scale.`);
  });
  swatches.forEach((swatch, i) => {
    if (swatches.findIndex((s) => s.id === swatch.id) !== i)
      add(`/background/swatches/${i}/id`, "Two swatches share this id.");
  });
}
