import { Box, SimpleGrid, Text } from "@chakra-ui/react";
import { type Cut, cutShell, type LevelLine, type Section } from "#core/shell/section";
import type { Shell } from "#core/shell/shell";
import { useBuild, useUnits } from "../state/context";
import { Hatches } from "./Hatches";
import { hatchOf } from "./hatchOf";
import { Label } from "./Label";

const SIZE = { w: 390, h: 380 };
const ROOM = { left: 10, right: 150, top: 16, bottom: 14 };

const TONE: Record<LevelLine["id"], string> = {
  floor: "muted",
  base: "ink",
  ground: "mind",
  water: "water",
  dam: "ink",
  doorFoot: "muted",
  doorHead: "muted",
  top: "ink",
};

/** Both sections through the middle, with the one vertical stack they share. */
export function SectionView() {
  const { plan } = useBuild();
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
          <OneSection shell={plan.shell} cut={cut} />
        </Box>
      ))}
    </SimpleGrid>
  );
}

function OneSection({ shell, cut }: { shell: Shell; cut: Cut }) {
  const { say, units } = useUnits();
  const section = cutShell(shell, cut);
  const { scale, x, y, height } = fitSection(section);
  const fillMm = Math.max(shell.levels.groundMm, shell.levels.waterMm);
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
      {fillMm > 0 && <Fill shell={shell} section={section} cut={cut} fillMm={fillMm} x={x} y={y} />}
      {section.walls.map((wall) => (
        <polygon
          key={wall.id}
          points={wall.points.map(([across, up]) => `${x(across)},${y(up)}`).join(" ")}
          fill={hatchOf(
            wall.id.startsWith("tray")
              ? "glass"
              : (shell.strips.find((s) => s.id === wall.id)?.material ?? shell.faces[wall.face].material).family,
          )}
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
            strokeDasharray={level.id === "water" || level.id === "ground" ? "none" : "4 3"}
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

interface FillProps {
  shell: Shell;
  section: Section;
  cut: Cut;
  fillMm: number;
  x: (mm: number) => number;
  y: (mm: number) => number;
}

/** Ground or water between the walls, as wide as the shell is at each height. */
function Fill({ shell, cut, fillMm, x, y }: FillProps) {
  const { profile, levels } = shell;
  const [foot, rim] =
    cut === "frontBack" ? [profile.footDepthMm, profile.rimDepthMm] : [profile.footWidthMm, profile.rimWidthMm];
  const out = ((rim - foot) / 2) * (fillMm / profile.heightMm);
  const wet = levels.waterMm > levels.groundMm;
  return (
    <polygon
      points={[
        [0, 0],
        [foot, 0],
        [foot + out, fillMm],
        [-out, fillMm],
      ]
        .map(([across, up]) => `${x(across!)},${y(up!)}`)
        .join(" ")}
      fill={wet ? "url(#hatch-water)" : "url(#hatch-ground)"}
    />
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
