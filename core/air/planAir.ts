import { cutStep } from "../features/cutStep";
import { featureRect } from "../features/feature";
import { openFraction } from "../features/holes/pattern";
import type { MeshPanel } from "../features/mesh/schema";
import type { Vent } from "../features/schema";
import { ventsOf } from "../features/vents";
import { constant, type Figure, type FigureInput, from } from "../figures/figure";
import type { Part, Step, Supply, TradeLedger } from "../ledgers/ledger";
import { findMaterial } from "../materials/find";
import { areaAtMm2 } from "../shell/profile";
import type { Site } from "../shell/site";
import { heightOf } from "../shell/space";
import { CAUTION } from "../workshop/cautions";
import { RATES } from "../workshop/rates";
import {
  EXCHANGE,
  exchangeFlow,
  type FlowOpening,
  LOOK_K,
  type LoneOpening,
  meshPorosity,
  SCREEN_SOURCE,
  SHARP_CD,
  screenLoss,
  stackFlow,
} from "./flow";
import { airSnags } from "./snags";

/** How one opening is cut. */
const CUT_WORDS: Record<MeshPanel["shape"], (feature: MeshPanel, say: Site["say"]) => string> = {
  panel: ({ width, height }, say) =>
    `${say(width.value)} × ${say(height.value)}. Drill the corners first, saw between them.`,
  slot: ({ width, height }, say) =>
    `${say(width.value)} × ${say(height.value)} over all: a hole at each end, as wide as the slot, and two saw cuts between.`,
  round: ({ width }, say) => `ø${say(width.value)}, with a hole saw or a jigsaw from a drilled hole.`,
};

/** Holes above this diameter are made with a hole saw. */
const HOLE_SAW_FROM_MM = 14;

/** Gross opening of a feature, mm². */
export const grossMm2 = (feature: Vent): number =>
  feature.kind === "holes"
    ? feature.columns * feature.rows * (Math.PI / 4) * feature.holeDia.value ** 2
    : openingMm2(feature);

/** Area of one cut opening: a rectangle, a slot whose ends are half circles, or a circle. */
function openingMm2(feature: MeshPanel): number {
  const { widthMm, heightMm } = featureRect(feature);
  const narrow = Math.min(widthMm, heightMm);
  return widthMm * heightMm - (feature.shape === "panel" ? 0 : (1 - Math.PI / 4) * narrow ** 2);
}

const meshOf = (site: Site, feature: Vent) =>
  feature.mesh === null ? undefined : findMaterial(site.book, feature.mesh, "mesh");

/** What is left of a feature's opening after its mesh, mm². */
function freeMm2(site: Site, feature: Vent): number {
  const mesh = meshOf(site, feature);
  return grossMm2(feature) * (mesh ? meshPorosity(mesh.apertureMm, mesh.wireMm) : 1);
}

/** Height of a feature's middle above the base, mm. */
function heightMm(site: Site, feature: Vent): number {
  if (feature.face === "top") return site.shell.inside.heightMm;
  return feature.face === "base" ? 0 : heightOf(site.shell.faces[feature.face].frame, feature.v.value);
}

/** Vents: free area, a first look at the flow, mesh to cut, and how they are made. */
export function planAir(site: Site): TradeLedger {
  const figures = airFigures(site);
  return {
    parts: meshParts(site),
    supplies: meshSupplies(site),
    steps: steps(site),
    snags: airSnags(site),
    figures,
  };
}

function meshParts(site: Site): Part[] {
  return ventsOf(site.variant).flatMap((feature): Part[] => {
    const mesh = meshOf(site, feature);
    if (!mesh) return [];
    const lapMm = feature.kind === "mesh" ? feature.lap.value : 20;
    const { widthMm: width, heightMm: height } = featureRect(feature);
    return [
      {
        id: `air/${feature.id}/mesh`,
        label: `Mesh for ${feature.name || feature.id}`,
        materialId: mesh.id,
        kind: "mesh",
        lengthMm: width + 2 * lapMm,
        widthMm: height + 2 * lapMm,
        thicknessMm: 0,
        qty: 1,
        grainLocked: false,
        working: {
          length: site.saySum([width, " opening + 2 × ", lapMm, " lap"]),
          width: site.saySum([height, " opening + 2 × ", lapMm, " lap"]),
        },
      },
    ];
  });
}

