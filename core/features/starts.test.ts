import { describe, expect, it } from "vitest";
import { demoBuilds } from "../../demo/builds";
import { jobInput } from "../../tests/job";
import { planUnproved } from "../../tests/quick";
import { freeId } from "../design/freeId";
import { checkDesign } from "../document/check";
import { chosenVariant } from "../document/variant";
import { startsAt } from "./begin";
import { FEATURE_KINDS } from "./list";
import type { Feature } from "./schema";

const STARTS = FEATURE_KINDS.flatMap((k) => k.starts.map((start) => ({ ...start, kind: k.kind })));

describe("a feature to begin with", () => {
  it.each(STARTS)("$button: passes its limits on every demo build, and is of its kind", ({ make, stem, kind }) => {
    for (const build of demoBuilds()) {
      const input = jobInput(build);
      const { shell } = planUnproved(input);
      const begun = make(shell, input.book);
      expect(begun).toMatchObject({ kind, origin: "made" });
      const id = freeId(chosenVariant(build).features, stem);
      chosenVariant(build).features.push({ ...begun, id } as Feature);
      expect(checkDesign(build, input.book)).toEqual([]);
      const { room } = shell.faces[begun!.face];
      expect(begun!.u.value).toBeGreaterThan(room.uMm);
      expect(begun!.u.value).toBeLessThan(room.uMm + room.widthMm);
    }
  });

  it("is not begun where the book has nothing for it", () => {
    const { shell } = planUnproved(jobInput());
    const empty = { materials: [] };
    const made = STARTS.map(({ button, make }) => [button, make(shell, empty) !== undefined]);
    expect(Object.fromEntries(made)).toMatchObject({
      "Add holes, low left": true,
      "Add mesh, high right": false,
      "Add a port": true,
      "Add a tube": true,
      "Add a pane": false,
      "Add a keep-out": true,
    });
  });

  it("stands at its stage, under an id that is free", () => {
    expect(startsAt("air").map((s) => s.button)).toEqual(["Add holes, low left", "Add mesh, high right"]);
    const [build] = demoBuilds();
    const variant = chosenVariant(build!);
    variant.features = [{ id: "port-1" }, { id: "port-3" }] as Feature[];
    expect([freeId(variant.features, "port"), freeId(variant.features, "tube")]).toEqual(["port-2", "tube-1"]);
  });
});
