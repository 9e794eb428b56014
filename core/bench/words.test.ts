import { describe, expect, it } from "vitest";
import type { LogEntry } from "../log/schema";
import { REWORK_CAUSES, VIEWS } from "./names";
import { CAUSE_WORDS, VIEW_WORDS } from "./plainWords";
import { BenchEventSchema } from "./schema";
import { entryWords } from "./words";

type Event = LogEntry["event"];
const told = { titleOf: (id: string) => `step ${id}`, say: (mm: number) => `${mm} mm` };
const words = (event: Event) => entryWords(event, told);
const DONE: Extract<Event, { kind: "step-done" }> = {
  ...{ kind: "step-done", step: "a", title: "Foam the back", work: "foam", plannedMinutes: 20, startMinutes: 20 },
  ...{ minutes: 95, waitMinutes: 1440, roomC: 18, batch: "", passed: true, by: "Wren", note: "" },
  used: [
    { material: "foam-pond", name: "Pond foam", unit: "g", amount: 340, planned: 300 },
    { material: "strip", name: "Seal", unit: "mm", amount: 1200, planned: 1000 },
    { material: "screw", name: "Screws", unit: "piece", amount: 0, planned: 4 },
  ],
  before: ["Prepare the wall"],
};

describe("entries of the bench in words", () => {
  it("say what was done, how long it took, what it used, whether it passed, who says so, and what it came before", () => {
    expect(words(DONE)).toBe(
      "Done: Foam the back; in 1 h 35; 340 g of Pond foam; 1200 mm of Seal; passed; by Wren; before Prepare the wall was over",
    );
    expect(words({ ...DONE, minutes: null, used: [], passed: null, by: "", before: [] })).toBe("Done: Foam the back");
  });

  const one: Event[] = [
    { kind: "step-begun", step: "a" },
    { kind: "step-left", step: "a", because: "dinner" },
    { kind: "step-again", step: "a", because: "" },
    DONE,
    {
      ...{ kind: "bought", line: "l", material: "m", name: "Varnish", shelf: true, priceMinor: 900 },
      packs: [{ pack: "p", name: "tin 750 mL", count: 2, content: 750 }],
    },
    { kind: "deviation", step: null, what: "a thicker board", because: "it was there" },
    {
      ...{
        kind: "rework",
        step: null,
        what: "the left lift",
        cause: "rushedCure",
        minutes: 45,
        material: "half a can",
      },
      ...{ delayDays: 2, check: "hardness" },
    },
    { kind: "regret", what: "a bulkhead", stage: "seal" },
    { kind: "swatch", what: "ochre", wet: "dark", dry: "pale", varnished: "" },
    { kind: "weighed", what: "the shell", kg: 21.25 },
    { kind: "moving", resident: "Spiny mice", carriedIn: "a tub", way: "", tool: "", people: "two", fallback: "" },
    { kind: "checked", check: "closing/smell", passed: false, by: "Wren", note: "vinegar" },
    {
      ...{ kind: "photo", photo: "0123abcd", view: "above", widthPx: 4, heightPx: 3, words: "Dry layout" },
      of: { kind: "step", id: "a" },
    },
  ];
  it("has words for every kind there is, with no id, no empty place and no number that is none", () => {
    const kinds = BenchEventSchema.options.map((o) => o.entries.kind.literal);
    expect(one.map((e) => e.kind).sort()).toEqual([...kinds].sort());
    for (const event of one) {
      expect(words(event), event.kind).toMatch(/^[A-Z]/);
      expect(words(event), event.kind).not.toMatch(/undefined|null|NaN|closing\/|; ;|: $|, $/);
    }
    expect(words(one.at(-2)!)).toBe("Did not pass: Smell by Wren, vinegar");
    expect(words({ kind: "checked", check: "closing/of-a-newer-version", passed: true, by: "", note: "" })).toBe(
      "Checked: closing/of-a-newer-version",
    );
  });
  it("leaves other trades' entries to them", () => {
    expect(words({ kind: "taken-back", entry: "x" })).toBeUndefined();
    expect(words({ kind: "cut-made", sheet: "s", cut: 1 })).toBeUndefined();
  });
  it("has a builder's words for every view and every cause", () => {
    expect(VIEWS.map((v) => VIEW_WORDS[v])).not.toContain(undefined);
    expect(new Set(REWORK_CAUSES.map((c) => CAUSE_WORDS[c])).size).toBe(REWORK_CAUSES.length);
  });
});