/** Mesh is bought by area; pieces rarely fit edge to edge, so a fifth more is the likely need. */
function meshSupplies(site: Site): Supply[] {
  const byMesh = new Map<string, Part[]>();
  for (const part of meshParts(site)) byMesh.set(part.materialId, [...(byMesh.get(part.materialId) ?? []), part]);
  return [...byMesh].map(([materialId, parts]): Supply => {
    const area = parts.reduce((sum, p) => sum + p.lengthMm * p.widthMm * p.qty, 0);
    return {
      id: `air/mesh/${materialId}`,
      label: findMaterial(site.book, materialId, "mesh")!.name,
      materialId,
      unit: "mm2",
      likely: area * 1.2,
      low: area,
      high: area * 1.6,
      why: `${parts.length} ${parts.length === 1 ? "piece" : "pieces"}, laps in it`,
    };
  });
}

function steps(site: Site): Step[] {
  return ventsOf(site.variant).flatMap((feature): Step[] => {
    const name = feature.name || feature.id;
    const holes = feature.kind === "holes" ? feature.columns * feature.rows : 0;
    const each =
      feature.kind === "holes" && feature.holeDia.value > HOLE_SAW_FROM_MM
        ? RATES.holeSaw.value
        : RATES.drillHole.value;
    const cut = cutStep(site, feature, {
      title: feature.kind === "holes" ? `Drill ${holes} holes: ${name}` : `Cut the opening: ${name}`,
      detail:
        feature.kind === "holes"
          ? `ø${site.say(feature.holeDia.value)} at ${site.say(feature.pitch.value)}, ${feature.columns} × ${feature.rows}, ${feature.pattern}. Backing board, slow, step drill or hole saw.`
          : CUT_WORDS[feature.shape](feature, site.say),
      stage: "air",
      handsOnMinutes: feature.kind === "holes" ? holes * each : RATES.cutOpening.value,
      toHand: ["drill", "backing board", "clamps"],
      passSign: "Edges deburred, both faces.",
      figure: `air/${feature.id}/free`,
    });
    if (feature.mesh === null) return [cut];
    return [
      cut,
      {
        id: `air/mesh/${feature.id}`,
        title: `Fit the mesh: ${name}`,
        detail: "Inside, lapped all round, edges covered so that nothing catches a toe.",
        stage: "air",
        handsOnMinutes: RATES.meshPanel.value,
        waitMinutes: 1440,
        waitFor: "the adhesive round the mesh",
        after: [
          { id: cut.id, because: "the opening must be there" },
          { id: "shell/glue", because: "mesh is torn by clamps and screws" },
        ],
        splittable: true,
        toHand: ["mesh", "frame or strips", "adhesive"],
        cautions: [CAUTION.mesh],
        passSign: "No corner lifts.",
      },
    ];
  });
}

const AREA_WORDS: Record<MeshPanel["shape"], string> = {
  panel: "width × height",
  slot: "width × height − (1 − π/4) · narrow way²",
  round: "π/4·d²",
};

