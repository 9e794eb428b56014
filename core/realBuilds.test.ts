import { describe, expect, it } from "vitest";
import { bareTank, plainWall, planned, snagOf } from "../tests/bareTank";
import { jobBuild, jobInput, jobVariant } from "../tests/job";
import { newZone } from "./background/create";
import type { Zone } from "./background/schema";
import { exchangeFlow } from "./climate/flow";
import { newLid } from "./closures/kinds/lid/schema";
import { statedMm } from "./design/measure";
import { newBuild, newVariant } from "./document/create";
import type { Build, Variant } from "./document/schema";
import type { Feature } from "./features/schema";
import { stackOf } from "./ground/layers/starts";
import { fillOf } from "./ground/mass";
import { plan } from "./plan";
import { STARTER_RESIDENTS } from "./residents/starters";
import { splitsMet } from "./seal/decisions";
import type { Layer } from "./seal/schema";
import { judgeStack } from "./seal/stack/judgeStack";
import type { TankShell } from "./shell/kinds/tank/schema";

/** What was wrong when real builds were tried: each with its twin, a step on the other side of its limit. */

const figure = (build: Build, id: string) => planned(build).figures.find((f) => f.id === id)!;
const mesh = (over: Partial<Feature> = {}): Feature =>
  ({
    ...{
      id: "screen",
      name: "Screen",
      face: "top",
      kind: "mesh",
      origin: "made",
      meshOrigin: "made",
      shape: "panel",
      mesh: "fly-screen",
    },
    ...{ u: statedMm(450), v: statedMm(225), width: statedMm(800), height: statedMm(400), lap: statedMm(10) },
    ...over,
  }) as Feature;
const closed = (v: Variant) => {
  v.closures = [{ ...newLid("top"), clips: 9 }];
};
const meshed = (...features: Feature[]) =>
  bareTank((v) => {
    closed(v);
    v.features = features;
  });
const layer = (id: Layer["layer"]): Layer => ({ id: id.toLowerCase(), layer: id, coats: null, damp: false });

describe("air", () => {
  it("an open-topped box needs no vent; with a lid on it does", () => {
    const open = bareTank((v) => {
      v.closures = [];
    });
    expect(snagOf(open, "air/no-vents")).toBeUndefined();
    expect(snagOf(bareTank(closed), "air/no-vents")!.severity).toBe("stop");
  });

  it("goes in and out through a full screen top", () => {
    const changes = figure(meshed(mesh()), "air/changes");
    expect(changes.value).toBeGreaterThan(1);
    // A quarter of the screen, a good deal less air.
    const small = mesh({ width: statedMm(400), height: statedMm(200) } as Partial<Feature>);
    const less = figure(meshed(small), "air/changes");
    expect(less.value).toBeGreaterThan(0);
    expect(less.value).toBeLessThan(changes.value / 2);
  });

  it("through one opening is what BS 5925:1991 and Epstein (1988) say, worked by hand", () => {
    // 0.61 × 0.05 ÷ 3 × √(9.80665 × 5 ÷ 293.15 × 0.2), an upright opening 200 mm high.
    expect(exchangeFlow([{ grossM2: 0.05, heightM: 0.2, screens: [] }], 5, 293.15)).toBeCloseTo(0.001859, 6);
    // 0.055 × √(0.167264 × 0.5⁵), a round hole 0.5 m across in a top.
    const round = { grossM2: (Math.PI / 4) * 0.25, heightM: undefined, screens: [] };
    expect(exchangeFlow([round], 5, 293.15)).toBeCloseTo(0.003976, 6);
    const screened = exchangeFlow([{ ...round, screens: [{ porosity: 0.66, wireMm: 0.28 }] }], 5, 293.15);
    expect(screened).toBeGreaterThan(0);
    expect(screened).toBeLessThan(0.003976);
    expect(exchangeFlow([round], 0, 293.15)).toBe(0);
  });
});

describe("what goes on mesh", () => {
  const over = (kind: Partial<Feature>) =>
    bareTank((v) => {
      closed(v);
      v.features = [
        mesh(),
        { id: "it", name: "It", face: "top", u: statedMm(450), v: statedMm(225), ...kind } as Feature,
      ];
    });
  const box = { width: statedMm(100), height: statedMm(100), deep: null };
  it("nozzle mounts are no clash with it; a window and a cable are", () => {
    const port = { kind: "port", origin: "made", bore: statedMm(12), gap: statedMm(0), tube: null } as const;
    expect(snagOf(over({ ...port, use: "nozzle" }), "place/overlap")).toBeUndefined();
    expect(snagOf(over({ kind: "keepOut", origin: "made", use: "window", ...box }), "place/overlap")).toBeDefined();
    expect(snagOf(over({ ...port, use: "cable" }), "place/overlap")).toBeDefined();
  });
});

