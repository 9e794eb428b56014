import { type CoverPiece, cutCovers } from "../background/cut";
import { type BoxCut, cutBoxes } from "../boxes/cut";
import { cutLeaves } from "../closures/cutLeaves";
import type { Variant } from "../document/schema";
import { cutStrata, type FillPiece } from "../ground/cutStrata";
import { cutHardscape, type HardscapeCut } from "../hardscape/cut";
import { placeLabels, READ_PX, spread, type Wanted } from "../labels/place";
import { textWidth } from "../labels/width";
import type { Plan } from "../plan";
import { type Cut, cutShell, type LevelLine, type Section } from "../shell/section";
import type { Seen } from "../things/seen";
import { formatLength, formatLengthWithUnit } from "../units/format";
import { cutVessels, type VesselCut } from "../vessels/cut";
import { frameOf, type Size, type View } from "./view";

/** Room round the sections and between two of them, px. */
const PAD = 10;
const BETWEEN = 26;
/** A leader from the sections to the column of levels: out, and over to its label, px. */
const LEADER = { out: 10, over: 14 };
/** From one line of the column to the next, and the room for captions under the floor, px. */
const LINE = 16;
const CAPTION = 20;

/** What one section is drawn of. */
export interface CutOf {
  cut: Cut;
  /** Where it is cut, mm from the left or from the front; the middle without. */
  atMm?: number;
}

/** One section where it is drawn. */
export interface DrawnSection {
  cut: Cut;
  section: Section;
  inside: (FillPiece | CoverPiece | HardscapeCut | VesselCut | BoxCut)[];
  /** Millimetres across to px. */
  x: (mm: number) => number;
  left: number;
  right: number;
}

/** A level's line over all sections, with its label's leader. */
export interface DrawnLevel {
  level: LevelLine;
  y: number;
  /** Middle of its label, px; undefined where there was no room for it. */
  labelY: number | undefined;
}

export interface SectionView extends View {
  sections: DrawnSection[];
  levels: DrawnLevel[];
  /** px a millimetre. */
  scale: number;
  /** Millimetres up to px. */
  y: (mm: number) => number;
  /** Between which the lines of levels run. */
  from: number;
  to: number;
}

const CAPTIONS: Record<Cut, readonly string[]> = {
  frontBack: ["front to back, front at the left", "front to back", "depth"],
  leftRight: ["left to right, from the front", "left to right", "width"],
};

/** Levels in the order they are kept where there is no room for all. */
const WANTED: readonly LevelLine["id"][] = [
  ...([
    "base",
    "dam",
    "ground",
    "water",
    "drain",
    "groundFront",
    "top",
    "doorFoot",
    "doorHead",
    "foam",
    "floor",
  ] as const),
];

const TONE: Record<LevelLine["id"], string> = {
  ...{ floor: "muted", base: "ink", drain: "clay", ground: "mind", groundFront: "mind", water: "water" },
  ...{ foam: "muted", dam: "ink", doorFoot: "muted", doorHead: "muted", top: "ink" },
};
/** The colour a level is drawn in. */
export const levelTone = (id: LevelLine["id"]): string => TONE[id];

/**
 * Sections side by side in one scale on one floor line, with the levels they share.
 * @param cuts which, from left to right
 */