function airFigures(site: Site): Figure[] {
  const features = ventsOf(site.variant);
  const each = features.map((feature): Figure => {
    const mesh = meshOf(site, feature);
    return {
      id: `air/${feature.id}/free`,
      label: `Free area: ${feature.name || feature.id}`,
      value: freeMm2(site, feature) / 100,
      unit: "cm²",
      formula: `${feature.kind === "holes" ? "holes × π/4·d²" : AREA_WORDS[feature.shape]}${mesh ? " × mesh porosity, w/(w + d) each way" : ""}`,
      inputs: [
        ...(feature.kind === "holes"
          ? [
              { name: "holes", value: feature.columns * feature.rows, unit: "" },
              { name: "diameter", value: feature.holeDia.value, unit: "mm" },
              {
                name: "open share of the pattern",
                value: openFraction(feature.pattern, feature.holeDia.value, feature.pitch.value),
                unit: "",
              },
            ]
          : [
              { name: "width", value: featureRect(feature).widthMm, unit: "mm" },
              { name: "height", value: featureRect(feature).heightMm, unit: "mm" },
            ]),
        ...(mesh
          ? [
              {
                name: `porosity of ${mesh.name}`,
                value: meshPorosity(mesh.apertureMm, mesh.wireMm),
                unit: "",
                basis: mesh.basis,
              },
            ]
          : []),
      ],
    };
  });
  if (features.length === 0) return [];
  const freeCm2 = each.reduce((sum, f) => sum + f.value, 0);
  const { profile, volumeMl } = site.shell;
  const total: Figure = {
    id: "air/free",
    label: "Free area, all vents",
    value: freeCm2,
    unit: "cm²",
    formula: "Σ free areas",
    inputs: [
      ...each.map((f) => from(f)),
      { name: "per m² of floor", value: (freeCm2 / areaAtMm2(profile, 0)) * 1e6, unit: "cm²" },
    ],
  };

  const { low, high, apartMm } = splitByHeight(site);
  const roomK = 273.15 + (site.brief.room.tempC.low + site.brief.room.tempC.high) / 2;
  const oneLevel = apartMm === 0;
  const lone = features.map((feature): LoneOpening => {
    const flat = feature.face === "top" || feature.face === "base";
    return { ...asFlow(site)(feature), heightM: flat ? undefined : featureRect(feature).heightMm / 1000 };
  });
  const flow = oneLevel
    ? exchangeFlow(lone, LOOK_K.value, roomK)
    : stackFlow(low.map(asFlow(site)), high.map(asFlow(site)), apartMm / 1000, LOOK_K.value, roomK);
  const volumeM3 = volumeMl / 1e6;
  return [
    ...each,
    total,
    {
      id: "air/changes",
      label: "Air changes by warmth alone",
      value: (flow * 3600) / volumeM3,
      unit: "1/h",
      estimate: true,
      formula: oneLevel
        ? "in and out through openings at one level: Cd·A/3·√(g·H·ΔT/T) upright, 0.055·√(g·(ΔT/T)·D⁵) lying flat, ÷ volume; screens passed both ways"
        : "Cd·A·√(2·g·h·ΔT/T) ÷ volume; low and high openings in series, screens by their own velocity, gross areas",
      inputs: [
        ...(oneLevel
          ? [
              {
                name: "openings at one level, gross",
                value: lone.reduce((s, o) => s + o.grossM2 * 1e4, 0),
                unit: "cm²",
              },
              constant("exchange through an opening that lies flat", EXCHANGE, ""),
            ]
          : [
              { name: "low openings, gross", value: low.reduce((s, f) => s + grossMm2(f), 0) / 100, unit: "cm²" },
              { name: "high openings, gross", value: high.reduce((s, f) => s + grossMm2(f), 0) / 100, unit: "cm²" },
              { name: "height between them", value: apartMm, unit: "mm" },
              ...screenInputs(site, low, flow),
              ...screenInputs(site, high, flow),
            ]),
        constant("Cd without a screen", SHARP_CD, ""),
        constant("inside warmer than the room by", LOOK_K, "K"),
      ],
    },
  ];
}

/** The loss of each screen at the velocity found, for the working. */
function screenInputs(site: Site, group: Vent[], flow: number): FigureInput[] {
  const grossM2 = group.reduce((s, f) => s + grossMm2(f), 0) / 1e6;
  return group.flatMap((feature) => {
    const mesh = meshOf(site, feature);
    if (!mesh || flow <= 0) return [];
    const porosity = meshPorosity(mesh.apertureMm, mesh.wireMm);
    const loss = screenLoss(porosity, mesh.wireMm, flow / grossM2 / porosity);
    return [
      {
        name: `screen loss of ${feature.name || feature.id}, 1.3(1 − f) + (1/f − 1)² + 22/Re`,
        value: loss,
        unit: "",
        basis: SCREEN_SOURCE,
      },
    ];
  });
}

const asFlow =
  (site: Site) =>
  (feature: Vent): FlowOpening => {
    const mesh = meshOf(site, feature);
    return {
      grossM2: grossMm2(feature) / 1e6,
      mesh: mesh ? { porosity: meshPorosity(mesh.apertureMm, mesh.wireMm), wireMm: mesh.wireMm } : null,
    };
  };

/** Vents below and above the middle of their heights, and how far apart the two groups' middles are. */
function splitByHeight(site: Site): { low: Vent[]; high: Vent[]; apartMm: number } {
  const features = ventsOf(site.variant);
  const heights = features.map((f) => heightMm(site, f));
  const middle = (Math.min(...heights) + Math.max(...heights)) / 2;
  const low = features.filter((_, i) => heights[i]! < middle);
  const high = features.filter((_, i) => heights[i]! > middle);
  const mean = (list: Vent[]) =>
    list.reduce((s, f) => s + heightMm(site, f) * grossMm2(f), 0) /
    Math.max(
      1e-9,
      list.reduce((s, f) => s + grossMm2(f), 0),
    );
  return { low, high, apartMm: low.length > 0 && high.length > 0 ? mean(high) - mean(low) : 0 };
}
