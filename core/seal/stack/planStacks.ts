import type { FaceId } from "../../design/names";
import { constant, type Figure } from "../../figures/figure";
import {
  emptyLedger,
  type Posture,
  type Snag,
  type Step,
  type Supply,
  type TradeLedger,
  type Wait,
} from "../../ledgers/ledger";
import { gatherNeeds, type Need, need, spread } from "../../ledgers/needs";
import { materialsOf } from "../../materials/find";
import type { ClothForm } from "../../materials/names";
import { isFlat, lyingOn } from "../../shell/flat";
import type { Site } from "../../shell/site";
import { formatMinutes, formatNumber } from "../../units/format";
import { CAUTION } from "../../workshop/cautions";
import { RATES } from "../../workshop/rates";
import type { Layer } from "../schema";
import { coatedM2 } from "./area";
import { coatsOf } from "./coats";
import { curesOf, type LayerKind, layerKind } from "./layers";
import { judgedStacks, stackSnags } from "./snags";

/** Which way up the shell lies while a face is coated: that face down. */
const FACE_DOWN: Record<FaceId, Posture> = {
  base: "upright",
  top: "onTop",
  left: "onLeft",
  right: "onRight",
  back: "onBack",
  front: "onFront",
};
const CAUTIONS: Record<NonNullable<LayerKind["caution"]>, string> = {
  solventFumes: CAUTION.solventFumes,
  siliconeFumes: CAUTION.siliconeFumes,
  dust: CAUTION.dust,
  foam: CAUTION.foamFumes,
  alkaline: CAUTION.alkaline,
};

/** The step of a layer's coat, by what it is: the log and the diary know it by this. */
export const coatStepId = (face: FaceId, layer: Pick<Layer, "id">, coat: number): string =>
  `seal/${face}/${layer.id}-${coat}`;

/** What the stacks are made of, what they take, and in what order they go on; beads are laid by the seal itself. */
export function planStacks(site: Site): TradeLedger {
  const taken = gatherNeeds(site.book, "seal/layers", takenNeeds(site));
  const figures = [...coatFigures(site), ...massFigure(site), ...taken.figures];
  return {
    ...emptyLedger(),
    supplies: [...coatSupplies(site, figures), ...taken.supplies],
    steps: site.variant.seal.stacks.flatMap(({ face, layers }) =>
      site.shell.faces[face].open ? [] : faceSteps(site, face, layers),
    ),
    snags: [...stackSnags(site), ...notCounted(site)],
    figures,
  };
}

/** The layers that are put on, beads apart. */
const coatsOn = (site: Site): LayerKind[] =>
  site.variant.seal.stacks.flatMap(({ face, layers }) =>
    site.shell.faces[face].open ? [] : layers.filter((l) => stepsFor(l) > 0).map((l) => layerKind(l.layer)),
  );

/** Whether anything is done to any face. */
export const isCoated = (site: Site): boolean => coatsOn(site).length > 0;

/** How long the slowest coat that keeps water out takes until it may get wet; 0 where there is none. */
export const coatsWetMinutes = (site: Site): number =>
  Math.max(0, ...coatsOn(site).map((k) => (k.keeps === "standing" ? k.dry.wet.value * 60 : 0)));

/** How long the slowest coat takes until it is safe for animals. */
export const coatsSafeMinutes = (site: Site): number => Math.max(0, ...coatsOn(site).map((k) => k.dry.safe.value * 60));

/** Steps a layer has of its own: one a coat; beads and openings are planned elsewhere. */
function stepsFor(layer: Layer): number {
  if (layer.layer === "beads" || layer.layer === "openings") return 0;
  return layerKind(layer.layer).kind === "work" ? 1 : coatsOf(layer);
}

