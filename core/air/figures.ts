import {
  EXCHANGE,
  exchangeFlow,
  type FlowOpening,
  LOOK_K,
  type LoneOpening,
  SCREEN_SOURCE,
  SHARP_CD,
  screenLoss,
  stackFlow,
} from "../climate/flow";
import type { AirPath } from "../escape/airPath";
import { constant, type Figure, type FigureInput, from } from "../figures/figure";
import { areaAtMm2 } from "../shell/profile";
import type { Site } from "../shell/site";
import { type Airway, freeMm2, grossMm2 } from "./paths";

const asFlow = ({ grossMm2, screens }: AirPath): FlowOpening => ({ grossM2: grossMm2 / 1e6, screens });

const grossCm2 = (paths: readonly AirPath[]) => paths.reduce((s, p) => s + p.grossMm2, 0) / 100;

/** Openings below and above the middle of their heights, and how far apart the two groups' middles are. */
function splitByHeight(paths: readonly AirPath[]): { low: AirPath[]; high: AirPath[]; apartMm: number } {
  const heights = paths.map((p) => p.zMm);
  const middle = (Math.min(...heights) + Math.max(...heights)) / 2;
  const low = paths.filter((p) => p.zMm < middle);
  const high = paths.filter((p) => p.zMm > middle);
  const mean = (list: AirPath[]) =>
    list.reduce((s, p) => s + p.zMm * p.grossMm2, 0) /
    Math.max(
      1e-9,
      list.reduce((s, p) => s + p.grossMm2, 0),
    );
  return { low, high, apartMm: low.length > 0 && high.length > 0 ? mean(high) - mean(low) : 0 };
}

/** The loss of each screen at the velocity found, for the working. */
function screenInputs(airways: readonly Airway[], group: readonly AirPath[], flow: number): FigureInput[] {
  const grossM2 = grossCm2(group) / 1e4;
  return group.flatMap((path) => {
    const name = airways.find((a) => a.paths.includes(path))!.label;
    return path.screens.flatMap((screen) =>
      flow <= 0
        ? []
        : [
            {
              name: `screen loss of ${name}, 1.3(1 − f) + (1/f − 1)² + 22/Re`,
              value: screenLoss(screen.porosity, screen.wireMm, flow / grossM2 / screen.porosity),
              unit: "",
              basis: SCREEN_SOURCE,
            },
          ],
    );
  });
}

/** Free area of one vent. */
function freeFigure(vent: Airway): Figure {
  const { id, label, working } = vent;
  const mesh = working?.mesh;
  return {
    id: `air/${id}/free`,
    label: `Free area: ${label}`,
    value: freeMm2(vent) / 100,
    unit: "cm²",
    formula: working
      ? `${working.formula}${mesh ? " × mesh porosity, w/(w + d) each way" : ""}`
      : "as found × open share",
    inputs: [
      ...(working?.inputs ?? [{ name: "gross, as found", value: grossMm2(vent) / 100, unit: "cm²" }]),
      ...vent.paths.slice(0, 1).flatMap(({ screens }) =>
        screens.map(
          (s): FigureInput => ({
            name: mesh ? `porosity of ${mesh.name}` : "porosity of its mesh",
            value: s.porosity,
            unit: "",
            ...(mesh && { basis: mesh.basis }),
          }),
        ),
      ),
    ],
  };
}

/** Free areas, and gaps that nobody meant. */
export function airFigures(site: Site, airways: readonly Airway[]): Figure[] {
  if (airways.length === 0) return [];
  const each = airways.filter((a) => a.vent).map(freeFigure);
  const leaks = airways.filter((a) => !a.vent);
  const freeCm2 = each.reduce((sum, f) => sum + f.value, 0);
  const { profile } = site.shell;
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
  const gaps: Figure[] =
    leaks.length === 0
      ? []
      : [
          {
            id: "air/gaps",
            label: "Gaps that air passes",
            value: leaks.reduce((sum, a) => sum + grossMm2(a), 0) / 100,
            unit: "cm²",
            formula: "Σ gap × length, as they stand with what closes them",
            inputs: leaks.map((a) => ({ name: a.label, value: grossMm2(a) / 100, unit: "cm²" })),
          },
        ];
  return [...(each.length > 0 ? [...each, total] : []), ...gaps];
}

/** A first look at how often the air changes by warmth alone, gaps that nobody meant counted: until the day is worked out. */
export function changesByWarmth(site: Site, airways: readonly Airway[]): Figure[] {
  if (airways.length === 0) return [];
  const { volumeMl } = site.shell;
  const paths = airways.flatMap((a) => a.paths);
  const { low, high, apartMm } = splitByHeight(paths);
  const roomK = 273.15 + (site.brief.room.tempC.low + site.brief.room.tempC.high) / 2;
  const oneLevel = apartMm === 0;
  const lone = paths.map(
    (path): LoneOpening => ({
      ...asFlow(path),
      heightM: path.uprightMm === null ? undefined : path.uprightMm / 1000,
    }),
  );
  const flow = oneLevel
    ? exchangeFlow(lone, LOOK_K.value, roomK)
    : stackFlow(low.map(asFlow), high.map(asFlow), apartMm / 1000, LOOK_K.value, roomK);
  return [
    {
      id: "air/changes",
      label: "Air changes by warmth alone",
      value: (flow * 3600) / (volumeMl / 1e6),
      unit: "1/h",
      estimate: true,
      formula: oneLevel
        ? "in and out through openings at one level: Cd·A/3·√(g·H·ΔT/T) upright, 0.055·√(g·(ΔT/T)·D⁵) lying flat, ÷ volume; screens passed both ways"
        : "Cd·A·√(2·g·h·ΔT/T) ÷ volume; low and high openings in series, screens by their own velocity, gross areas",
      inputs: [
        ...(oneLevel
          ? [
              { name: "openings at one level, gross", value: grossCm2(paths), unit: "cm²" },
              constant("exchange through an opening that lies flat", EXCHANGE, ""),
            ]
          : [
              { name: "low openings, gross", value: grossCm2(low), unit: "cm²" },
              { name: "high openings, gross", value: grossCm2(high), unit: "cm²" },
              { name: "height between them", value: apartMm, unit: "mm" },
              ...screenInputs(airways, low, flow),
              ...screenInputs(airways, high, flow),
            ]),
        constant("Cd without a screen", SHARP_CD, ""),
        constant("inside warmer than the room by", LOOK_K, "K"),
      ],
    },
  ];
}
