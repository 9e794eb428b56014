import type { PlacedWay } from "../escape/way";
import { set } from "../ledgers/fix";
import type { FoundGap } from "../shell/shell";
import type { Site } from "../shell/site";

/** A gap or an opening the shell came with, as a way out. @param held what holds shut what it belongs to */
export const gapWay = (
  { at }: Site,
  { id, label, face, way, seat, lengthMm, acrossMm, pieces, air, vent, cover, mend }: FoundGap,
  held: string,
): PlacedWay => ({
  ...{ id, where: face, stage: "front", cover: cover ?? held },
  way: { ...way, name: label },
  ...{ seat, lengthMm, air, ...(acrossMm !== undefined && { acrossMm }), ...(pieces !== undefined && { pieces }) },
  ...(vent && { vent }),
  ...(mend && {
    mend: () => ({ label: mend.label, patch: mend.sets.map(({ path, value }) => set(at(path), value)) }),
  }),
});
