import { constant, type FigureInput, type Known } from "../../figures/figure";
import type { Part, Posture, Step } from "../../ledgers/ledger";
import type { Need } from "../../ledgers/needs";
import type { Bulk } from "../../passing/facts";
import type { Cover } from "../cover";
import type { WallId } from "../names";

/** Something of a wall that weighs, and by what rate. */
export interface Mass {
  name: string;
  kg: number;
  rate: FigureInput;
}

/** What one wall's build-up takes; waits inside `steps`. */
export interface Work {
  parts: Part[];
  needs: Need[];
  steps: Step[];
  masses: Mass[];
  /** What of it is made outside and goes in whole. */
  bulk?: Bulk;
  /** How long its slowest layer takes until it is safe for animals, minutes. */
  safeMinutes: number;
}

/** Something of a wall by its volume, litres, and density. */
export const massOf = (name: string, litres: number, density: Known): Mass => ({
  name,
  kg: (litres * density.value) / 1000,
  rate: constant(`${name}, as it stands`, density, "kg/m³"),
});

/** What a wall's background weighs, kg. */
export const workKg = ({ masses }: Pick<Work, "masses">): number => masses.reduce((sum, m) => sum + m.kg, 0);

/** Which way up the shell lies while a wall is worked: that wall down. */
export const WALL_DOWN: Record<WallId, Posture> = { back: "onBack", left: "onLeft", right: "onRight" };

/** A step or part of a wall, or of a patch on it. */
export const stepId = (cover: string, what: string): string => `background/${cover}/${what}`;

/** What is told of one step of a wall. */
type OwnStep = Pick<Step, "title" | "detail" | "handsOnMinutes"> &
  Partial<Omit<Step, "about">> & {
    /** Its name without its wall, as short as it is clear. */
    short: string;
  };

/** A step of a wall, or of a patch on it, that waits for the one before. */
export const wallStep = (
  { id, wall }: Pick<Cover, "id" | "wall">,
  what: string,
  after: Step["after"],
  { short, ...own }: OwnStep,
): Step => ({
  id: stepId(id, what),
  stage: "background",
  waitMinutes: 0,
  splittable: true,
  toHand: [],
  cautions: [],
  after,
  about: { thing: wall.face, short },
  ...own,
});

/** Waiting for the step before, in words. */
export const afterStep = (step: Pick<Step, "id"> | undefined, because: string): Step["after"] =>
  step ? [{ id: step.id, because }] : [];
