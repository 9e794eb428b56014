import { Box, Flex, Text } from "@chakra-ui/react";
import { OrbitControls } from "@react-three/drei/core/OrbitControls";
import { Canvas } from "@react-three/fiber";
import { useMemo, useState } from "react";
import { BufferGeometry, CanvasTexture, DoubleSide, Float32BufferAttribute, RepeatWrapping } from "three";
import { coverMesh, groundMesh } from "#core/background/mesh";
import { isPiece, isPlanter, zoneDepthMm, zoneRect } from "#core/background/zones";
import { LEAF_FAMILY } from "#core/closures/cutLeaves";
import { leafMesh, OPEN_DEG } from "#core/closures/leaf/opened";
import type { Variant } from "#core/document/schema";
import { drawnCorners } from "#core/features/drawn";
import { type Family, isClear } from "#core/materials/face";
import type { Book } from "#core/materials/schema";
import type { Plan } from "#core/plan";
import { boxOf } from "#core/shell/boxes";
import { cornersOf } from "#core/shell/faces";
import { extent } from "#core/shell/outline";
import type { Shell } from "#core/shell/shell";
import { type Point, toSpace, type Vec3 } from "#core/shell/space";
import { boxMesh, facing, type Mesh, wallMesh } from "#core/shell/wallMesh";
import type { Seen } from "#core/things/seen";
import { insideSolids } from "#core/views/insideSolids";
import { useBuild } from "../state/context";
import { useSame } from "../state/equal";
import { QuietButton } from "../ui/QuietButton";
import { BOARD_HEIGHT } from "../ui/room";

const COLOUR: Record<Family, string> = {
  none: "#efe9db",
  pvcFoam: "#f4f0e2",
  hdpe: "#f4f0e2",
  xps: "#e3d297",
  twinWall: "#e6efe9",
  pp: "#e9e6da",
  pe: "#e9e6da",
  ps: "#eef2f0",
  plywood: "#e3c996",
  timber: "#d9b77c",
  chipboard: "#d8bd8d",
  mdf: "#c9ac7c",
  glass: "#bcd7e4",
  temperedGlass: "#a9cbdc",
  acrylic: "#cfe2ea",
  polycarbonate: "#d3e2e6",
  steel: "#b9bdbb",
  galvanised: "#c2c8ca",
};

/** The same hatches as on paper, as a texture: lines for wood, dashes for board, slants for glass, dots for plastic. */
function hatchTexture(family: Family): CanvasTexture {
  const canvas = document.createElement("canvas");
  canvas.width = canvas.height = 64;
  const pen = canvas.getContext("2d")!;
  pen.fillStyle = COLOUR[family];
  pen.fillRect(0, 0, 64, 64);
  pen.strokeStyle = pen.fillStyle = "#1f2a2366";
  const line = (x1: number, y1: number, x2: number, y2: number) => {
    pen.beginPath();
    pen.moveTo(x1, y1);
    pen.lineTo(x2, y2);
    pen.stroke();
  };
  if (isClear(family) || family === "twinWall") line(0, 64, 64, 0);
  if (family === "temperedGlass") line(0, 0, 64, 64);
  if (family === "plywood" || family === "timber" || family === "pvcFoam" || family === "hdpe") line(0, 32, 64, 32);
  if (family === "chipboard" || family === "mdf")
    for (const [x, y] of [
      [8, 12],
      [40, 44],
    ] as const)
      line(x, y, x + 14, y);
  if (family === "pp" || family === "pe")
    for (const [x, y] of [
      [16, 16],
      [48, 48],
    ] as const)
      pen.fillRect(x, y, 4, 4);
  if (family === "steel") for (const x of [0, 32]) line(x, 64, x + 32, 0);
  const texture = new CanvasTexture(canvas);
  texture.wrapS = texture.wrapT = RepeatWrapping;
  return texture;
}

/** Metres, y up, as three takes it. */
const place = ([x, y, z]: Vec3): Vec3 => [x / 1000, z / 1000, y / 1000];

function geometryOf({ points, triangles }: Mesh): BufferGeometry {
  const corners = triangles.flatMap((t) => t.map((i) => points[i]!));
  const geometry = new BufferGeometry();
  geometry.setAttribute("position", new Float32BufferAttribute(corners.flatMap(place), 3));
  // A hatch repeats each 60 mm, laid over the two axes a point varies most along.
  geometry.setAttribute(
    "uv",
    new Float32BufferAttribute(
      corners.flatMap(([x, y, z]) => [(x + y) / 60, z === 0 ? y / 60 : z / 60]),
      2,
    ),
  );
  geometry.computeVertexNormals();
  return geometry;
}

