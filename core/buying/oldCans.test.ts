import { describe, expect, it } from "vitest";
import { bareTank, plainWall } from "../../tests/bareTank";
import { jobInput } from "../../tests/job";
import { plan } from "../plan";

const withCan = (since: string | undefined, walls = true) => {
  const build = bareTank((v) => {
    if (walls) v.background.walls = [plainWall("back")];
  });
  const onHand = [{ material: "foam-pond", amount: 340, note: "", ...(since && { since }) }];
  return plan({ ...jobInput(build), stock: { offcuts: [], onHand } });
};
const snag = (p: ReturnType<typeof plan>) => p.snags.find((s) => s.rule === "buying/old-can");

describe("cans on the shelf", () => {
  // The job's clock stands at January 2026; a can keeps about a year.
  it("are doubted once they are over a year old, and only where foam is wanted", () => {
    expect(snag(withCan("2024-01"))).toMatchObject({ severity: "mind", stage: "background" });
    expect(snag(withCan("2024-01"))!.sentence).toContain("since 2024-01");
    expect(snag(withCan("2025-06"))).toBeUndefined();
    expect(snag(withCan(undefined))).toBeUndefined();
    expect(snag(withCan("2024-01", false))).toBeUndefined();
  });
  it("are taken off what is bought", () => {
    const cans = (p: ReturnType<typeof plan>) =>
      p.buying.lines.find((l) => l.materialId === "foam-pond")!.likely[0]!.count;
    expect(
      cans(
        plan(
          jobInput(
            bareTank((v) => {
              v.background.walls = [plainWall("back")];
            }),
          ),
        ),
      ) - cans(withCan("2025-06")),
    ).toBe(1);
  });
});

describe("one material wanted by several trades", () => {
  it("is bought once, and what is on hand counts once", () => {
    const build = bareTank((v) => {
      v.seal.seams = "all";
      v.background.walls = [plainWall("back")];
    });
    const stock = { offcuts: [], onHand: [{ material: "silicone-neutral", amount: 100, note: "" }] };
    const p = plan({ ...jobInput(build), stock });
    const lines = p.buying.lines.filter((l) => l.materialId === "silicone-neutral");
    expect(lines).toHaveLength(1);
    const wanted = p.supplies.filter((s) => s.materialId === "silicone-neutral");
    expect(wanted.length).toBe(2);
    const likely = wanted.reduce((sum, s) => sum + s.likely, 0);
    expect(lines[0]!.likely[0]!.count).toBe(Math.ceil((likely - 100) / 310));
  });
});
