import { remembering } from "../cache/remembering";
import { type Figure, type Known, memory, published } from "../figures/figure";
import { WET_GROUND } from "../figures/substrate";
import { weightOf } from "../hardscape/mass";
import type { Snag, TradeLedger } from "../ledgers/ledger";
import { testLevel } from "../seal/testLevel";
import { waterStands } from "../seal/water";
import { topCarriesKg } from "../shell/carries";
import type { ShellFace } from "../shell/shell";
import type { Site } from "../shell/site";
import { GRAVITY, WATER_KG_PER_M3 } from "../units/constants";
import { atMost } from "../units/tolerance";
import { spreadLoad } from "./loads";
import { MATERIAL, PANE_OF } from "./pane";

/** What a load on a top stands on, mm: a lamp's foot or a timer. */
const PATCH_MM: Known = { value: 120, basis: memory };

const series = remembering(spreadLoad);

/** A pane that lies on its edges, and what lies on it. */
interface Lying {
  id: string;
  label: string;
  face: ShellFace;
  /** What lies on it, together. */
  loads: readonly Load[];
  loadWords: string;
}

/** A load in the middle of a pane, Pa, over a patch of these shares of it. */
interface Load {
  pressurePa: number;
  patch: readonly [number, number];
}

function lyingOf(site: Site): Lying[] {
  const { shell, variant, say } = site;
  const { base, top } = shell.faces;
  const waterMm = waterStands(site) && shell.levels.damTopMm > 0 ? testLevel(shell.levels).levelMm : 0;
  const wet = waterMm * WATER_KG_PER_M3 > shell.levels.groundMm * WET_GROUND.value;
  const kgPerM2 = Math.max(waterMm * WATER_KG_PER_M3, shell.levels.groundMm * WET_GROUND.value) / 1000;
  const topKg = topCarriesKg(variant);
  const share = (mm: number) => Math.min(1, PATCH_MM.value / mm);
  const fill: Load[] = kgPerM2 > 0 ? [{ pressurePa: kgPerM2 * GRAVITY, patch: [1, 1] }] : [];
  return [
    ...(shell.baseHangs && kgPerM2 > 0
      ? [
          {
            ...{ id: "base", label: "Base pane", face: base, loads: fill },
            loadWords: wet ? `the test's ${say(waterMm)} of water` : `${say(shell.levels.groundMm)} of wet substrate`,
          },
        ]
      : []),
    ...(shell.baseHangs ? stonesOn(site, fill) : []),
    ...(topKg > 0 && !top.open
      ? [
          {
            ...{ id: "top", label: "Top pane", face: top },
            loads: [
              {
                pressurePa:
                  (topKg * GRAVITY) /
                  ((Math.min(PATCH_MM.value, top.room.widthMm) * Math.min(PATCH_MM.value, top.room.heightMm)) / 1e6),
                patch: [share(top.room.widthMm), share(top.room.heightMm)] as const,
              },
            ],
            loadWords: `${topKg} kg in its middle`,
          },
        ]
      : []),
  ];
}

/** Stones and stumps on a base that hangs: each on its own foot, taken in the middle, where it bears worst, beside what fills it. */
const stonesOn = ({ shell, variant }: Site, fill: readonly Load[]): Lying[] =>
  variant.hardscape.flatMap((piece): Lying[] => {
    if (piece.shape === "branch" || piece.on !== "base") return [];
    const { widthMm, heightMm } = shell.faces.base.room;
    const share = (mm: number, room: number) => Math.min(1, mm / room);
    const { highKg } = weightOf(piece);
    return [
      {
        ...{ id: `base-${piece.id}`, label: "Base pane", face: shell.faces.base },
        loads: [
          {
            pressurePa: (highKg * GRAVITY) / ((piece.width.value * piece.length.value) / 1e6),
            patch: [share(piece.width.value, widthMm), share(piece.length.value, heightMm)],
          },
          ...fill,
        ],
        loadWords: `${piece.name}, ${highKg.toFixed(1)} kg at most${fill.length > 0 ? ", beside what fills it" : ""}`,
      },
    ];
  });

/** Panes that lie on their edges: a base that hangs in its frame, a top that carries something. */
export function lyingPanes(site: Site): Pick<TradeLedger, "figures" | "snags"> {
  const figures: Figure[] = [];
  const snags: Snag[] = [];
  for (const { id, label, face, loads, loadWords } of lyingOf(site)) {
    const kind = PANE_OF[face.material.family];
    if (!kind) continue;
    const { poisson, bowElasticPa, strengthPa, safety } = MATERIAL[kind];
    const { widthMm, heightMm } = face.room;
    const [a, t] = [widthMm / 1000, face.material.thicknessMm / 1000];
    // A plate bends by each load as if it were alone, and by all together.
    const bends = loads.map(({ pressurePa, patch }) => {
      const { moment, deflection } = series(heightMm / widthMm, patch, poisson);
      return {
        ...{ pressurePa, moment, stressMPa: (6 * moment * pressurePa * a * a) / (t * t) / 1e6 },
        bowMm: ((deflection * pressurePa * a ** 4 * 12 * (1 - poisson ** 2)) / (bowElasticPa * t ** 3)) * 1000,
      };
    });
    const stressMPa = bends.reduce((sum, load) => sum + load.stressMPa, 0);
    const bowMm = bends.reduce((sum, load) => sum + load.bowMm, 0);
    const allowedMPa = strengthPa / safety / 1e6;
    figures.push({
      id: `panes/lying-${id}`,
      label: `${label}, stress under ${loadWords}`,
      value: stressMPa,
      unit: "MPa",
      rounding: "up",
      estimate: true,
      formula: "6 · β · q · a² ÷ t², β by Navier's series, held at its four edges",
      inputs: [
        ...bends.flatMap(({ pressurePa, moment }) => [
          { name: "load, q", value: pressurePa, unit: "Pa" },
          { name: "β", value: moment, unit: "", basis: published("timoshenko") },
        ]),
        { name: "width, a", value: widthMm, unit: "mm" },
        { name: "height", value: heightMm, unit: "mm" },
        { name: "thickness, t", value: face.material.thicknessMm, unit: "mm" },
        { name: "bow in its middle", value: bowMm, unit: "mm" },
        { name: "stress it may bear for good", value: allowedMPa, unit: "MPa" },
      ],
    });
    if (!atMost(stressMPa, allowedMPa))
      snags.push({
        rule: "panes/lying-too-thin",
        subject: id,
        severity: "stop",
        stage: "shell",
        title: `${label}: too thin for its load`,
        sentence: `${site.say(face.material.thicknessMm)} under ${loadWords} bears ${stressMPa.toFixed(1)} MPa; ${allowedMPa.toFixed(1)} is what glass may bear for good.`,
        reason: "Bear it up from under with a board all over, or carry less. A glazier decides.",
        figure: `panes/lying-${id}`,
      });
  }
  return { figures, snags };
}
