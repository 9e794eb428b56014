import { describe, expect, it } from "vitest";
import { jobBuild, sheetShell } from "../../tests/job";
import { starterBook } from "../book/starter";
import { statedMm } from "../design/measure";
import type { MeshPanel } from "../features/mesh/schema";
import { checkDesign } from "./check";
import { readBuild } from "./read";
import type { Build, SheetVariant } from "./schema";
import { chosenVariant, variantPath } from "./variant";

const book = starterBook();
const broken = (change: (variant: SheetVariant, build: Build) => void) => {
  const build = jobBuild();
  change(build.variants[0] as SheetVariant, build);
  return checkDesign(build, book);
};

describe("limits", () => {
  it("lets the job through", () => expect(checkDesign(jobBuild(), book)).toEqual([]));

  const cases: [string, string, RegExp, (v: SheetVariant, b: Build) => void][] = [
    [
      "a width of zero",
      "/variants/0/shell/size/width",
      /more than zero/,
      (v) => {
        v.shell.size.width = statedMm(0);
      },
    ],
    [
      "a negative height",
      "/variants/0/shell/size/height",
      /more than zero/,
      (v) => {
        v.shell.size.height = statedMm(-600);
      },
    ],
    [
      "40 m",
      "/variants/0/shell/size/width",
      /Type 4000 mm or less; did a unit slip/,
      (v) => {
        v.shell.size.width = { typed: "40 m", value: 40_000, how: "stated" };
      },
    ],
    [
      "dam and rails that leave no opening",
      "/variants/0/shell/front/dam",
      /no opening is left/,
      (v) => {
        v.shell.front.dam = statedMm(520);
      },
    ],
    [
      "stiles wider than the opening",
      "/variants/0/shell/front/stile",
      /leave no opening/,
      (v) => {
        v.shell.front.stile = statedMm(740);
      },
    ],
    [
      "holes that run together",
      "/variants/0/features/0/pitch",
      /run into one another/,
      (v) => {
        const h = v.features[0]!;
        if (h.kind === "holes") h.pitch = statedMm(6);
      },
    ],
    [
      "a feature many metres off",
      "/variants/0/features/0",
      /off its face/,
      (v) => {
        v.features[0]!.u = statedMm(99_000);
      },
    ],
    [
      "two features of one id",
      "/variants/0/features/1/id",
      /share this id/,
      (v) => {
        v.features[1]!.id = v.features[0]!.id;
      },
    ],
    [
      "a mesh the book lacks",
      "/variants/0/features/1/mesh",
      /no mesh “lace”/,
      (v) => {
        (v.features[1] as MeshPanel).mesh = "lace";
      },
    ],
    [
      "a sheet the book lacks",
      "/variants/0/shell/material",
      /no sheet “slate”/,
      (v) => {
        v.shell.material = "slate";
      },
    ],
    [
      "an animal a metre wide",
      "/brief/residents/0/narrowestRigid",
      /cannot be right/,
      (_, b) => {
        b.brief.residents[0]!.narrowestRigid = statedMm(1000);
      },
    ],
    [
      "a room colder than it is warm",
      "/brief/room/tempC",
      /coolest must be below/,
      (_, b) => {
        b.brief.room.tempC = { low: 30, high: 20 };
      },
    ],
    [
      "5000 kg on the top",
      "/variants/0/shell/topLoadKg",
      /between 0 and 300/,
      (v) => {
        v.shell.topLoadKg = statedMm(5000);
      },
    ],
    [
      "substrate deeper than the box",
      "/variants/0/shell/groundDepth",
      /too large/,
      (v) => {
        v.shell.groundDepth = statedMm(700);
      },
    ],
  ];
  it.each(cases)("catches %s at its place", (_, path, words, change) => {
    const problems = broken(change);
    expect(problems.map((p) => p.path)).toContain(path);
    expect(problems.find((p) => p.path === path)!.message).toMatch(words);
  });

  it("catches sheet thicker than half the size", () => {
    const thick = starterBook();
    const sheet = thick.materials.find((m) => m.id === "pvc-foam-19")!;
    if (sheet.class === "sheet") sheet.thicknessMm = 40;
    const build = jobBuild();
    sheetShell(build).material = "pvc-foam-19";
    sheetShell(build).size.depth = statedMm(75);
    expect(checkDesign(build, thick)[0]!.message).toMatch(/over half of 75 mm.*type 130 mm or more/);
  });

  it("speaks in the build's own units", () => {
    const problems = broken((v, b) => {
      b.brief.units = { unit: "in", denominator: 16 };
      v.shell.size.width = statedMm(5);
    });
    expect(problems[0]!.message).toContain('3/16" is too small');
  });
});

describe("reading a build", () => {
  it("reads its own", () =>
    expect(readBuild(JSON.parse(JSON.stringify(jobBuild())), book)).toMatchObject({ ok: true }));
  it.each([
    [{ ...jobBuild(), version: 99 }, /version 99.*newer Hornwort/],
    [{ ...jobBuild(), version: 0 }, /version 0.*No such version/],
    [{ version: 1 }, /not a whole build: name/],
    [null, /not a whole build/],
    ["text", /not a whole build/],
    [{ ...jobBuild(), variants: [] }, /at least one variant/],
  ])("refuses what is none, and says so", (data, words) => {
    const read = readBuild(data, book);
    expect(read).toMatchObject({ ok: false, message: expect.stringMatching(words) });
    expect(read).toMatchObject({ message: expect.stringMatching(/Nothing was changed/) });
  });
  it("refuses a part that it does not know, which the next save would lose", () => {
    const build = jobBuild();
    const variants = build.variants.map((variant) => ({ ...variant, fogMachine: { litres: 2 } }));
    expect(readBuild({ ...build, variants }, book)).toEqual({
      ok: false,
      message: expect.stringMatching(
        /variants\.0\.fogMachine: This Hornwort does not know it; open .* Nothing was changed/,
      ),
    });
  });
  it("takes a part that is not there as bare", () => {
    const build = jobBuild();
    const variants = build.variants.map(({ service: _, slips: __, ...variant }) => variant);
    const read = readBuild({ ...build, variants }, book);
    expect(read).toMatchObject({ ok: true, value: { variants: [{ service: [], slips: [] }] } });
  });
  it("refuses one that cannot be planned", () => {
    const build = jobBuild();
    sheetShell(build).size.width = statedMm(0);
    expect(readBuild(build, book)).toMatchObject({
      ok: false,
      message: expect.stringMatching(/cannot be planned: Width must be more/),
    });
  });
});

describe("variants", () => {
  it("plans the chosen one, and points into it", () => {
    const build = jobBuild();
    build.variants.push({ ...structuredClone(build.variants[0]!), id: "b", name: "Variant B" });
    build.chosen = "b";
    expect(chosenVariant(build).id).toBe("b");
    expect(variantPath(build, "/shell/front/dam")).toBe("/variants/1/shell/front/dam");
    expect(chosenVariant({ ...build, chosen: "gone" }).id).toBe("a");
  });
});
