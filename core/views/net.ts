import { FACES, type FaceId } from "../design/names";
import type { Variant } from "../document/schema";
import { floorZones } from "../ground/zones";
import { type Box, placeLabels, type Wanted } from "../labels/place";
import { textWidth } from "../labels/width";
import { faceName } from "../materials/face";
import type { Plan } from "../plan";
import { floorCorner } from "../shell/base";
import { FACE_WORDS } from "../shell/boxFaces";
import type { Rect } from "../shell/faces";
import { type Arrangement, layNet, type Net } from "../shell/net";
import type { Shell } from "../shell/shell";
import { isPlaced } from "../things/placed";
import type { Seen } from "../things/seen";
import { formatLength, formatNumber } from "../units/format";
import type { Pool } from "../vessels/schema";
import { vesselRect } from "../vessels/sizes";
import { drawRect } from "./drawRect";
import { frameOf, HELD_PX, type Size, spotsIn, spotsRound, type View } from "./view";

/** The rectangle round a pool, on the base: of the part of the floor it takes, or its own. */
function poolRect({ shell, site }: Pick<Plan, "shell" | "site">, pool: Pool): Rect {
  const [offU, offV] = floorCorner(shell);
  const outline = floorZones(site).find((z) => z.pool?.id === pool.id)?.outline;
  if (!outline) {
    const rect = vesselRect(pool);
    return { ...rect, uMm: offU + rect.uMm, vMm: offV + rect.vMm };
  }
  const span = (i: 0 | 1) => [Math.min(...outline.map((p) => p[i])), Math.max(...outline.map((p) => p[i]))] as const;
  const [[u0, u1], [v0, v1]] = [span(0), span(1)];
  return { uMm: offU + u0, vMm: offV + v0, widthMm: u1 - u0, heightMm: v1 - v0 };
}

/** Between two faces, and round the net for its dimensions, px. */
const GAP = 20;
const EDGE = { top: 4, right: 4, bottom: 24, left: 4 };

const TITLE: Record<FaceId, string> = {
  base: "Base",
  top: "Top",
  left: "Left",
  right: "Right",
  back: "Back",
  front: "Front, from outside",
};

/** The net laid into its room: faces as `toNet` gives them times `scale`, moved by `x`, `y`. */
export interface NetLayout {
  net: Net;
  /** px a millimetre. */
  scale: number;
  x: number;
  y: number;
}

/** Gaps across and up, and room at the right for the depth's figure, in each arrangement. */
const GAPS: Record<Arrangement, { across: number; up: number; right: number }> = {
  round: { across: 3, up: 2, right: 0 },
  beside: { across: 4, up: 1, right: 1 },
};

/** The net of these faces, in the arrangement that lets it be larger; its gaps are the same whatever the scale. */
export function fitNet(faces: Shell["faces"], { width, height }: Size, dimensionPx: number): NetLayout {
  const tried = (["round", "beside"] as const).map((arrangement) => {
    const gapless = layNet(faces, 0, arrangement);
    const { across, up, right } = GAPS[arrangement];
    const room = {
      width: width - EDGE.left - EDGE.right - (1 + right) * dimensionPx - across * GAP,
      height: height - EDGE.top - EDGE.bottom - up * GAP,
    };
    const scale = Math.max(1e-3, Math.min(room.width / gapless.widthMm, room.height / gapless.heightMm));
    return { arrangement, scale, right: right * dimensionPx };
  });
  // Round the back as it unfolds, unless that leaves most of the room empty.
  const [round, beside] = tried as [(typeof tried)[number], (typeof tried)[number]];
  const { arrangement, scale, right } = beside.scale > 1.05 * round.scale ? beside : round;
  const net = layNet(faces, GAP / scale, arrangement);
  return {
    ...{ net, scale },
    x: EDGE.left + dimensionPx + (width - EDGE.left - EDGE.right - dimensionPx - right - net.widthMm * scale) / 2,
    y: EDGE.top + (height - EDGE.top - EDGE.bottom - net.heightMm * scale) / 2,
  };
}

/** What a net is drawn of. */
export interface NetOf {
  plan: Pick<Plan, "shell" | "site" | "figures">;
  seen: Pick<Seen, "things" | "openings">;
  variant: Variant;
  size: Size;
  /** What is in hand, which is named before all else. */
  chosen?: readonly string[];
}

/** Width of the room that the height's figure takes at the left, px. */
export const dimensionRoom = (words: string): number => textWidth(words, 13, "mono") + 16;

/**
 * The shell unfolded, laid into a room, with its labels placed.
 * @returns where its faces lie, px; labels and frame are in the room's own px, the layout's origin is at its `x`, `y`
 */
