import { describe, expect, it } from "vitest";
import { KINDS } from "./index";

const points = (line: string) => line.split(" ").map((p) => p.split(",").map(Number) as [number, number]);
const onDrawing = ([x, y]: [number, number]) => x >= 0 && x <= 100 && y >= 0 && y <= 75;

describe.each(KINDS.map((k) => [k.label, k.survey] as const))("the survey of a %s", (_, survey) => {
  const fields = survey.groups.flatMap((g) => g.fields);

  it("draws within its drawing, and no two lines alike", () => {
    for (const line of survey.drawing) {
      expect(points(line).length).toBeGreaterThan(1);
      expect(points(line).every(onDrawing), line).toBe(true);
    }
    expect(new Set(survey.drawing).size).toBe(survey.drawing.length);
  });

  it("runs the tape along a line of some length for each measure it shows", () => {
    const arrows = fields.flatMap((f) => (f.arrow ? [f.arrow] : []));
    expect(arrows.length).toBeGreaterThanOrEqual(3);
    for (const arrow of arrows) {
      const [from, to] = points(arrow);
      expect(onDrawing(from!) && onDrawing(to!), arrow).toBe(true);
      expect(Math.hypot(from![0] - to![0], from![1] - to![1]), arrow).toBeGreaterThan(2);
    }
    expect(new Set(arrows).size).toBe(arrows.length);
  });

  it("shows where the first measures are taken, and gives an example of each", () => {
    for (const { path, example } of survey.first) {
      const field = fields.find((f) => f.path === path);
      expect(field?.arrow, path).toBeDefined();
      expect(example).toMatch(/\d/);
    }
  });

  it("asks each thing once, in words, with what there is to choose from", () => {
    expect(new Set(fields.map((f) => f.path)).size).toBe(fields.length);
    expect(new Set(fields.map((f) => f.label)).size).toBe(fields.length);
    for (const field of fields) {
      expect(field.label.length).toBeGreaterThan(2);
      expect(field.ask === "choice", field.label).toBe(field.options !== undefined);
      if (field.options) expect(field.options.length).toBeGreaterThan(1);
      if (field.ask === "count") expect(field.max).toBeGreaterThan(0);
    }
  });
});

it("calls every kind by a name and an id of its own", () => {
  expect(new Set(KINDS.map((k) => k.kind)).size).toBe(9);
  expect(new Set(KINDS.map((k) => k.label)).size).toBe(9);
});