export function sectionView({
  plan: { shell, site },
  seen: { covers, openings },
  variant,
  cuts,
  size,
}: {
  plan: Pick<Plan, "shell" | "site">;
  seen: Pick<Seen, "covers" | "openings">;
  variant: Variant;
  cuts: readonly CutOf[];
  size: Size;
}): SectionView {
  const { units } = site.brief;
  const drawn = cuts.map(({ cut, atMm }) => {
    const { walls, levels } = cutShell(shell, cut);
    const section = { walls: [...walls, ...cutLeaves(shell, openings, cut, atMm)], levels };
    const across = section.walls.flatMap((w) => w.points.map(([a]) => a));
    return {
      ...{ cut, section },
      inside: [
        ...cutStrata({ shell, variant, book: site.book }, cut, atMm),
        ...cutVessels({ shell, variant }, cut, atMm),
        ...cutBoxes({ shell, variant, book: site.book }, cut, atMm),
        ...cutHardscape(shell, variant, cut, atMm),
        ...cutCovers(shell, covers, cut, atMm),
      ],
      ...{ low: Math.min(...across), high: Math.max(...across) },
    };
  });
  const levels = drawn[0]?.section.levels ?? [];
  const up = [
    ...drawn.flatMap((d) => d.section.walls.flatMap((w) => w.points.map(([, b]) => b))),
    ...levels.map((l) => l.zMm),
  ];
  const [foot, head] = [Math.min(...up), Math.max(...up)];
  const words = ({ zMm, label }: LevelLine) => [
    `${formatLengthWithUnit(zMm, units).replace("-", "−")} ${label}`,
    `${formatLength(zMm, units).replace("-", "−")} ${label}`,
    label,
  ];
  const widest = (i: number) => Math.max(0, ...levels.map((l) => textWidth(words(l)[i]!, READ_PX, "body")));
  // The whole words where they leave the sections most of the room.
  const full = widest(0) + LEADER.out + LEADER.over + 2 * PAD < size.width * 0.45 ? 0 : 1;
  const column = widest(full) + LEADER.out + LEADER.over + PAD;
  const spanMm = drawn.reduce((sum, d) => sum + (d.high - d.low), 0);
  const room = { w: size.width - column - PAD - BETWEEN * (drawn.length - 1), h: size.height - PAD - CAPTION };
  const scale = Math.max(1e-3, Math.min(Math.max(20, room.w) / spanMm, room.h / (head - foot)));
  const round = (n: number) => Math.round(n * 100) / 100;
  const top = PAD / 2 + Math.max(0, (room.h - (head - foot) * scale) / 2);
  const y = (mm: number) => round(top + (head - mm) * scale);
  const start = PAD + Math.max(0, (room.w - spanMm * scale) / 2);
  const sections = drawn.map(({ low, high, ...d }, i): DrawnSection => {
    const before = drawn.slice(0, i).reduce((sum, o) => sum + (o.high - o.low) * scale + BETWEEN, 0);
    const x = (mm: number) => round(start + before + (mm - low) * scale);
    return { ...d, x, left: x(low), right: x(high) };
  });
  const to = sections.at(-1)?.right ?? start;
  const floorY = y(foot);
  const spreadTo = spread(
    WANTED.flatMap((id) => levels.filter((l) => l.id === id)).map((level) => ({
      id: level.id,
      level,
      y: y(level.zMm),
    })),
    LINE,
    LINE / 2,
    size.height - LINE / 2,
  );
  const frame = frameOf(size);
  const labels = placeLabels(
    [
      ...spreadTo.map(
        (l): Wanted => ({
          id: `level/${l.id}`,
          says: words(l.level).slice(full),
          spots: [{ x: to + LEADER.out + LEADER.over + 3, y: l.y, align: "start" }],
          ...{ lettering: "body", tone: TONE[l.id] },
        }),
      ),
      ...sections.map(
        ({ cut, left, right }): Wanted => ({
          id: `caption/${cut}`,
          says: CAPTIONS[cut],
          spots: [
            { x: (left + right) / 2, y: floorY + 12, align: "middle" },
            { x: left, y: floorY + 12, align: "start" },
          ],
          ...{ lettering: "body", tone: "muted" },
        }),
      ),
    ],
    frame,
  );
  const labelled = new Map(labels.map((l) => [l.id, l.y]));
  return {
    ...{ frame, labels, sections, scale, y },
    from: (sections[0]?.left ?? 0) - 6,
    to: to + LEADER.out,
    levels: levels.map((level) => ({ level, y: y(level.zMm), labelY: labelled.get(`level/${level.id}`) })),
  };
}
