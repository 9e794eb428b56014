import { describe, expect, it } from "vitest";
import { demoBuilds, haberdasher } from "../../demo/builds";
import { demoBook } from "../../demo/tern-street";
import { jobInput } from "../../tests/job";
import { statedMm } from "../design/measure";
import type { Build } from "../document/schema";
import { chosenVariant } from "../document/variant";
import type { Port } from "../features/port/schema";
import { PORT_WORDS } from "../features/port/words";
import { plan } from "../plan";
import { applyFix } from "../snags/fix";
import { openingsRegister, serviceRegister } from "./registers";

const planned = plan(jobInput(haberdasher()));
const port = (build: Build) => chosenVariant(build).features.find((f): f is Port => f.id === "pump-cable")!;

describe("the openings register", () => {
  it("lists every way out of every demo build, each with what covers it", () => {
    for (const build of demoBuilds()) {
      const p = plan(jobInput(build));
      const list = openingsRegister(p.facts);
      expect(list.map((o) => o.id)).toEqual(p.audit.ways.map((w) => w.id));
      const meshes = demoBook().materials.flatMap((m) => (m.class === "mesh" ? [m.name] : []));
      const covers = [...meshes, ...Object.values(PORT_WORDS).map((port) => port.cover)];
      // Mesh and fittings by their name in the book; everything else by what is shut, plugged or open.
      for (const { label, cover } of list)
        expect(
          covers.some((name) => cover.includes(name)) ||
            /\b(lock|wedge|clip|plug|shut|open|brush|catch|nothing|lid|door|latch|slide|weight|frame|strip|profile|seal|tape|block|magnets|grooves)|its mesh/i.test(
              cover,
            ),
          `${label}: ${cover}`,
        ).toBe(true);
    }
  });

  it("names mesh, grommet and lock", () => {
    const cover = Object.fromEntries(openingsRegister(planned.facts).map((o) => [o.id, o.cover]));
    expect(cover).toMatchObject({
      "top-1": "Glass-fibre fly screen 18 × 16",
      "pump-cable": "grommet round the cable",
      "doors-meet": "held by a wedge",
    });
  });
});

describe("the service register", () => {
  it("says how each thing that wears is reached", () => {
    const list = serviceRegister(planned.site, planned.facts);
    expect(list[0]).toMatchObject({ id: "inside", way: "through the doors, 1028 mm × 668 mm clear" });
    expect(list.map((s) => s.id)).toEqual(
      expect.arrayContaining(["pump-cable", "drain", "pump", "low-1", "top-1", "top-2"]),
    );
  });
});

describe("ports", () => {
  it("are drilled before the bead and the water test", () => {
    const entry = (id: string) => planned.diary.entries.find((e) => e.stepId === id)!;
    expect(entry("seal/bead").startAt).toBeGreaterThanOrEqual(entry("air/cut/drain").readyAt);
    expect(entry("seal/water-test").startAt).toBeGreaterThanOrEqual(entry("air/cut/pump-cable").readyAt);
  });

  it("are ways out by the gap left round them, closed by a grommet", () => {
    const build = haberdasher();
    port(build).gap = statedMm(6);
    const stop = plan(jobInput(build)).snags.find((s) => s.rule === "front/way-out" && s.subject === "pump-cable")!;
    expect(stop.severity).toBe("stop");
    expect(port(applyFix(build, stop.fix!.patch)).gap.value).toBe(2);
  });

  it("keep out of the water unless they are drains, and off each other and keep-outs", () => {
    const rules = (change: (build: Build) => void) => {
      const build = haberdasher();
      change(build);
      return plan(jobInput(build)).snags.map((s) => `${s.rule}/${s.subject}`);
    };
    expect(rules(() => {})).not.toContain("place/below-the-ground/drain");
    expect(rules((b) => Object.assign(port(b), { v: statedMm(40) }))).toContain("place/below-the-ground/pump-cable");
    expect(
      rules((b) => {
        const [low] = chosenVariant(b).features;
        Object.assign(port(b), { face: low!.face, u: low!.u, v: low!.v });
      }).some((s) => /^place\/overlap\/.*pump-cable/.test(s)),
    ).toBe(true);
  });
});
