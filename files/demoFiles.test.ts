import Papa from "papaparse";
import { PDFDocument } from "pdf-lib";
import { describe, expect, it } from "vitest";
import type { Build } from "../core/document/schema";
import { plan, publicPlan } from "../core/plan";
import { demoBuilds } from "../demo/builds";
import { demoStock } from "../demo/tern-street";
import { jobInput } from "../tests/job";
import { readBuildFile, writeBuildFile } from "./buildFile";
import { cutListCsv, shoppingCsv } from "./lists";
import { shopSheetPdf } from "./shopSheet";
import { backTilesPdf } from "./tiles";

describe.each(demoBuilds().map((b): [string, Build] => [b.name, b]))("the files of %s", (_, design) => {
  const input = { ...jobInput(design), stock: demoStock };
  const planned = plan(input);

  it("carry all that another machine needs to compute the same", () => {
    const read = readBuildFile(JSON.parse(writeBuildFile(input)));
    if (!read.ok) throw new Error(read.message);
    expect(publicPlan(plan(read.value))).toEqual(publicPlan(planned));
  });

  it("list every part and every line once, with no number missing", () => {
    const cuts = Papa.parse<Record<string, string>>(cutListCsv(planned).trim(), { header: true });
    expect(cuts.errors.filter((e) => e.type !== "Delimiter")).toEqual([]);
    expect(cuts.data.filter((r) => r.part)).toHaveLength(planned.parts.length);
    for (const row of cuts.data.filter((r) => r.part)) {
      expect(Number(row["length mm"])).toBeGreaterThan(0);
      expect(row.material).not.toMatch(/^[a-z0-9-]+-\d+$/);
    }
    const lines = Papa.parse<Record<string, string>>(shoppingCsv(planned).trim(), { header: true });
    expect(lines.data).toHaveLength(planned.buying.lines.length);
    expect(shoppingCsv(planned) + cutListCsv(planned)).not.toMatch(/NaN|undefined|null/);
  });

  it("print: net, sheets, lists, and the back at its true size", async () => {
    const sheet = await PDFDocument.load(await shopSheetPdf(planned, design.name));
    const drawn = planned.groups.reduce((n, g) => n + g.solution.sheets.length, 0);
    expect(sheet.getPageCount()).toBeGreaterThanOrEqual(1 + drawn + 2);
    const back = await PDFDocument.load(await backTilesPdf(planned, design.name, "a4"));
    expect(back.getTitle()).toBe(`${design.name}, back at 1 : 1`);
    expect(back.getPageCount()).toBeGreaterThanOrEqual(1);
  });
});