export function netView({ plan, seen, variant, size, chosen = [] }: NetOf): View & NetLayout {
  const { shell, site } = plan;
  const { faces } = shell;
  const say = (mm: number) => formatLength(mm, site.brief.units);
  const flat = layNet(faces, 0).faces;
  const heightWords = say(flat.left.h);
  const layout = fitNet(faces, size, Math.max(dimensionRoom(heightWords), dimensionRoom(say(flat.base.h))));
  const { net, scale } = layout;
  const at = ({ x, y, width, height }: Box): Box => ({ x: x + layout.x, y: y + layout.y, width, height });
  const place = (face: FaceId): Box => {
    const { x, y, w, h } = net.faces[face];
    return at({ x: x * scale, y: y * scale, width: w * scale, height: h * scale });
  };
  const rectAt = (face: FaceId, rect: Parameters<typeof drawRect>[1]) => at(drawRect(face, rect, net, scale));
  const base = place("base");
  const left = place("left");

  const dimensions: Wanted[] = [
    {
      id: "dimension/width",
      says: [say(net.faces.base.w)],
      spots: [{ x: base.x + base.width / 2, y: base.y + base.height + 15, align: "middle" }],
    },
    {
      id: "dimension/depth",
      says: [say(net.faces.base.h)],
      spots: [{ x: base.x + base.width + 14, y: base.y + base.height / 2, align: "start" }],
    },
    {
      id: "dimension/height",
      says: [heightWords],
      spots: [{ x: left.x - 12, y: left.y + left.height / 2, align: "end" }],
    },
  ];
  const titles = FACES.map((face): Wanted => {
    const { material, open } = faces[face];
    const own = place(face);
    const says = open
      ? [TITLE[face], FACE_WORDS[face]]
      : [
          `${TITLE[face]} · ${faceName(material, say)}`,
          `${TITLE[face]} · ${say(material.thicknessMm)}`,
          TITLE[face],
          FACE_WORDS[face],
        ];
    return { id: `face/${face}`, says, spots: spotsIn(own), within: own };
  });
  const strips = shell.strips.map((strip): Wanted => {
    const own = rectAt("front", strip);
    return {
      id: `strip/${strip.id}`,
      says: [`${strip.label.toLowerCase()} ${say(strip.heightMm)}`, strip.label.toLowerCase()],
      spots: spotsIn(own, 2),
      within: own,
    };
  });
  const found = shell.gaps.flatMap((gap): Wanted[] => {
    const [rect] = gap.at;
    if (!gap.vent || !rect) return [];
    const own = rectAt(gap.face, rect);
    const name = gap.label.replace(/^the /, "");
    return [{ id: `gap/${gap.id}`, says: [`${name}, as found`, name], spots: spotsIn(own, 3), within: own }];
  });
  const { lining, tray } = shell;
  const linings: Wanted[] = lining
    ? [
        {
          id: "lining",
          says: ["its own background, kept", "its own, kept", "kept"],
          spots: spotsIn(place(lining.face)),
          within: place(lining.face),
        },
      ]
    : [];
  const leaves = seen.openings.flatMap(({ face, closure }): Wanted[] =>
    (closure?.leaves ?? []).flatMap(({ id, name, rect }) => {
      if (!name) return [];
      const own = rectAt(face, rect);
      return [{ id: `leaf/${closure!.id}/${id}`, says: [name], spots: spotsIn(own), within: own }];
    }),
  );
  const inBase = (id: string, says: string[]): Wanted => ({
    ...{ id, says, tone: "water", within: base },
    spots: [...spotsIn(base)].reverse(),
  });
  const waters: Wanted[] = [
    ...variant.vessels.flatMap((pool) => {
      if (pool.kind !== "pool") return [];
      const pooled = plan.figures.find((f) => f.id === `vessels/${pool.id}/litres`);
      const own = rectAt("base", poolRect(plan, pool));
      const words = [
        ...(pooled ? [`pool ${formatNumber(pooled.value, 2)} L`, `${formatNumber(pooled.value, 1)} L`] : []),
        "pool",
      ];
      return [{ ...inBase(pool.id, words), within: own, spots: spotsIn(own) }];
    }),
    ...(tray
      ? [inBase("tray", [`tray ${say(tray.heightMm)} high, glass ${say(tray.glassMm)}`, `tray ${say(tray.heightMm)}`])]
      : []),
  ];
  const onFaces = seen.things.filter(isPlaced);
  const features = onFaces.filter(({ kind }) => kind === "feature");
  const named = [...features, ...onFaces.filter(({ kind, id }) => kind !== "feature" && chosen.includes(id))];
  const things = named.map(
    ({ id, name, placed: { face, rect } }): Wanted => ({
      ...{ id, says: [name] },
      spots: spotsRound(rectAt(face, rect), chosen.includes(id) ? HELD_PX : 4),
    }),
  );
  const first = (wanted: Wanted) => chosen.includes(wanted.id);
  const marks = features.map(({ placed: { face, rect } }) => rectAt(face, rect));
  const frame = frameOf(size);
  return {
    ...layout,
    frame,
    labels: placeLabels(
      [
        ...things.filter(first),
        ...dimensions,
        ...strips,
        ...titles,
        ...leaves,
        ...found,
        ...waters,
        ...linings,
        ...things.filter((t) => !first(t)),
      ],
      frame,
      marks,
    ),
  };
}
