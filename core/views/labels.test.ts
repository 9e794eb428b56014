import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { demoBuilds } from "../../demo/builds";
import { anyBuild } from "../../tests/anyBuild";
import { jobInput } from "../../tests/job";
import { WALLS } from "../background/names";
import { FACES } from "../design/names";
import type { Build } from "../document/schema";
import { inBox, meet, READ_PX } from "../labels/place";
import { type Plan, plan } from "../plan";
import { thingsOf } from "../things/list";
import { seenOf } from "../things/seen";
import { formatLength } from "../units/format";
import { diaryView } from "./diary";
import { netView } from "./net";
import { sectionView } from "./section";
import { sheetView } from "./sheet";
import type { Size, View } from "./view";
import { wallView } from "./wall";

/** Boards at 1280 × 800 and 1440 × 900, on a phone, one wall's half of a board, and one enlarged. */
const SIZES: Size[] = [
  { width: 764, height: 352 },
  { width: 924, height: 402 },
  { width: 374, height: 272 },
  { width: 428, height: 352 },
  { width: 3056, height: 1408 },
];
const day = (minutes: number) => `Mon ${new Date(minutes * 60_000).getUTCDate()} Sep`;

/** Every view there is of a plan in a room, with each thing in hand in turn where that changes it. */
function viewsOf(p: Plan, size: Size): [name: string, view: View][] {
  const variant = p.site.variant;
  const say = (mm: number) => formatLength(mm, p.site.brief.units);
  const held = thingsOf(p).find((t) => t.kind === "zone" || t.kind === "feature");
  const chosen = held ? [held.id] : [];
  const of = { plan: p, seen: seenOf(p, []), variant, size };
  const both = [{ cut: "frontBack" as const }, { cut: "leftRight" as const }];
  return [
    ["net", netView(of)],
    ["net, one in hand", netView({ ...of, chosen })],
    ...WALLS.map((face): [string, View] => [`wall ${face}`, wallView({ ...of, face, chosen })]),
    ["sections", sectionView({ ...of, cuts: both })],
    ["one section", sectionView({ ...of, cuts: [{ cut: "frontBack" }] })],
    ...p.groups.flatMap((g) =>
      g.layout.map((sheet): [string, View] => [
        `sheet ${sheet.id}`,
        sheetView(sheet, size, (id) => p.parts.find((part) => part.id === id)?.label ?? id, say),
      ]),
    ),
    ["diary", diaryView(p.diary.entries, size, day)],
  ];
}

function faults(p: Plan, size: Size): string[] {
  return viewsOf(p, size).flatMap(([name, { labels, frame }]) =>
    labels.flatMap((a, i) => [
      ...(inBox(a.box, frame) ? [] : [`${name}: “${a.text}” is cut`]),
      ...(a.size >= READ_PX ? [] : [`${name}: “${a.text}” is ${a.size} px`]),
      ...labels.slice(i + 1).flatMap((b) => (meet(a.box, b.box) ? [`${name}: “${a.text}” on “${b.text}”`] : [])),
    ]),
  );
}

const inches = (build: Build): Build => ({
  ...build,
  brief: { ...build.brief, units: { unit: "in", denominator: 16 } },
});
const planned = (build: Build) => plan(jobInput(build), undefined, true);

describe("the labels of every view", () => {
  it("lie on none and are not cut, on any design, in millimetres and inches, on any board", () => {
    fc.assert(
      fc.property(anyBuild(), fc.constantFrom(...SIZES), (build, size) => {
        for (const p of [planned(build), planned(inches(build))]) expect(faults(p, size)).toEqual([]);
      }),
      { numRuns: 30 },
    );
  });

  for (const build of demoBuilds())
    it(`of ${build.name} lie on none, are not cut, and say every face and the three sizes`, () => {
      for (const p of [planned(build), planned(inches(build))]) {
        for (const size of SIZES) expect(faults(p, size)).toEqual([]);
        const { labels } = netView({ plan: p, seen: seenOf(p, []), variant: p.site.variant, size: SIZES[0]! });
        const said = new Set(labels.map((l) => l.id));
        for (const face of FACES) expect([...said], face).toContain(`face/${face}`);
        for (const way of ["width", "depth", "height"]) expect([...said]).toContain(`dimension/${way}`);
      }
    });

  it("would be found where two lie on one another", () => {
    const p = planned(demoBuilds()[0]!);
    const view = netView({ plan: p, seen: seenOf(p, []), variant: p.site.variant, size: SIZES[0]! });
    const [first] = view.labels;
    view.labels.push({ ...first!, id: "twin" });
    expect(view.labels.some((a, i) => view.labels.slice(i + 1).some((b) => meet(a.box, b.box)))).toBe(true);
  });
});

describe("a section", () => {
  it("shares one scale and one floor line with the one beside it", () => {
    for (const build of demoBuilds()) {
      const p = planned(build);
      const cuts = [{ cut: "frontBack" as const }, { cut: "leftRight" as const }];
      const { sections, scale, y } = sectionView({
        plan: p,
        seen: seenOf(p, []),
        variant: p.site.variant,
        cuts,
        size: SIZES[0]!,
      });
      expect(sections).toHaveLength(2);
      for (const { section, x, left, right } of sections) {
        const across = section.walls.flatMap((w) => w.points.map(([a]) => a));
        expect(right - left).toBeCloseTo((Math.max(...across) - Math.min(...across)) * scale, 0);
        expect(x(Math.min(...across))).toBeCloseTo(left, 6);
      }
      expect(sections[0]!.right).toBeLessThan(sections[1]!.left);
      expect(y(0) - y(100)).toBeCloseTo(100 * scale, 0);
    }
  });
});
