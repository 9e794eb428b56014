import type { Cover } from "../background/cover";
import { zoneDepthMm, zoneName, zoneRect } from "../background/zones";
import type { FaceId } from "../design/names";
import type { Variant } from "../document/schema";
import { type Box, placeLabels, type Wanted } from "../labels/place";
import type { Plan } from "../plan";
import type { NetFace } from "../shell/net";
import { extent } from "../shell/outline";
import { isPlaced, type PlacedThing } from "../things/placed";
import type { Seen } from "../things/seen";
import { capital } from "../units/capital";
import { formatLength } from "../units/format";
import { drawRect } from "./drawRect";
import { frameOf, HELD_PX, type Size, spotsIn, spotsRound, type View } from "./view";

const EDGE = { top: 24, right: 6, bottom: 6, left: 6 };

/** One wall looking in, laid into its room. */
export interface WallView extends View {
  /** The wall as the only face of a net, for what draws by one. */
  net: { faces: Record<FaceId, NetFace> };
  /** px a millimetre. */
  scale: number;
  x: number;
  y: number;
  cover: Cover | undefined;
  /** The features on it. */
  features: PlacedThing[];
}

/**
 * One wall, looking in: its own background, the zones on it, and what must stay free.
 * @param chosen ids of what is in hand, named before all else
 */
export function wallView({
  plan: { shell, site },
  seen: { things: all, covers },
  variant,
  face,
  size,
  chosen = [],
}: {
  plan: Pick<Plan, "shell" | "site">;
  seen: Pick<Seen, "things" | "covers">;
  variant: Variant;
  face: FaceId;
  size: Size;
  chosen?: readonly string[];
}): WallView {
  const say = (mm: number) => formatLength(mm, site.brief.units);
  const unit = site.brief.units.unit === "mm" ? " mm" : "";
  const whole = extent(shell.faces[face].outline);
  const scale = Math.max(
    1e-3,
    Math.min(
      (size.width - EDGE.left - EDGE.right) / whole.widthMm,
      (size.height - EDGE.top - EDGE.bottom) / whole.heightMm,
    ),
  );
  const x = (size.width - whole.widthMm * scale) / 2;
  const y = EDGE.top + (size.height - EDGE.top - EDGE.bottom - whole.heightMm * scale) / 2;
  const at: NetFace = { x: 0, y: 0, w: whole.widthMm, h: whole.heightMm };
  const net = { faces: { left: at, right: at, back: at, front: at, top: at, base: at } };
  const rectAt = (rect: Parameters<typeof drawRect>[1]): Box => {
    const own = drawRect(face, rect, net, scale);
    return { ...own, x: own.x + x, y: own.y + y };
  };
  const wall: Box = { x, y, width: whole.widthMm * scale, height: whole.heightMm * scale };
  const cover = covers.find((c) => c.wall.face === face);
  const title = capital(face);
  const size3 = `${say(whole.widthMm)} × ${say(whole.heightMm)}${unit}`;
  const head: Wanted = {
    ...{ id: "title", lettering: "bold" },
    says: [`${title}, looking in · ${size3}`, `${title} · ${size3}`, title],
    spots: [
      { x, y: y - 11, align: "start" },
      { x: 2, y: y - 11, align: "start" },
    ],
  };
  const bare: Wanted[] =
    cover && cover.footMm > 0
      ? [
          {
            id: "bare",
            says: [
              ...(shell.levels.groundMm > 0
                ? [`bare ${say(cover.footMm)} · substrate to ${say(shell.levels.groundMm)}`]
                : []),
              `bare ${say(cover.footMm)}`,
            ],
            spots: [
              {
                x: wall.x + wall.width / 2,
                y: wall.y + wall.height - Math.max(9, (cover.rect.vMm / 2) * scale),
                align: "middle",
              },
            ],
            within: wall,
          },
        ]
      : [];
  const here = all.filter(isPlaced).filter(({ kind, placed }) => kind === "feature" && placed.face === face);
  const features = here.map(
    ({ id, name, placed: { rect } }): Wanted => ({ id, says: [name], spots: spotsRound(rectAt(rect)) }),
  );
  const zones = variant.background.zones
    .filter((z) => z.face === face)
    .map((zone): Wanted => {
      const own = rectAt(zoneRect(zone));
      const deep = zoneDepthMm(zone);
      return {
        id: zone.id,
        says: [...(deep > 0 ? [`${zoneName(zone)}, ${say(deep)} out`] : []), zoneName(zone)],
        spots: [
          ...spotsIn(own)
            .map((spot) => ({ ...spot, within: own }))
            .slice(2, 3),
          ...spotsRound(own, chosen.includes(zone.id) ? HELD_PX : 4),
        ],
      };
    });
  const things = [...zones, ...features];
  const first = (w: Wanted) => chosen.includes(w.id);
  const frame = frameOf(size);
  return {
    ...{ net, scale, x, y, cover, frame },
    features: here,
    labels: placeLabels(
      [head, ...things.filter(first), ...bare, ...things.filter((t) => !first(t))],
      frame,
      here.map(({ placed }) => rectAt(placed.rect)),
    ),
  };
}
