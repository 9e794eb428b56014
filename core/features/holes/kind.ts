import { setMm } from "../../ledgers/fix";
import { emptyLedger, type Snag } from "../../ledgers/ledger";
import { HOLE_REASON, holeApartMm, holeEdgeMm } from "../../materials/drilling";
import type { Site } from "../../shell/site";
import { atLeast } from "../../units/tolerance";
import { RATES } from "../../workshop/rates";
import { cutSteps } from "../cutStep";
import type { FeatureKind, Fitted } from "../kind";
import { featureName } from "../name";
import { checkVentMesh, meshMaterial, meshParts, meshSteps, ventReached, ventStaysFree, ventWay } from "../vent";
import { fieldSize, holeCentres, openFraction, rowMm } from "./pattern";
import type { Holes } from "./schema";
import { holesStarts } from "./starts";

/** Holes above this diameter are made with a hole saw. */
const HOLE_SAW_FROM_MM = 14;
/** What a mesh laps round a field of holes, mm. */
const LAP_MM = 20;
const MOST_HOLES = 5000;

/** As many columns and rows as the face gives. */
function fitted(feature: Holes, room: { widthMm: number; heightMm: number }): Fitted | undefined {
  let { columns, rows } = feature;
  while (columns > 1 && fieldSize({ ...feature, columns, rows }).widthMm > room.widthMm) columns--;
  while (rows > 1 && fieldSize({ ...feature, columns, rows }).heightMm > room.heightMm) rows--;
  const size = fieldSize({ ...feature, columns, rows });
  if (size.widthMm > room.widthMm || size.heightMm > room.heightMm) return undefined;
  if (columns === feature.columns && rows === feature.rows)
    return { label: "Move it onto the face", ...size, sizes: [] };
  return {
    label: `Make it ${columns} × ${rows} holes`,
    ...size,
    sizes: [
      { path: "/columns", value: columns },
      { path: "/rows", value: rows },
    ],
  };
}

/** Holes keep a diameter of sheet between them. */
function bridgeSnags({ say }: Site, feature: Holes, path: string): Snag[] {
  const wantedMm = feature.holeDia.value + holeApartMm(feature.holeDia.value);
  if (atLeast(feature.pitch.value, wantedMm)) return [];
  return [
    {
      rule: "air/holes-too-close",
      subject: feature.id,
      severity: "mind",
      stage: "air",
      title: `${featureName(feature)}: thin bridges between holes`,
      sentence: `${say(feature.pitch.value - feature.holeDia.value, "down")} between holes of ${say(feature.holeDia.value)}.`,
      reason: "Keep one hole diameter between holes in brittle plastic (trade practice, no source).",
      ...(feature.origin === "made" && {
        fix: { label: `Set the pitch to ${say(wantedMm)}`, patch: [setMm(`${path}/pitch`, wantedMm)] },
      }),
    },
  ];
}

/** A field of drilled holes, behind mesh or open. */
export const holes: FeatureKind<Holes> = {
  kind: "holes",
  stage: "air",
  starts: holesStarts,
  size: fieldSize,
  check(feature, path, checker) {
    const { between, add, say } = checker;
    between(`${path}/holeDia`, feature.holeDia, 0.5, 150, "A hole");
    between(`${path}/pitch`, feature.pitch, 0.5, 500, "The pitch");
    if (feature.pitch.value > 0 && feature.pitch.value <= feature.holeDia.value)
      add(
        `${path}/pitch`,
        `Holes of ${say(feature.holeDia.value)} run into one another at ${say(feature.pitch.value)}. Type ${say(2 * feature.holeDia.value)}.`,
      );
    if (feature.columns * feature.rows > MOST_HOLES)
      add(`${path}/rows`, "More than 5000 holes. Use a mesh panel instead.");
    checkVentMesh(feature, path, checker);
  },
  cut: (feature) => holeCentres(feature).map((at) => ({ shape: "circle", ...at, diaMm: feature.holeDia.value })),
  cutWords: ({ columns, rows, holeDia, pattern, pitch }, say) =>
    `${columns * rows} holes of ${say(holeDia.value)}, ${pattern}, ${say(pitch.value)} apart`,
  edgeMm: ({ holeDia }) => holeEdgeMm(holeDia.value),
  edgeReason: HOLE_REASON,
  mayBeWet: () => false,
  fitted,
  sized: (feature, extent) => {
    const count = (mm: number, stepMm: number) => Math.max(1, Math.round((mm - feature.holeDia.value) / stepMm) + 1);
    const { columns, rows } = {
      columns: count(extent.widthMm, feature.pitch.value),
      rows: count(extent.heightMm, rowMm(feature)),
    };
    return [
      { path: "/columns", value: columns },
      { path: "/rows", value: rows },
    ];
  },
  readings: ({ id }) => [{ figure: `air/${id}/free`, label: "Free area" }],
  masked: () => false,
  stayFree: () => ventStaysFree,
  airs: ({ columns, rows, holeDia, pitch, pattern }) => ({
    grossMm2: columns * rows * (Math.PI / 4) * holeDia.value ** 2,
    formula: "holes × π/4·d²",
    inputs: [
      { name: "holes", value: columns * rows, unit: "" },
      { name: "diameter", value: holeDia.value, unit: "mm" },
      { name: "open share of the pattern", value: openFraction(pattern, holeDia.value, pitch.value), unit: "" },
    ],
  }),
  mesh: ({ mesh }) => mesh,
  ways(site, feature, path) {
    const mesh = meshMaterial(site, feature);
    return ventWay(
      site,
      feature,
      path,
      {
        name: featureName(feature),
        kind: "round",
        diameterMm: feature.holeDia.value,
        ...(mesh && { behindMesh: { apertureMm: mesh.apertureMm } }),
      },
      "Put",
    );
  },
  reached: (feature, { through }) => ventReached(feature, through),
  plan(site, feature, path) {
    const count = feature.columns * feature.rows;
    const each = feature.holeDia.value > HOLE_SAW_FROM_MM ? RATES.holeSaw.value : RATES.drillHole.value;
    return {
      ...emptyLedger(),
      parts: meshParts(site, feature, fieldSize(feature), LAP_MM),
      steps: [
        ...cutSteps(site, feature, {
          title: `Drill ${count} holes: ${featureName(feature)}`,
          detail: `ø${site.say(feature.holeDia.value)} at ${site.say(feature.pitch.value)}, ${feature.columns} × ${feature.rows}, ${feature.pattern}. Backing board, slow, step drill or hole saw.`,
          stage: "air",
          handsOnMinutes: count * each,
          work: "drill",
          toHand: ["drill", "backing board", "clamps"],
          passSign: "Edges deburred, both faces.",
          figure: `air/${feature.id}/free`,
        }),
        ...meshSteps(feature),
      ],
      snags: bridgeSnags(site, feature, path),
    };
  },
};
