import * as v from "valibot";
import { id, MeasureSchema, text } from "../../design/basics";

/** What a dam or a second floor is of: a shelf that came with the shell, whole or cut, or glass or sheet of the book. */
export const SourceSchema = v.variant("of", [
  v.object({ of: v.literal("wholeShelf"), shelf: text(40) }),
  v.object({ of: v.literal("cutShelf"), shelf: text(40) }),
  v.object({ of: v.literal("bought"), material: id }),
]);
export type Source = v.InferOutput<typeof SourceSchema>;

/** A board or pane on edge across an open front, between the sides; its foot and both ends are seams of their own. */
export const DamSchema = v.object({
  source: SourceSchema,
  /** A whole shelf is as high as it is deep; of anything else it is cut to this. */
  height: MeasureSchema,
  /** Null for what the inside gives, less a bed of sealant at each end. */
  length: v.nullable(MeasureSchema),
});
export type Dam = v.InferOutput<typeof DamSchema>;

/** A second floor bedded on the base. */
export const FloorSchema = v.object({ source: SourceSchema });
export type Floor = v.InferOutput<typeof FloorSchema>;

/** Both, in a shell that may have them. */
export interface DamAndFloor {
  dam: Dam | null;
  floor: Floor | null;
}

/** What both are kept under in a shell's document; null where there is none. */
export const damAndFloor = { dam: v.nullable(DamSchema), floor: v.nullable(FloorSchema) };

/**
 * The same in a shell whose front frame has a dam of its own: a pane behind it, and a second floor. A document that does not
 * say has neither.
 */
export const paneAndFloor = {
  damPane: v.exactOptional(v.nullable(DamSchema)),
  floor: v.exactOptional(v.nullable(FloorSchema)),
};

/** What a shell with a front frame has of them. */
export const behindFrame = (shell: { damPane?: Dam | null; floor?: Floor | null }): DamAndFloor => ({
  dam: shell.damPane ?? null,
  floor: shell.floor ?? null,
});
