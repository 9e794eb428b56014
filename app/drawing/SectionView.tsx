import { Box, SimpleGrid, Text } from "@chakra-ui/react";
import { coversOf } from "#core/background/cover";
import { type CoverPiece, cutCovers } from "#core/background/cut";
import { cutStrata, type FillPiece } from "#core/ground/cutStrata";
import { type Cut, cutShell, type LevelLine, type Section } from "#core/shell/section";
import { useBuild, useUnits } from "../state/context";
import { Hatches } from "./Hatches";
import { hatchOf } from "./hatchOf";
import { Label } from "./Label";

const SIZE = { w: 400, h: 380 };
const ROOM = { left: 10, right: 172, top: 16, bottom: 14 };

const TONE: Record<LevelLine["id"], string> = {
  floor: "muted",
  base: "ink",
  drain: "clay",
  ground: "mind",
  groundFront: "mind",
  water: "water",
  foam: "muted",
  dam: "ink",
  doorFoot: "muted",
  doorHead: "muted",
  top: "ink",
};

/** Both sections through the middle, with the one vertical stack they share. */
export function SectionView() {
  return (
    <SimpleGrid columns={{ base: 1, xl: 2 }} gap="3">
      {(
        [
          ["frontBack", "Front to back, front at the left"],
          ["leftRight", "Left to right, from the front"],
        ] as const
      ).map(([cut, title]) => (
        <Box key={cut} bg="sheet" borderWidth="1px" borderColor="line" borderRadius="md" p="2">
          <Text fontSize="xs" color="muted" mb="1">
            {title}
          </Text>
          <OneSection cut={cut} />
        </Box>
      ))}
    </SimpleGrid>
  );
}

/** Levels drawn in a whole line: what one sees. */
const WHOLE_LINES: ReadonlySet<LevelLine["id"]> = new Set(["water", "ground"]);
/** What is drawn wet. */
const WET: ReadonlySet<FillPiece["kind"] | CoverPiece["kind"]> = new Set(["soaked", "water"]);
const isWet = (kind: FillPiece["kind"] | CoverPiece["kind"]) => WET.has(kind);

const FILL: Record<FillPiece["kind"] | CoverPiece["kind"], string> = {
  drain: "url(#hatch-clay)",
  charcoal: "url(#hatch-charcoal)",
  mix: "url(#hatch-ground)",
  water: "url(#hatch-water)",
  soaked: "url(#hatch-soaked)",
  divider: "url(#hatch-glass)",
  foam: "url(#hatch-foam)",
  mat: "url(#hatch-board)",
  earth: "url(#hatch-ground)",
  piece: "url(#hatch-piece)",
  planter: "var(--chakra-colors-sheet)",
};

/**
 * One section with every level.
 * @param atMm where it is cut, from the left (front to back) or from the front (left to right); the middle without
 */
export function OneSection({ cut, atMm }: { cut: Cut; atMm?: number }) {
  const { plan, variant } = useBuild();
  const { shell } = plan;
  const { say, units } = useUnits();
  const section = cutShell(shell, cut);
  const inside = [...cutStrata(shell, variant, cut, atMm), ...cutCovers(shell, coversOf(shell, variant), cut, atMm)];
  const { scale, x, y, height } = fitSection(section);
  const unit = units.unit === "mm" ? " mm" : "";
  const labels = spread(
    section.levels.map((level) => ({ level, y: y(level.zMm) })),
    13,
    height,
  );
  const left = Math.min(...section.walls.flatMap((w) => w.points.map(([across]) => x(across))));
  const right = Math.max(...section.walls.flatMap((w) => w.points.map(([across]) => x(across))));
  return (
    <svg
      viewBox={`0 0 ${SIZE.w} ${height}`}
      width="100%"
      role="img"
      aria-label={`Section ${cut === "frontBack" ? "front to back" : "left to right"}: ${section.levels.map((l) => `${l.label} ${say(l.zMm)}`).join(", ")}`}
      style={{ display: "block" }}
    >
      <Hatches />
      {inside.map((piece) => (
        <polygon
          key={`${piece.kind}-${piece.id}`}
          data-piece={piece.id}
          points={piece.points.map(([across, up]) => `${x(across)},${y(up)}`).join(" ")}
          fill={FILL[piece.kind]}
          stroke={`var(--chakra-colors-${isWet(piece.kind) ? "water" : "ink"})`}
          strokeWidth="0.6"
        />
      ))}
      {section.walls.map((wall) => (
        <polygon
          key={wall.id}
          points={wall.points.map(([across, up]) => `${x(across)},${y(up)}`).join(" ")}
          fill={hatchOf(wall.family)}
          stroke="var(--chakra-colors-ink)"
          strokeWidth={Math.max(0.6, Math.min(1.2, scale * 4))}
        />
      ))}
      {labels.map(({ level, y: at }) => (
        <g key={level.id}>
          <path
            d={`M${left - 6} ${y(level.zMm)}H${right + 10}L${right + 20} ${at}`}
            fill="none"
            stroke={`var(--chakra-colors-${TONE[level.id] === "ink" ? "line" : TONE[level.id]})`}
            strokeWidth="0.8"
            strokeDasharray={WHOLE_LINES.has(level.id) ? "none" : "4 3"}
          />
          <Label x={right + 23} y={at + 4} size={11} tone={TONE[level.id]}>
            {`${say(level.zMm).replace("-", "−")}${unit} `}
            <tspan style={{ fontFamily: "var(--chakra-fonts-body)" }}>{level.label}</tspan>
          </Label>
        </g>
      ))}
    </svg>
  );
}

/** Scale and place of a section in its drawing. */
function fitSection(section: Section) {
  const points = section.walls.flatMap((w) => w.points);
  const across = points.map(([a]) => a);
  const up = [...points.map(([, b]) => b), ...section.levels.map((l) => l.zMm)];
  const [low, high] = [Math.min(...across), Math.max(...across)];
  const [foot, head] = [Math.min(...up), Math.max(...up)];
  const scale = Math.min(
    (SIZE.w - ROOM.left - ROOM.right) / (high - low),
    (SIZE.h - ROOM.top - ROOM.bottom) / (head - foot),
  );
  const round = (n: number) => Math.round(n * 100) / 100;
  return {
    scale,
    height: Math.max(170, round(ROOM.top + ROOM.bottom + (head - foot) * scale)),
    x: (mm: number) => round(ROOM.left + (mm - low) * scale),
    y: (mm: number) => round(ROOM.top + (head - mm) * scale),
  };
}

/** Moves labels apart so that none runs into the next; they are read from the top down. */
function spread<T extends { y: number }>(labels: T[], apart: number, height: number): T[] {
  const sorted = [...labels].sort((a, b) => a.y - b.y);
  let last = -Infinity;
  const placed = sorted.map((label) => {
    last = Math.max(label.y, last + apart);
    return { ...label, y: last };
  });
  // What was pushed past the foot is pushed back up.
  let next = height - 4;
  for (let i = placed.length - 1; i >= 0; i--) {
    const label = placed[i]!;
    label.y = Math.min(label.y, next);
    next = label.y - apart;
  }
  return placed;
}
