import { constant, type Known, memory } from "../figures/figure";
import type { Part, Step } from "../ledgers/ledger";
import type { Need } from "../ledgers/needs";
import { need, spread } from "../ledgers/needs";
import { isClear } from "../materials/face";
import { materialsOf } from "../materials/find";
import { extent } from "../shell/outline";
import type { Site } from "../shell/site";
import type { Cover } from "./cover";
import type { WallId } from "./names";

/** Film runs past what it hides by 25 to 50 mm (source: cutting). */
const PAST_MM = 40;
const FILM_WASTE: Known = { value: 1.05, low: 1, high: 1.2, basis: memory };

/** The film that hides a wall from outside, where the pane is clear. */
export interface Film {
  face: WallId;
  part: Part;
  m2: number;
}

/** Film for every wall that would be seen through its pane. */
export function filmsOf(site: Site, covers: readonly Cover[]): Film[] {
  return covers.flatMap(({ wall, rect }): Film[] => {
    const face = site.shell.faces[wall.face];
    if (!isClear(face.material.family) || rect.heightMm <= 0) return [];
    const whole = extent(face.outline);
    const heightMm = Math.min(whole.heightMm, rect.heightMm + PAST_MM);
    return [
      {
        face: wall.face,
        m2: (rect.widthMm * heightMm) / 1e6,
        part: {
          ...{ id: `background/${wall.face}/film`, label: `Film outside the ${wall.face}`, kind: "cloth" },
          materialId: materialsOf(site.book, "cloth").find((c) => c.form === "film")?.id ?? "blackout-film",
          ...{ lengthMm: rect.widthMm, widthMm: heightMm, thicknessMm: 0, qty: 1, grainLocked: false },
          working: { length: "the pane's width", width: `what is covered + ${PAST_MM} past its foot` },
        },
      },
    ];
  });
}

export const filmNeeds = (films: readonly Film[]): Need[] =>
  films.map((f) =>
    need(f.part.materialId, "mm2", `outside the ${f.face}`, spread(f.m2 * 1e6, FILM_WASTE), [
      constant("with what is cut off", FILM_WASTE, "×"),
    ]),
  );

/** Sticking it on; before the shell meets the wall of the room. */
export const filmSteps = (films: readonly Film[]): Step[] =>
  films.map(({ face, m2, part }) => ({
    id: `background/${face}/film`,
    title: `Film on the outside of the ${face}`,
    detail: "Pane wiped, soap water on it, squeegee from the middle.",
    stage: "background",
    handsOnMinutes: 10 + 20 * m2,
    waitMinutes: 0,
    after: [{ reached: "surveyed", because: "once the shell stands at its wall nobody gets behind it" }],
    uses: [part.materialId],
    about: { thing: face, short: "film" },
    splittable: true,
    toHand: ["film", "soap water", "squeegee", "knife"],
    cautions: [],
    passSign: "No bubble larger than a fingernail.",
  }));
