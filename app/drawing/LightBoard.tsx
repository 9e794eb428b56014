import { contours } from "d3-contour";
import { useEffect, useMemo, useRef } from "react";
import { lightsAt } from "#core/fixtures/carried";
import { LIGHTS } from "#core/fixtures/lit";
import { placeLabels, type Wanted } from "#core/labels/place";
import { formatNumber } from "#core/units/format";
import { lightSection } from "#core/views/light";
import type { LightField } from "#core/views/lightField";
import { topView } from "#core/views/top";
import type { Size } from "#core/views/view";
import { useBuild, useIsHeld, useMoved, usePicked, usePlaced, useThing } from "../state/context";
import { Labels } from "./Labels";
import { MovableMark } from "./MovableMark";

const PAD = 22;
/** A number this near a fixture is written elsewhere. */
const NEAR_PX = 9;
const FIRST = { uvi: "UV index", wPerM2: "heat, W/m²" } as const;

/** A line of equal light as the path of a drawing. */
const pathOf = (
  rings: readonly (readonly (readonly (readonly number[])[])[])[],
  x: (i: number) => number,
  y: (j: number) => number,
) =>
  rings
    .flatMap((polygon) =>
      polygon.map(
        (ring) => `M${ring.map((p) => `${formatNumber(x(p[0]!), 1)},${formatNumber(y(p[1]!), 1)}`).join("L")}Z`,
      ),
    )
    .join("");

/** The top from above beside the section through what is in hand, with its light in lines of equal strength. */
export function LightBoard({ size }: { size: Size }) {
  const { plan, variant: planned, underWay } = useBuild();
  const variant = useMoved(planned, (v) => v);
  const held = usePicked((p) => p.held.find((h) => h.kind === "fixture")?.id);
  // While something is dragged the cut stays where it was: only what moves is worked out anew, and the rest once it is let go.
  const cut = useRef<number>(undefined);
  const section = useMemo(() => {
    const lights = plan.facts.one(LIGHTS);
    const now = lights && lightsAt(plan.site, lights, planned.fixtures, variant.fixtures);
    const isDragged = (underWay || variant !== planned) && cut.current !== undefined;
    const of = { ...plan.site, variant };
    return lightSection(of, now, held, isDragged ? { cutMm: cut.current! } : undefined);
  }, [plan, planned, variant, held, underWay]);
  useEffect(() => {
    cut.current = section.atMm;
  }, [section]);
  const half = (size.width - 3 * PAD) / 2;
  const room = size.height - 2 * PAD;
  const top = topView({ shell: plan.shell, variant }, { x: PAD, y: PAD, width: half, height: room });
  // With what stands over the top.
  const highMm = Math.max(section.heightMm, ...section.boxes.map((b) => b.head));
  const scale = Math.min(half / section.widthMm, room / highMm);
  const left = 2 * PAD + half;
  const foot = PAD + highMm * scale;
  const x = (mm: number) => left + mm * scale;
  const y = (mm: number) => foot - mm * scale;
  const frame = { x: 0, y: 0, width: size.width, height: size.height };
  const { field } = section;
  const cell = { x: section.widthMm / (field?.columns ?? 1), z: section.heightMm / (field?.rows ?? 1) };
  const lines = useMemo(() => (field ? linesOf(field) : []), [field]);
  const isOver = (at: { x: number; y: number }, { from, to, foot: low, head }: (typeof section.boxes)[number]) =>
    at.x > x(from) - NEAR_PX && at.x < x(to) + NEAR_PX && at.y > y(head) - NEAR_PX && at.y < y(low) + NEAR_PX;
  const labels = placeLabels(
    [
      {
        id: "top-title",
        says: ["Top, from above, front below"],
        spots: [{ x: PAD, y: 11, align: "start" }],
        tone: "muted",
      },
      {
        id: "cut-title",
        says: [`Left to right${field ? `, ${FIRST[field.of]}` : ", no lamp's label is known"}`, "Left to right"],
        spots: [{ x: left, y: 11, align: "start" }],
        tone: "muted",
      },
      ...section.lies
        .filter((l) => l.here)
        .map(
          (l): Wanted => ({
            id: `lie-${l.id}`,
            says: [...(l.uvi === null ? [] : [`${l.name}: ${formatNumber(l.uvi, 2)}`]), l.name],
            spots: (
              [
                [10, 0],
                [10, -14],
                [10, 14],
              ] as const
            ).map(([dx, dy]) => ({ x: x(l.x) + dx, y: y(l.z) + dy, align: "start" as const })),
          }),
        ),
      ...top.fixtures.map(
        (f): Wanted => ({
          id: `top-${f.id}`,
          says: [f.name],
          spots: [
            { x: f.x + f.width / 2, y: f.y + f.height / 2, align: "middle" },
            { x: f.x + f.width + 4, y: f.y + f.height / 2, align: "start" },
            { x: f.x + f.width / 2, y: f.y + f.height + 9, align: "middle" },
            { x: f.x + f.width / 2, y: f.y - 9, align: "middle" },
          ],
        }),
      ),
      ...lines.map(
        (line): Wanted => ({
          id: `line-${line.value}`,
          says: [formatNumber(line.value)],
          spots: line.spots
            .map(([i, j]) => ({ x: x(i * cell.x), y: y(j * cell.z), align: "middle" as const }))
            .filter((at) => !section.boxes.some((b) => isOver(at, b))),
          tone: "stop",
        }),
      ),
    ],
    frame,
  );
  return (
    <>
      <rect {...top.outline} fill="url(#hatch-board)" stroke="var(--chakra-colors-ink)" />
      {top.openings.map(({ id, ...rect }) => (
        <rect
          key={id}
          {...rect}
          fill="var(--chakra-colors-sheet)"
          stroke="var(--chakra-colors-ink)"
          strokeDasharray="3 2"
        />
      ))}
      {top.pieces.map(({ id, ...rect }) => (
        <rect key={id} {...rect} fill="none" stroke="var(--chakra-colors-muted)" strokeDasharray="5 3" />
      ))}
      {top.sprays.map(({ id, points }) => (
        <polygon
          key={id}
          data-spray={id}
          points={points.map((p) => `${formatNumber(p.x, 1)},${formatNumber(p.y, 1)}`).join(" ")}
          fill="var(--chakra-colors-water)"
          fillOpacity="0.12"
          stroke="var(--chakra-colors-water)"
          strokeDasharray="1 3"
        />
      ))}
      {top.fixtures.map(({ id, inside }) => (
        <TopMark key={id} {...{ id, inside, top }} />
      ))}
      <rect
        {...{ x: x(0), y: y(section.heightMm), width: section.widthMm * scale, height: section.heightMm * scale }}
        fill="var(--chakra-colors-sheet)"
        stroke="var(--chakra-colors-ink)"
        strokeWidth="1.2"
      />
      <rect
        {...{ x: x(0), y: y(section.groundMm), width: section.widthMm * scale, height: section.groundMm * scale }}
        fill="url(#hatch-ground)"
      />
      <g fill="none" stroke="var(--chakra-colors-stop)" strokeWidth="1" strokeDasharray="4 3" data-contours>
        {lines.map((line) => (
          <path
            key={line.value}
            d={pathOf(
              line.rings,
              (i) => x(i * cell.x),
              (j) => y(j * cell.z),
            )}
          />
        ))}
      </g>
      {section.pieces.map(({ id, points }) => (
        <polygon
          key={id}
          points={points.map(([across, up]) => `${x(across)},${y(up)}`).join(" ")}
          fill="url(#hatch-piece)"
          stroke="var(--chakra-colors-ink)"
        />
      ))}
      {section.boxes.map(({ id, from, to, foot: low, head, cut }) => (
        <rect
          key={id}
          data-section={id}
          {...{ x: x(from), y: y(head), width: (to - from) * scale, height: Math.max(2, (head - low) * scale) }}
          fill={id === held ? "var(--chakra-colors-fern-soft)" : "var(--chakra-colors-sheet)"}
          stroke={id === held ? "var(--chakra-colors-fern)" : "var(--chakra-colors-ink)"}
          strokeWidth={id === held ? 2 : 1}
          opacity={cut ? 1 : 0.35}
        />
      ))}
      {section.lies
        .filter((l) => l.here)
        .map((l) => (
          <circle key={l.id} cx={x(l.x)} cy={y(l.z)} r="4" fill="var(--chakra-colors-fern)" />
        ))}
      <Labels labels={labels} />
    </>
  );
}