describe("metal in the wet zone", () => {
  const asked = (id: string, metal: boolean) => {
    const input = jobInput(meshedWith(id));
    const screen = input.book.materials.find((m) => m.id === "fly-screen" && m.class === "mesh")!;
    const own = { ...screen, id, metal } as typeof screen;
    const p = plan({ ...input, book: { materials: [...input.book.materials, own] } });
    return splitsMet(p.site, p.facts).map((s) => s.split);
  };
  const meshedWith = (id: string) => meshed({ ...mesh(), mesh: id } as Feature);
  it("is told by what the book says a mesh is, not by what it is called", () => {
    expect(asked("hardware-cloth", true)).toContain("metalInTheWet");
    expect(asked("steel-coloured", false)).not.toContain("metalInTheWet");
  });
});

describe("beads are edges", () => {
  const holdings = (...ids: Layer["layer"][]) =>
    judgeStack("plywood", ids.map(layer)).map((l) => [l.layer.layer, l.holding ?? "not judged"]);
  it("a liner over beaded joints on wood goes on the wood", () => {
    expect(holdings("beads", "beads", "liner").map(([, holding]) => holding)).toEqual([
      "not judged",
      "not judged",
      "holdsIf",
    ]);
    expect(judgeStack("plywood", [layer("beads"), layer("liner")])[1]!.on).toBe("plywood");
  });
  it("a mat on a face with beads lies on the face", () => {
    const mat = (...layers: Layer["layer"][]) =>
      planned(
        bareTank((v) => {
          v.seal.stacks = [{ face: "back", layers: layers.map(layer) }];
          v.background.walls = [plainWall("back", { buildUp: "coirMat" })];
        }),
      ).snags.filter((s) => s.rule === "background/bond");
    expect(mat("beads").map((s) => s.sentence)).toEqual(mat().map((s) => s.sentence));
    // Dabs all over the face are another thing.
    expect(mat("siliconeDabs").map((s) => s.sentence)).toEqual(["On the back: on rough dabs of cured silicone."]);
  });
  it("a coat over them meets them all the same", () => {
    expect(holdings("beads", "rubberSpray")[1]).toEqual(["rubberSpray", "never"]);
    expect(holdings("key", "rubberSpray", "beads")[1]).toEqual(["rubberSpray", "holds"]);
  });
});

describe("layers without a yield", () => {
  const stacked = (...layers: Layer["layer"][]) => {
    const variant = jobVariant();
    variant.seal.stacks = [{ face: "base", layers: layers.map(layer) }];
    return jobBuild(variant);
  };
  it("a liner is bought by the area with its folds, silicone dabs by the litre", () => {
    const p = plan(jobInput(stacked("liner")));
    const liner = p.supplies.find((s) => s.materialId === "cloth-liner")!;
    // 1500 × 600 of base, a fifth more for folds and rim.
    expect(liner.unit).toBe("mm2");
    expect(liner.likely).toBeCloseTo(1500 * 600 * 1.2, 0);
    expect(p.buying.lines.some((l) => l.materialId === "cloth-liner" && l.likely.length > 0)).toBe(true);
    const bare = plan(jobInput(stacked("key"))).supplies.filter((s) => s.id.startsWith("seal/layers/"));
    const dabs = plan(jobInput(stacked("siliconeDabs"))).supplies.filter((s) => s.id.startsWith("seal/layers/"));
    expect([bare.length, dabs.map((s) => [s.materialId, s.likely])]).toEqual([0, [["silicone-neutral", 270]]]);
  });
  it("what cannot be counted is said", () => {
    expect(plan(jobInput(stacked("foamPond"))).snags.find((s) => s.rule === "seal/coat-not-in-book")!.sentence).toMatch(
      /neither bought nor weighed/,
    );
    expect(plan(jobInput(stacked("liner"))).snags.find((s) => s.rule === "seal/coat-not-in-book")).toBeUndefined();
  });
});

