import { remembering } from "../cache/remembering";
import { type Figure, type Known, memory, published } from "../figures/figure";
import { WET_GROUND } from "../ground/mass";
import type { Snag, TradeLedger } from "../ledgers/ledger";
import { testLevel } from "../seal/testLevel";
import { waterStands } from "../seal/water";
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
  /** Pa, over a patch of these shares of the pane. */
  pressurePa: number;
  patch: readonly [number, number];
  loadWords: string;
}

function lyingOf(site: Site): Lying[] {
  const { shell, variant, say } = site;
  const { base, top } = shell.faces;
  const waterMm = waterStands(site) && shell.levels.damTopMm > 0 ? testLevel(shell.levels).levelMm : 0;
  const wet = waterMm * WATER_KG_PER_M3 > shell.levels.groundMm * WET_GROUND.value;
  const kgPerM2 = Math.max(waterMm * WATER_KG_PER_M3, shell.levels.groundMm * WET_GROUND.value) / 1000;
  const topKg = variant.shell.topLoadKg.value;
  const share = (mm: number) => Math.min(1, PATCH_MM.value / mm);
  return [
    ...(shell.baseHangs && kgPerM2 > 0
      ? [
          {
            ...{ id: "base", label: "Base pane", face: base, pressurePa: kgPerM2 * GRAVITY, patch: [1, 1] as const },
            loadWords: wet ? `the test's ${say(waterMm)} of water` : `${say(shell.levels.groundMm)} of wet substrate`,
          },
        ]
      : []),
    ...(topKg > 0 && !top.open
      ? [
          {
            ...{ id: "top", label: "Top pane", face: top },
            pressurePa:
              (topKg * GRAVITY) /
              ((Math.min(PATCH_MM.value, top.room.widthMm) * Math.min(PATCH_MM.value, top.room.heightMm)) / 1e6),
            patch: [share(top.room.widthMm), share(top.room.heightMm)] as const,
            loadWords: `${topKg} kg in its middle`,
          },
        ]
      : []),
  ];
}

/** Panes that lie on their edges: a base that hangs in its frame, a top that carries something. */
export function lyingPanes(site: Site): Pick<TradeLedger, "figures" | "snags"> {
  const figures: Figure[] = [];
  const snags: Snag[] = [];
  for (const { id, label, face, pressurePa, patch, loadWords } of lyingOf(site)) {
    const kind = PANE_OF[face.material.family];
    if (!kind) continue;
    const { poisson, bowElasticPa, strengthPa, safety } = MATERIAL[kind];
    const { widthMm, heightMm } = face.room;
    const { moment, deflection } = series(heightMm / widthMm, patch, poisson);
    const [a, t] = [widthMm / 1000, face.material.thicknessMm / 1000];
    const stressMPa = (6 * moment * pressurePa * a * a) / (t * t) / 1e6;
    const bowMm = ((deflection * pressurePa * a ** 4 * 12 * (1 - poisson ** 2)) / (bowElasticPa * t ** 3)) * 1000;
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
        { name: "load, q", value: pressurePa, unit: "Pa" },
        { name: "width, a", value: widthMm, unit: "mm" },
        { name: "height", value: heightMm, unit: "mm" },
        { name: "thickness, t", value: face.material.thicknessMm, unit: "mm" },
        { name: "β", value: moment, unit: "", basis: published("timoshenko") },
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
