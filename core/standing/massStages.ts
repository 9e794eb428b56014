import type { Step } from "../ledgers/ledger";
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
 * @param bareKg the shell without doors
 * @param wallsKg backgrounds, with their wood and stone
 * @param doorsKg what is hung in it
 * @param fillKg ground or water
 */
export function massStages(bareKg: number, wallsKg: number, doorsKg: number, fillKg: number): MassStage[] {
  const stage = (id: MassStage["id"], label: string, kg: number, lift = liftWords(kg)): MassStage => ({
    id,
    label,
    kg,
    lift,
  });
  return [
    stage("bare", "bare shell", bareKg),
    ...(wallsKg > 0 ? [stage("walls", "walls up", bareKg + wallsKg)] : []),
    ...(doorsKg > 0 ? [stage("doors", "doors hung", bareKg + wallsKg + doorsKg)] : []),
    ...(fillKg > 0
      ? [stage("filled", "filled, on its final stand", bareKg + wallsKg + doorsKg + fillKg, "must not move any more")]
      : []),
  ];
}

/** How often the shell is turned to another side while it is worked on, in the order of the steps given. */
export function turns(steps: readonly Pick<Step, "posture">[]): number {
  const postures = steps.flatMap((s) => (s.posture ? [s.posture] : []));
  return postures.filter((p, i) => p !== (i === 0 ? "upright" : postures[i - 1])).length;
}