/** A feature or strip as a thin plate on its face. */
function plate(shell: Shell, face: keyof Shell["faces"], corners: Point[], offMm: number): Mesh {
  const { frame } = shell.faces[face];
  const { out } = facing(shell.faces[face]);
  const at = corners.map((c): Vec3 => {
    const [x, y, z] = toSpace(frame, c);
    return [x + out[0] * offMm, y + out[1] * offMm, z + out[2] * offMm];
  });
  return {
    points: at,
    triangles: [
      [0, 1, 2],
      [0, 2, 3],
    ],
  };
}

/** The shell in the round: turned with the pointer, opened, and pulled apart. */
export default function Model() {
  const { plan, seen, variant } = useBuild();
  const { shell } = plan;
  const [apart, setApart] = useState(false);
  const [lidOff, setLidOff] = useState(true);
  const solids = useSolids(plan, variant, seen, lidOff);
  const size = Math.max(shell.outside.widthMm, shell.outside.depthMm, shell.outside.heightMm) / 1000;
  const middle: Vec3 = place([shell.inside.widthMm / 2, shell.inside.depthMm / 2, shell.inside.heightMm / 2]);
  return (
    <Flex
      data-board
      direction="column"
      bg="sheet"
      borderWidth="1px"
      borderColor="line"
      h={BOARD_HEIGHT}
      flex="0 0 auto"
    >
      <Flex gap="2" p="1.5" align="center">
        <QuietButton size="xs" aria-pressed={lidOff} onClick={() => setLidOff(!lidOff)}>
          {lidOff ? "Close it" : "Open it"}
        </QuietButton>
        <QuietButton size="xs" aria-pressed={apart} onClick={() => setApart(!apart)}>
          {apart ? "Put it together" : "Pull it apart"}
        </QuietButton>
        <Text fontSize="xs" color="muted">
          Drag to turn, wheel to come nearer. The net and the sections say the same in numbers.
        </Text>
      </Flex>
      <Box
        flex="1"
        minH="0"
        role="img"
        aria-label={`Model of the ${shell.words}, ${apart ? "pulled apart" : "together"}`}
      >
        <Canvas
          frameloop="demand"
          camera={{ position: [middle[0] + size * 0.9, middle[1] + size * 0.8, middle[2] - size * 1.7], fov: 38 }}
        >
          <ambientLight intensity={1.6} />
          <directionalLight position={[2, 4, -3]} intensity={1.6} />
          {solids
            .filter((s) => !(lidOff && s.opens))
            .map((solid) => (
              <SolidView key={solid.id} solid={solid} apart={apart ? size * 0.35 : 0} />
            ))}
          <OrbitControls target={[...middle]} makeDefault />
        </Canvas>
      </Box>
    </Flex>
  );
}

/** The solids of a shell, made again only when what is drawn has become another. */
function useSolids(
  { shell, site }: Pick<Plan, "shell" | "site">,
  variant: Variant,
  { covers, openings }: Seen,
  open: boolean,
): SolidOf[] {
  const drawn = useSame({ shell, variant, book: site.book, covers, openings, open }, (of) => [
    of.shell.faces,
    of.shell.strips,
    of.shell.gaps,
    of.shell.doors,
    of.shell.lining,
    of.shell.levels,
    of.variant.features,
    of.variant.background,
    of.variant.dividers,
    of.variant.boxes,
    of.variant.vessels,
    of.variant.hardscape,
    of.openings,
    of.open,
  ]);
  return useMemo(() => solidsOf(drawn), [drawn]);
}

interface SolidOf {
  id: string;
  family: Family;
  mesh: Mesh;
  out: Vec3;
  /** Taken away to look in: the side one reaches through. */
  opens: boolean;
}

type Drawn = { shell: Shell; variant: Variant; book: Book; open: boolean } & Pick<Seen, "covers" | "openings">;

function solidsOf({ shell, variant, book, covers, openings, open }: Drawn): SolidOf[] {
  const { features } = variant;
  const walls = Object.values(shell.faces)
    .filter((f) => !f.open)
    .map(
      (face): SolidOf => ({
        id: face.id,
        family: face.material.family,
        mesh: wallMesh(face),
        out: facing(face).out,
        opens: shell.openings.some((o) => o.face === face.id),
      }),
    );
  const strips = shell.strips.map(
    (strip): SolidOf => ({
      id: strip.id,
      family: strip.material.family,
      mesh: plate(shell, "front", cornersOf(strip), -(strip.backMm ?? 0)),
      out: [0, -1, 0],
      opens: false,
    }),
  );
  const vents = features.map(
    (feature): SolidOf => ({
      id: feature.id,
      family: "steel",
      mesh: plate(shell, feature.face, drawnCorners(feature), -1),
      out: facing(shell.faces[feature.face]).out,
      opens: shell.openings.some((o) => o.face === feature.face) && !shell.faces[feature.face].open,
    }),
  );
  return [
    ...walls,
    ...strips,
    ...foundSolids(shell),
    ...vents,
    ...leafSolids(shell, openings, open),
    ...backgroundSolids(shell, variant, covers),
    ...insideSolids(shell, variant, book).map((solid): SolidOf => ({ ...solid, out: [0, 0, 1], opens: false })),
  ];
}

