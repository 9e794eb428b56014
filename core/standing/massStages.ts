import type { Step } from "../ledgers/ledger";
import { kgAt, type MassFact } from "../ledgers/masses";
import { LIFT_KG } from "../workshop/lift";

/** A moment of the build with what the shell weighs then, and how it is moved. */
export interface MassStage {
  id: "bare" | "walls" | "doors" | "filled";
  label: string;
  kg: number;
  lift: string;
}

/** Hands for a mass: one alone, two, or not at all. From manual-handling guidance, from memory. */
function liftWords(kg: number): string {
  if (kg <= LIFT_KG) return "one lifts it";
  return kg <= 2 * LIFT_KG ? "two lift it" : "more than two, or a trolley";
}

/**
 * The shell's mass as the build goes on. Once ground or water is in it, it must not move: seams open and glass cracks.
 * @param masses what every trade says it weighs, and from when on
 */
export function massStages(masses: readonly MassFact[]): MassStage[] {
  const stage = (id: MassStage["id"], label: string, there: MassFact["when"][], lift?: string): MassStage[] => {
    if (kgAt(masses, id) <= 0 && id !== "bare") return [];
    const kg = kgAt(masses, ...there);
    return [{ id, label, kg, lift: lift ?? liftWords(kg) }];
  };
  return [
    ...stage("bare", "bare shell", ["bare"]),
    ...stage("walls", "walls up", ["bare", "walls"]),
    ...stage("doors", "doors hung", ["bare", "walls", "doors"]),
    ...stage("filled", "filled, on its final stand", ["bare", "walls", "doors", "filled"], "must not move any more"),
  ];
}

/** How often the shell is turned to another side while it is worked on, in the order of the steps given. */
export function turns(steps: readonly Pick<Step, "posture">[]): number {
  const postures = steps.flatMap((s) => (s.posture ? [s.posture] : []));
  return postures.filter((p, i) => p !== (i === 0 ? "upright" : postures[i - 1])).length;
}
