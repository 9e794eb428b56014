import type { Measure } from "../../design/basics";

/** A part of a document of some version, as it stands in its file. */
export type Plain = Record<string, unknown>;
export const isPlain = (node: unknown): node is Plain =>
  typeof node === "object" && node !== null && !Array.isArray(node);
export const list = (node: unknown): Plain[] => (Array.isArray(node) ? node.filter(isPlain) : []);

/** Measures as they are written in a document, mm. */
export const stated = (value: number): Measure => ({ typed: String(value), value, how: "stated" });
export const guessed = (value: number): Measure => ({ typed: String(value), value, how: "guessed" });
