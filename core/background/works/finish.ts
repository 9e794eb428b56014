import type { LayerId } from "../../design/names";
import { constant } from "../../figures/figure";
import type { Step } from "../../ledgers/ledger";
import { type Need, need, spread } from "../../ledgers/needs";
import { materialsOf } from "../../materials/find";
import { curesOf, layerKind, SILICONE_FILM } from "../../seal/stack/layers";
import { lyingOn } from "../../shell/flat";
import type { Site } from "../../shell/site";
import { formatNumber } from "../../units/format";
import { CAUTION } from "../../workshop/cautions";
import { RATES } from "../../workshop/rates";
import type { Cover } from "../cover";
import { FIBRE, FINISH } from "../finishes";
import { afterStep, WALL_DOWN, type Work, wallStep } from "./work";

/** The fibre a wall is faced with, as the book has it. */
const fibreMaterial = (site: Site, form: string) =>
  materialsOf(site.book, "fill").find((f) => f.form === form)?.id ?? `fill-${form.toLowerCase()}`;

/** Mortar: a thin primer, a thick coat, a colour. */
const MORTAR_COATS = [
  " Thin, as a primer. Tape the frames first: it never comes off.",
  " Thick, on the primer.",
  " Colour; it dries much lighter than it goes on.",
] as const;

/** How much wall is coated at a go, m²: what a pair of hands covers within the open time. */
export function atAGoM2(finish: Cover["wall"]["finish"]): number | undefined {
  const { openMinutes, minutesPerM2 } = FINISH[finish];
  return openMinutes && openMinutes.value / minutesPerM2.value;
}

function glueNeed(site: Site, layer: LayerId, coats: number, { m2, wall }: Cover): Need[] {
  const why = `${formatNumber(m2, 2)} m² of the ${wall.face}`;
  if (layer === "siliconeFibre")
    return [
      need(site.variant.seal.sealant, "mL", why, spread(m2 * 1000, SILICONE_FILM), [
        constant("film of silicone under fibre", SILICONE_FILM, "L/m²"),
      ]),
    ];
  const coat = materialsOf(site.book, "coat").find((c) => c.form === layer);
  if (!coat) return [];
  const { m2PerLitre: per, waste } = coat;
  const ml = (rate: number, lost: number) => ((m2 * coats) / rate) * 1000 * (1 + lost);
  return [
    need(
      coat.id,
      "mL",
      coats > 1 ? `${why}, ${coats} coats` : why,
      [
        ml(per.value, waste.value),
        ml(per.high ?? per.value, waste.low ?? waste.value),
        ml(per.low ?? per.value, waste.high ?? waste.value),
      ],
      [constant("a litre covers, one coat", per, "m²"), constant("lost in pot and brush", waste, "")],
    ),
  ];
}

/**
 * A wall's finish, coat after coat.
 * @param inTheShell whether the shell lies on that wall meanwhile
 */
export function finishWork(site: Site, cover: Cover, before: Step | undefined, inTheShell: boolean): Work {
  const { wall, m2 } = cover;
  const { face } = wall;
  const kind = FINISH[wall.finish];
  const { fibreLPerM2 } = kind;
  const steps: Step[] = [];
  const needs: Need[] = [];
  let safe = 0;
  for (const id of kind.layers) {
    const layer = layerKind(id);
    // A sealer over mortar is one coat; other coats are the usual number.
    const coats = id === "varnish" ? 1 : Math.max(1, Math.round(layer.coats.value));
    const glue = glueNeed(site, id, coats, cover);
    needs.push(...glue);
    safe = Math.max(safe, layer.dry.safe.value * 60);
    for (let coat = 1; coat <= coats; coat++) {
      const last = coat === coats;
      const go = atAGoM2(wall.finish);
      steps.push(
        wallStep(
          cover,
          `${id.toLowerCase()}-${coat}`,
          afterStep(
            steps.at(-1) ?? before,
            steps.length === 0
              ? "skin off and dust vacuumed: nothing bonds to shine or dust"
              : "each coat sets before the next",
          ),
          {
            short: `${layer.name.toLowerCase()}${coats > 1 ? ` ${coat}` : ""}`,
            uses: [
              ...glue.map((n) => n.materialId),
              ...(layer.fibre && fibreLPerM2 ? [fibreMaterial(site, wall.fibre)] : []),
            ],
            title: `${layer.name}, ${face} wall${coats > 1 ? `, coat ${coat} of ${coats}` : ""}`,
            detail: `${formatNumber(m2, 2)} m². ${layer.mind}${go && layer.fibre ? ` About ${formatNumber(go, 2, "down")} m² at a go, then press the ${FIBRE[wall.fibre].name} in.` : ""}${id === "grout" ? MORTAR_COATS[Math.min(coat, 3) - 1] : ""}${
              last && id === kind.layers.at(-1) ? " Late changes and patches come before this one." : ""
            }`,
            handsOnMinutes: RATES.coatSetUp.value + m2 * kind.minutesPerM2.value,
            work: "coat",
            cures: curesOf(layer.dry),
            waitMinutes:
              (last ? Math.max(layer.dry.recoat.value, layer.dry.handle.value) : layer.dry.recoat.value) * 60,
            waitFor: last ? "the coat to set" : "the coat to take the next",
            ...(inTheShell && lyingOn(site.shell.faces[face], WALL_DOWN[face])),
            splittable: false,
            toHand: [
              layer.name,
              "gloves",
              ...(layer.fibre ? [FIBRE[wall.fibre].name, "tray to catch what falls"] : ["brush"]),
            ],
            cautions: [
              ...(layer.caution === "alkaline" ? [CAUTION.alkaline] : []),
              ...(layer.caution === "siliconeFumes" ? [CAUTION.siliconeFumes] : []),
              ...(layer.caution === "solventFumes" ? [CAUTION.solventFumes] : []),
            ],
            passSign: layer.fibre
              ? "Brushed off and vacuumed: no foam shows, nothing loose."
              : "A full trial on scrap is dry and its tone is liked before the next shade.",
          },
        ),
      );
    }
  }
  if (fibreLPerM2)
    needs.push(
      need(
        fibreMaterial(site, wall.fibre),
        "mL",
        `${FIBRE[wall.fibre].name} on ${formatNumber(m2, 2)} m² of the ${face}`,
        spread(m2 * 1000, fibreLPerM2),
        [constant("fibre thrown at a square metre", fibreLPerM2, "L")],
      ),
    );
  return {
    parts: [],
    needs,
    steps,
    masses:
      kind.kgPerM2.value > 0
        ? [
            {
              name: kind.name.toLowerCase(),
              kg: m2 * kind.kgPerM2.value,
              rate: constant(`${kind.name.toLowerCase()}, a square metre`, kind.kgPerM2, "kg"),
            },
          ]
        : [],
    safeMinutes: safe,
  };
}