/** From above a face is seen with its back at the top. */
const seenFromAbove = (dx: number, dy: number) => ({ uMm: dx, vMm: -dy });

/** A fixture on the map of the top: dragged with the pointer, nudged by arrow keys. */
function TopMark({ id, inside, top }: { id: string; inside: boolean; top: ReturnType<typeof topView> }) {
  const held = { kind: "fixture", id } as const;
  const isHeld = useIsHeld(held);
  const placed = usePlaced(held);
  const what = useThing(held)?.what ?? "fixture";
  if (!placed) return null;
  const rect = top.onTop(placed.rect);
  return (
    <MovableMark {...{ held, placed, rect, what }} scale={top.scale} moves={seenFromAbove} tag={{ "data-fixture": id }}>
      <rect
        {...rect}
        data-top={id}
        fill={isHeld ? "var(--chakra-colors-fern-soft)" : "var(--chakra-colors-sheet)"}
        stroke={isHeld ? "var(--chakra-colors-fern)" : "var(--chakra-colors-ink)"}
        strokeWidth={isHeld ? 2.2 : 1.2}
        {...(inside && { strokeDasharray: "4 2" })}
      />
    </MovableMark>
  );
}

interface Line {
  value: number;
  rings: number[][][][];
  /** Where its value may be written, in cells of the field. */
  spots: (readonly [number, number])[];
}

/** The lines that a field has, weakest first. */
function linesOf({ values, columns, rows, lines, most }: LightField): Line[] {
  return contours()
    .size([columns, rows])
    .thresholds(lines.filter((v) => v < most))(values)
    .map(({ value, coordinates }) => {
      const ring = coordinates[0]?.[0] ?? [];
      const at = (share: number) => ring[Math.floor(share * (ring.length - 1))];
      const spots = [0.5, 0.4, 0.6, 0.25, 0.75].flatMap((share) => {
        const p = at(share);
        return p && p[0]! > 1 && p[0]! < columns - 1 ? [[p[0]!, p[1]!] as const] : [];
      });
      return { value, rings: coordinates as number[][][][], spots };
    })
    .filter((line) => line.rings.length > 0);
}