describe("walls and what is on them", () => {
  const walled = (own: Parameters<typeof plainWall>[1], change?: (v: Variant) => void) =>
    bareTank((v) => {
      v.background.walls = [plainWall("back", own)];
      change?.(v);
    });

  it("a mortar finish on textured board is known (common practice, no source)", () => {
    const bond = planned(walled({ buildUp: "board", finish: "grout" })).snags.find(
      (s) => s.rule === "background/bond" && s.subject.endsWith("/grout"),
    );
    expect(bond?.sentence).toContain("insulation board");
    expect(`${bond?.title} ${bond?.reason}`).not.toMatch(/not known/i);
  });

  const branch = (depth: number): Zone =>
    ({
      ...newZone("branch", "b", { face: "left", u: 225, v: 300 }),
      ...{ width: statedMm(60), height: statedMm(60), depth: statedMm(depth), anchor: "silicone", mass: null },
    }) as Zone;
  const withBranch = (depth: number) =>
    bareTank((v) => {
      v.background.zones = [branch(depth)];
    });
  it("a branch from wall to wall rests half on each, in shear; one that ends short hangs from its wall", () => {
    // 900 wide: π/4 × 60 × 60 × 900 of wood at 700 kg/m³ is 1.781 kg; half of it on 60 × 60.
    const spanning = figure(withBranch(900), "background/b/pull");
    expect(spanning.value).toBeCloseTo((1.7813 * 9.80665) / 2 / 0.0036 / 1000, 3);
    expect(snagOf(withBranch(900), "background/anchor")).toBeUndefined();
    expect(figure(withBranch(870), "background/b/pull").value).toBeGreaterThan(100);
    expect(snagOf(withBranch(870), "background/anchor")!.severity).toBe("stop");
  });

  const hollow = (wantsPrivacy: boolean) => {
    const build = bareTank((v) => {
      const zone = newZone("branch", "b", { face: "back", u: 450, v: 300 });
      v.background.zones = [{ ...zone, anchor: "floor", hollow: true } as Zone];
    });
    const resident = structuredClone(STARTER_RESIDENTS[0]!);
    build.brief.residents = [{ ...resident, traits: { ...resident.traits, wantsPrivacy } }];
    return build;
  };
  it("an open hollow is a hide where somebody wants one, and elsewhere a note, never a thing to plug", () => {
    expect(snagOf(hollow(true), "background/hollow")).toBeUndefined();
    const note = snagOf(hollow(false), "background/hollow")!;
    expect([note.severity, note.reason]).toEqual(["note", expect.stringMatching(/Leave it open as a hide on purpose/)]);
  });

  const unwrapped = (own: Parameters<typeof plainWall>[1]) =>
    walled(own, (v) => {
      v.background.zones = [{ ...newZone("slab", "s", { face: "back", u: 450, v: 300 }), wrapped: false } as Zone];
    });
  it("wrapping is asked for where a mineral coat comes, and nowhere else", () => {
    expect(snagOf(unwrapped({ buildUp: "foam", finish: "grout" }), "background/not-wrapped")).toBeDefined();
    expect(snagOf(unwrapped({ buildUp: "coirMat", finish: "grout" }), "background/not-wrapped")).toBeUndefined();
    expect(snagOf(unwrapped({ buildUp: "none", finish: "waterproofer" }), "background/not-wrapped")).toBeUndefined();
    expect(snagOf(unwrapped({ buildUp: "foam", finish: "grout", up: true }), "background/not-wrapped")).toBeUndefined();
  });

  it("a wall that stands to the base takes its floor from the clay: 10.5 L, not 13.5", () => {
    const floor = (foot: number) => {
      const variant = newVariant("tank");
      variant.shell = {
        ...variant.shell,
        kind: "tank",
        found: {
          ...(variant.shell as TankShell).found,
          ...{ length: statedMm(612), width: statedMm(462), height: statedMm(406), glass: statedMm(6) },
          ...{ rim: null, tempered: "none" },
        },
        groundDepth: null,
        topLoadKg: statedMm(0),
      } as typeof variant.shell;
      variant.ground.layers = stackOf({ drain: { body: "clay", mm: 50 } });
      variant.background.walls = [plainWall("back", { depth: statedMm(100), foot: statedMm(foot) })];
      const { site } = plan(jobInput(newBuild("Floor", { unit: "mm" }, variant)));
      return fillOf(site).find((f) => f.id === "drain")!.litres;
    };
    expect(floor(0)).toBeCloseTo(10.5, 9);
    // Half of the clay's height is under the wall's foot.
    expect(floor(25)).toBeCloseTo(12, 9);
    expect(floor(50)).toBeCloseTo(13.5, 9);
  });
});