function faceSteps(site: Site, face: FaceId, layers: Layer[]): Step[] {
  const m2 = coatedM2(face, site.shell, site.variant);
  const steps: Step[] = [];
  const { [face]: own } = site.shell.faces;
  const start = [
    ...(isFlat(own) ? [] : [{ reached: "stands" as const, because: "the walls must stand still" }]),
    { reached: "holesCut", of: face, because: "openings are cut before coats: raw edges stay exposed" },
  ] satisfies Wait[];
  const outermost = layers.findLast((l) => stepsFor(l) > 0);
  for (const layer of layers) {
    const kind = layerKind(layer.layer);
    const coats = stepsFor(layer);
    for (let coat = 1; coat <= coats; coat++) {
      const last = steps.at(-1);
      const work = kind.kind === "work";
      const wait = work
        ? 0
        : (coat < coats ? kind.dry.recoat.value : Math.max(kind.dry.recoat.value, kind.dry.handle.value)) * 60;
      steps.push({
        id: coatStepId(face, layer, coat),
        title: `${kind.name}, ${face}${coats > 1 ? `, coat ${coat} of ${coats}` : ""}`,
        detail: `${formatNumber(m2)} m²${isFlat(own) ? ", flat on the bench, the joints masked" : ""}. ${kind.mind}`,
        stage: "seal",
        handsOnMinutes: work ? m2 * RATES.keyPerM2.value : RATES.coatSetUp.value + m2 * RATES.coatPerM2.value,
        work: work ? "key" : "coat",
        waitMinutes: wait,
        ...(!work && { cures: curesOf(kind.dry) }),
        ...(wait > 0 && { waitFor: coat < coats ? "the coat to take the next" : "the coat to set" }),
        after: last
          ? [{ id: last.id, because: work ? "it is worked once it has set" : "each layer sets before the next" }]
          : start,
        ...(layer === outermost && coat === coats && { reaches: [`coated:${face}` as const] }),
        uses: materialsFor(site, layer.layer),
        ...(!work && lyingOn(own, FACE_DOWN[face])),
        splittable: work,
        toHand: work ? ["abrasive pad", "alcohol", "vacuum"] : [kind.name, "gloves", "masking tape"],
        cautions: kind.caution ? [CAUTIONS[kind.caution]] : [],
        passSign: work ? kind.mind : passSign(kind),
      });
    }
  }
  return steps;
}

/** What a coat of a layer is bought as, where that is known. */
function materialsFor(site: Site, form: Layer["layer"]): string[] {
  const coat = coatMaterial(site, form);
  if (coat) return [coat.id];
  const { takes } = layerKind(form);
  if (!takes) return [];
  return [takes.class === "sealant" ? site.variant.seal.sealant : clothId(site, takes.form)];
}

const passSign = (kind: LayerKind): string =>
  kind.keeps === "nothing"
    ? "Holds, nothing loose."
    : `No light of a lamp through it, no pinhole; touch-dry after ${formatMinutes(kind.dry.handle.value * 60)}.`;

/** Layers of one kind over all faces, coat by coat, in square metres; beads and work apart. */
function coatedByForm(site: Site): Map<Layer["layer"], { m2: number; faces: string[] }> {
  const found = new Map<Layer["layer"], { m2: number; faces: string[] }>();
  for (const { face, layers } of site.variant.seal.stacks) {
    if (site.shell.faces[face].open) continue;
    const m2 = coatedM2(face, site.shell, site.variant);
    for (const layer of layers) {
      if (stepsFor(layer) === 0 || layerKind(layer.layer).kind === "work") continue;
      const at = found.get(layer.layer) ?? { m2: 0, faces: [] };
      found.set(layer.layer, { m2: at.m2 + m2 * coatsOf(layer), faces: [...at.faces, `${face} × ${coatsOf(layer)}`] });
    }
  }
  return found;
}

const clothId = (site: Site, form: ClothForm) =>
  materialsOf(site.book, "cloth").find((c) => c.form === form)?.id ?? `cloth-${form.toLowerCase()}`;

const coatMaterial = (site: Site, form: Layer["layer"]) => materialsOf(site.book, "coat").find((c) => c.form === form);

/** Layers of which nothing says how much they take: they are then neither bought nor weighed, and that is said. */
function notCounted(site: Site): Snag[] {
  return [...coatedByForm(site).keys()]
    .filter((form) => !coatMaterial(site, form) && layerKind(form).takes === undefined)
    .map((form) => ({
      rule: "seal/coat-not-in-book",
      subject: form,
      severity: "mind",
      stage: "seal",
      title: `${layerKind(form).name} is not counted`,
      sentence: `How much ${layerKind(form).name.toLowerCase()} this takes is not known here: it is neither bought nor weighed.`,
      reason:
        "A can's label says what it covers or fills. Foam and finishes of whole walls are counted under Background, by their depth.",
    }));
}