/** The leaves of made doors and lids, shut or opened. */
const leafSolids = (shell: Shell, openings: Seen["openings"], open: boolean): SolidOf[] =>
  openings.flatMap(({ id, face, closure }) =>
    (closure?.leaves ?? [])
      .filter((leaf) => leaf.moves)
      .map(
        (leaf): SolidOf => ({
          id: `leaf-${id}-${leaf.id}`,
          family: LEAF_FAMILY[leaf.of],
          mesh: leafMesh(shell, face, leaf, open ? OPEN_DEG : 0),
          out: facing(shell.faces[face]).out,
          opens: false,
        }),
      ),
  );

/** Doors over an open front, a background that stays, and what came with the shell for air. */
function foundSolids(shell: Shell): SolidOf[] {
  const doors = shell.faces.front.open ? (shell.doors?.leaves ?? []) : [];
  return [
    ...doors.map(
      (leaf, i): SolidOf => ({
        id: `door-${i}`,
        family: "glass",
        mesh: plate(shell, "front", cornersOf(leaf), shell.doors!.thicknessMm),
        out: [0, -1, 0],
        opens: true,
      }),
    ),
    ...liningSolids(shell),
    ...shell.gaps
      .filter((gap) => gap.vent)
      .flatMap((gap) =>
        gap.at.map(
          (rect, i): SolidOf => ({
            id: `${gap.id}-${i}`,
            family: "steel",
            mesh: plate(shell, gap.face, cornersOf(rect), 1),
            out: facing(shell.faces[gap.face]).out,
            opens: shell.openings.some((o) => o.id === gap.opening),
          }),
        ),
      ),
  ];
}

/** A background that came with the shell. */
function liningSolids(shell: Shell): SolidOf[] {
  const { lining } = shell;
  if (!lining) return [];
  const face = shell.faces[lining.face];
  return [
    {
      id: "lining",
      family: "xps",
      mesh: boxMesh(boxOf(shell, lining.face, extent(face.outline), lining.depthMm)),
      out: facing(face).out,
      opens: false,
    },
  ];
}

/** The walls' reliefs, and what stands out of them. */
function backgroundSolids(shell: Shell, variant: Variant, covers: Seen["covers"]): SolidOf[] {
  const reliefs = covers
    .filter((c) => c.rect.heightMm > 0)
    .map(
      (cover): SolidOf => ({
        id: `cover-${cover.wall.face}`,
        family: "xps",
        mesh: coverMesh(shell, cover),
        out: facing(shell.faces[cover.wall.face]).out,
        opens: false,
      }),
    );
  const pieces = variant.background.zones.flatMap((zone): SolidOf[] => {
    if (shell.faces[zone.face].open || (!isPiece(zone) && !isPlanter(zone))) return [];
    return [
      {
        id: `zone-${zone.id}`,
        family: "timber",
        mesh: boxMesh(boxOf(shell, zone.face, zoneRect(zone), zoneDepthMm(zone))),
        out: facing(shell.faces[zone.face]).out,
        opens: false,
      },
    ];
  });
  const { groundMm, groundFrontMm } = shell.levels;
  const ground: SolidOf[] =
    groundMm > 0
      ? [
          {
            id: "ground",
            family: "chipboard",
            mesh: groundMesh(shell, groundFrontMm, groundMm),
            out: [0, 0, 0],
            opens: false,
          },
        ]
      : [];
  return [...reliefs, ...pieces, ...ground];
}

function SolidView({ solid, apart }: { solid: SolidOf; apart: number }) {
  const geometry = useMemo(() => geometryOf(solid.mesh), [solid]);
  const texture = useMemo(() => hatchTexture(solid.family), [solid.family]);
  const [x, y, z] = solid.out;
  const clear = isClear(solid.family) || solid.family === "twinWall";
  return (
    <mesh geometry={geometry} position={[x * apart, z * apart, y * apart]}>
      <meshStandardMaterial
        map={texture}
        side={DoubleSide}
        transparent={clear}
        opacity={clear ? 0.55 : 1}
        depthWrite={!clear}
      />
    </mesh>
  );
}
