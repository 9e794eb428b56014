/** Lift with help above this (manual-handling guidance, from memory). */
export const LIFT_KG = 20;