/** Layers that are bought as something else: a sheet from the roll, silicone for dabs and under fibre. */
function takenNeeds(site: Site): Need[] {
  return [...coatedByForm(site)].flatMap(([form, { m2, faces }]): Need[] => {
    const { takes, name } = layerKind(form);
    if (!takes || coatMaterial(site, form)) return [];
    const why = `${name.toLowerCase()}, ${formatNumber(m2, 2)} m²: ${faces.join(", ")}`;
    if (takes.class === "sealant")
      return [
        need(site.variant.seal.sealant, "mL", why, spread(m2 * 1000, takes.litresPerM2), [
          constant(`${name.toLowerCase()}, on a square metre`, takes.litresPerM2, "L/m²"),
        ]),
      ];
    return [
      need(clothId(site, takes.form), "mm2", why, spread(m2 * 1e6, takes.m2PerM2), [
        constant("with folds and rim", takes.m2PerM2, "×"),
      ]),
    ];
  });
}

function coatFigures(site: Site): Figure[] {
  return [...coatedByForm(site)].flatMap(([form, { m2 }]): Figure[] => {
    const material = coatMaterial(site, form);
    if (!material) return [];
    const { m2PerLitre: yieldOf, waste } = material;
    const need = (per: number, lost: number) => (m2 / per) * 1000 * (1 + lost);
    return [
      {
        id: `seal/coat/${form}`,
        label: material.name,
        value: need(yieldOf.value, waste.value),
        low: need(yieldOf.high ?? yieldOf.value, waste.low ?? waste.value),
        high: need(yieldOf.low ?? yieldOf.value, waste.high ?? waste.value),
        unit: "mL",
        formula: "Σ coated area × coats ÷ what a litre covers × (1 + waste)",
        inputs: [
          { name: "area times coats", value: m2, unit: "m²" },
          constant("what a litre covers", yieldOf, "m²"),
          constant("waste", waste, ""),
        ],
      },
    ];
  });
}

/** What the coats of each panel weigh that is coated on the bench, kg. */
export const coatMasses = (site: Site): { face: FaceId; kg: number }[] =>
  site.variant.seal.stacks
    .filter(({ face }) => isFlat(site.shell.faces[face]))
    .map(({ face, layers }) => {
      const m2 = coatedM2(face, site.shell, site.variant);
      const kg = layers.reduce((sum, layer) => {
        const material = stepsFor(layer) > 0 ? coatMaterial(site, layer.layer) : undefined;
        return material
          ? sum + (m2 * coatsOf(layer) * material.densityKgPerM3.value) / material.m2PerLitre.value / 1000
          : sum;
      }, 0);
      return { face, kg };
    });

/** What the coats weigh once dry, kg; those without a yield are left out. */
function massFigure(site: Site): Figure[] {
  const parts = [...coatedByForm(site)].flatMap(([form, { m2 }]) => {
    const material = coatMaterial(site, form);
    return material
      ? [
          {
            name: material.name,
            value: (m2 / material.m2PerLitre.value / 1000) * material.densityKgPerM3.value,
            unit: "kg",
          },
        ]
      : [];
  });
  if (parts.length === 0) return [];
  return [
    {
      id: "seal/coats-mass",
      label: "Coats, as they go on",
      value: parts.reduce((sum, p) => sum + p.value, 0),
      unit: "kg",
      formula: "Σ litres on the walls × density; they lose some of it as they dry",
      inputs: parts,
    },
  ];
}

function coatSupplies(site: Site, figures: Figure[]): Supply[] {
  return [...coatedByForm(site)].flatMap(([form, { m2, faces }]): Supply[] => {
    const material = coatMaterial(site, form);
    const figure = figures.find((f) => f.id === `seal/coat/${form}`);
    if (!material || !figure) return [];
    return [
      {
        id: `seal/coat/${form}`,
        label: material.name,
        materialId: material.id,
        unit: "mL",
        likely: figure.value,
        low: figure.low!,
        high: figure.high!,
        why: `${formatNumber(m2)} m² with its coats: ${faces.join(", ")}`,
        figure: figure.id,
      },
    ];
  });
}

/** Whether a face has a layer that keeps standing water in by itself, and that holds. */
export const keepsStanding = (site: Site, face: FaceId): boolean =>
  judgedStacks(site).some(
    (s) =>
      s.face === face &&
      s.layers.some((l) => l.kind.keeps === "standing" && l.kind.kind !== "bead" && l.holding !== "never"),
  );
