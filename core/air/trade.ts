import { airsOf, featureName, featureRect, meshOf } from "../features/feature";
import type { Feature } from "../features/schema";
import { airStage } from "../features/stages";
import { ventsOf } from "../features/vents";
import { constant, type Figure, type FigureInput, from } from "../figures/figure";
import { emptyLedger } from "../ledgers/ledger";
import { findMaterial } from "../materials/find";
import { areaAtMm2 } from "../shell/profile";
import type { Site } from "../shell/site";
import { heightOf } from "../shell/space";
import type { Trade } from "../trade/trade";
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

/** Gross opening of a feature, mm²; 0 for what is no vent. */
export const grossMm2 = (feature: Feature): number => airsOf(feature)?.grossMm2 ?? 0;

const meshMaterial = (site: Site, feature: Feature) => {
  const mesh = meshOf(feature);
  return mesh ? findMaterial(site.book, mesh, "mesh") : undefined;
};

/** What is left of a feature's opening after its mesh, mm². */
function freeMm2(site: Site, feature: Feature): number {
  const mesh = meshMaterial(site, feature);
  return grossMm2(feature) * (mesh ? meshPorosity(mesh.apertureMm, mesh.wireMm) : 1);
}

/** Height of a feature's middle above the base, mm. */
function heightMm(site: Site, feature: Feature): number {
  if (feature.face === "top") return site.shell.inside.heightMm;
  return feature.face === "base" ? 0 : heightOf(site.shell.faces[feature.face].frame, feature.v.value);
}

function airFigures(site: Site): Figure[] {
  const features = ventsOf(site.variant);
  const each = features.map((feature): Figure => {
    const mesh = meshMaterial(site, feature);
    const airs = airsOf(feature)!;
    return {
      id: `air/${feature.id}/free`,
      label: `Free area: ${featureName(feature)}`,
      value: freeMm2(site, feature) / 100,
      unit: "cm²",
      formula: `${airs.formula}${mesh ? " × mesh porosity, w/(w + d) each way" : ""}`,
      inputs: [
        ...airs.inputs,
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
function screenInputs(site: Site, group: Feature[], flow: number): FigureInput[] {
  const grossM2 = group.reduce((s, f) => s + grossMm2(f), 0) / 1e6;
  return group.flatMap((feature) => {
    const mesh = meshMaterial(site, feature);
    if (!mesh || flow <= 0) return [];
    const porosity = meshPorosity(mesh.apertureMm, mesh.wireMm);
    const loss = screenLoss(porosity, mesh.wireMm, flow / grossM2 / porosity);
    return [
      {
        name: `screen loss of ${featureName(feature)}, 1.3(1 − f) + (1/f − 1)² + 22/Re`,
        value: loss,
        unit: "",
        basis: SCREEN_SOURCE,
      },
    ];
  });
}

const asFlow =
  (site: Site) =>
  (feature: Feature): FlowOpening => {
    const mesh = meshMaterial(site, feature);
    return {
      grossM2: grossMm2(feature) / 1e6,
      mesh: mesh ? { porosity: meshPorosity(mesh.apertureMm, mesh.wireMm), wireMm: mesh.wireMm } : null,
    };
  };

/** Vents below and above the middle of their heights, and how far apart the two groups' middles are. */
function splitByHeight(site: Site): { low: Feature[]; high: Feature[]; apartMm: number } {
  const features = ventsOf(site.variant);
  const heights = features.map((f) => heightMm(site, f));
  const middle = (Math.min(...heights) + Math.max(...heights)) / 2;
  const low = features.filter((_, i) => heights[i]! < middle);
  const high = features.filter((_, i) => heights[i]! > middle);
  const mean = (list: Feature[]) =>
    list.reduce((s, f) => s + heightMm(site, f) * grossMm2(f), 0) /
    Math.max(
      1e-9,
      list.reduce((s, f) => s + grossMm2(f), 0),
    );
  return { low, high, apartMm: low.length > 0 && high.length > 0 ? mean(high) - mean(low) : 0 };
}

/** Vents: free area, and a first look at the flow. How they are cut and meshed is the features' own. */
export const airTrade: Trade = {
  id: "air",
  stage: airStage,
  reads: ["features", "closures"],
  needs: [],
  gives: [],
  plan: (site) => ({ ...emptyLedger(), snags: airSnags(site), figures: airFigures(site) }),
};
