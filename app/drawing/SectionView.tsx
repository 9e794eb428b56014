import type { CoverPiece } from "#core/background/cut";
import type { FillPiece } from "#core/ground/cutStrata";
import type { HardscapeCut } from "#core/hardscape/cut";
import type { LevelLine } from "#core/shell/section";
import { levelOf } from "#core/things/levels";
import type { VesselCut } from "#core/vessels/cut";
import { type CutOf, levelTone, sectionView } from "#core/views/section";
import type { Size } from "#core/views/view";
import { useBuild, useUnits } from "../state/context";
import { hatchOf } from "./hatchOf";
import { Labels } from "./Labels";
import { LevelMark } from "./LevelMark";

/** Levels drawn in a whole line: what one sees. */
const WHOLE_LINES: ReadonlySet<LevelLine["id"]> = new Set(["water", "ground"]);
type Kind = FillPiece["kind"] | CoverPiece["kind"] | HardscapeCut["kind"] | VesselCut["kind"];
/** What is drawn wet. */
const WET: ReadonlySet<Kind> = new Set(["soaked", "water"]);
const isWet = (kind: Kind) => WET.has(kind);

const FILL: Record<Kind, string> = {
  drain: "url(#hatch-clay)",
  charcoal: "url(#hatch-charcoal)",
  mix: "url(#hatch-ground)",
  bagged: "url(#hatch-ground)",
  sand: "url(#hatch-board)",
  moss: "url(#hatch-ground)",
  leaves: "url(#hatch-ground)",
  barrier: "none",
  vessel: "var(--chakra-colors-sheet)",
  water: "url(#hatch-water)",
  soaked: "url(#hatch-soaked)",
  divider: "url(#hatch-glass)",
  foam: "url(#hatch-foam)",
  mat: "url(#hatch-board)",
  earth: "url(#hatch-ground)",
  piece: "url(#hatch-piece)",
  stone: "url(#hatch-stone)",
  planter: "var(--chakra-colors-sheet)",
};

const CUT_WORDS = { frontBack: "front to back", leftRight: "left to right" } as const;

/** Sections side by side, in one scale on one floor line, with the levels they share; those that are layers are dragged. */
export function Sections({ cuts, size }: { cuts: readonly CutOf[]; size: Size }) {
  const { plan, seen, variant } = useBuild();
  const { say } = useUnits();
  const view = sectionView({ plan, seen, variant, cuts, size });
  const { scale, y, from, to } = view;
  // Levels that a measure of their own sets.
  const inHand = view.levels.flatMap(({ level, y: at }) => {
    const of = levelOf(level.id, plan.shell, seen.things);
    return of ? [{ level, y: at, of }] : [];
  });
  const told = view.levels.map(({ level }) => `${level.label} ${say(level.zMm)}`).join(", ");
  return (
    <>
      {view.sections.map(({ cut, section, inside, x }) => (
        <svg key={cut} overflow="visible" role="img" aria-label={`Section ${CUT_WORDS[cut]}: ${told}`}>
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
        </svg>
      ))}
      {view.levels.map(({ level, y: at, labelY }) => (
        <path
          key={level.id}
          d={`M${from} ${at}H${to}${labelY === undefined ? "" : `L${to + 12} ${labelY}`}`}
          fill="none"
          stroke={`var(--chakra-colors-${levelTone(level.id) === "ink" ? "line" : levelTone(level.id)})`}
          strokeWidth="0.8"
          strokeDasharray={WHOLE_LINES.has(level.id) ? "none" : "4 3"}
          pointerEvents="none"
        />
      ))}
      <Labels labels={view.labels} />
      {inHand.map(({ level, y: at, of }) => (
        <LevelMark
          key={level.id}
          {...{ held: of.thing, path: of.path, level, y: at, from, to, scale }}
          near={inHand.map((other) => other.y)}
        />
      ))}
    </>
  );
}
