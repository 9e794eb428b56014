import { spawnSync } from "node:child_process";
import { describe, expect, it } from "vitest";
import { rememberingNester } from "../core/cuts/nester";
import { publicPlan } from "../core/plan";
import { planWithDay } from "../core/planWithDay";
import { writeBuildFile } from "../files/buildFile";
import { jobInput } from "../tests/job";
import { VERBS } from "./verbs";

const hornwort = (args: string[], input: string, env: Record<string, string> = {}) =>
  spawnSync(process.execPath, ["--import", "tsx", "cli/hornwort.ts", ...args], {
    input,
    encoding: "utf8",
    env: { ...process.env, ...env },
  });

const shop = {
  format: "panel-nest/1",
  dim: 2,
  id: "shop-1",
  kerf: 3.2,
  trim: 5,
  offcutMinSide: 100,
  timeLimitMs: 100,
  stock: [{ id: "L", w: 2440, h: 1220, price: 62, count: null }],
  parts: [{ id: "P1", w: 1200, h: 450, qty: 2, rotate: true, label: "top" }],
};

describe("hornwort", () => {
  it("plans an exported build to the numbers on the screen", () => {
    const run = hornwort(["plan"], writeBuildFile(jobInput()));
    expect(run.status).toBe(0);
    expect(JSON.parse(run.stdout)).toEqual(
      JSON.parse(JSON.stringify(publicPlan(planWithDay(jobInput(), rememberingNester(), true)))),
    );
  });

  it("nests one instance, or one a line", () => {
    const one = hornwort(["nest"], JSON.stringify(shop));
    const solution = JSON.parse(one.stdout) as { sheets: { parts: unknown[] }[]; bound: unknown };
    expect(solution.sheets).toHaveLength(1);
    expect(solution.sheets[0]!.parts).toHaveLength(2);
    expect(solution.bound).toMatchObject({ cost: 62, sheets: 1, proof: "area" });
    const lines = hornwort(
      ["nest"],
      `${JSON.stringify(shop)}\n{"format":"other"}\n\nnonsense\n${JSON.stringify(shop)}\n`,
      { NEST_JSONL: "1" },
    );
    const answers = lines.stdout
      .trim()
      .split("\n")
      .map((l) => JSON.parse(l) as { error?: string });
    expect(answers.map((a) => a.error !== undefined)).toEqual([false, true, true, false]);
  });

  it.each([
    [["plan"], "{", /not JSON/],
    [["weave"], "{}", /no verb “weave”. Verbs: plan, nest, bars, escape, pane, door, light, climate, leak/],
    [["nest", "/nowhere/file.json"], "", /cannot read/],
  ])("%j of bad input is one line on standard error and exit 2", (args, input, words) => {
    const run = hornwort(args, input);
    expect(run.status).toBe(2);
    expect(run.stdout).toBe("");
    expect(run.stderr.trim().split("\n")).toHaveLength(1);
    expect(run.stderr).toMatch(words);
  });
});

it.each([
  ["plan", {}, /not a Hornwort build/],
  ["escape", { ways: [] }, /not an escape audit/],
  ["pane", { waterDepthMm: 300, spanMm: -9, edges: "four", material: "floatGlass" }, /spanMm must be at least 1 mm/],
  [
    "pane",
    { waterDepthMm: 300, paneHeightMm: 200, spanMm: 900, edges: "four", material: "floatGlass" },
    /water does not stand above its pane/,
  ],
])("%s refuses what it cannot work with, saying what is wrong", async (verb, data, words) => {
  expect(await VERBS[verb]!(data)).toMatchObject({ ok: false, message: expect.stringMatching(words) });
});

it("sizes a pane from the shell as its format says", () => {
  const run = hornwort(["pane"], '{"waterDepthMm":300,"spanMm":900,"edges":"four","material":"floatGlass"}');
  expect(run.status).toBe(0);
  const answer = JSON.parse(run.stdout) as Record<string, unknown>;
  expect(Object.keys(answer)).toEqual([
    "requiredMm",
    "chosenMm",
    "stressMPa",
    "bowMm",
    "safetyFactorAtChosen",
    "coefficients",
    "withinScope",
    "why",
  ]);
  // The pane's height is the water's depth, and the safety factor the hobby's 3.8, unless given.
  expect(answer).toMatchObject({ chosenMm: 5, withinScope: true });
});

it("refuses two parts of one id", () => {
  expect(VERBS.nest!({ ...shop, parts: [shop.parts[0], shop.parts[0]] })).toMatchObject({
    ok: false,
    message: expect.stringMatching(/two parts are called P1/),
  });
});

it("cuts bars as their format says, and refuses what is none", async () => {
  const bars = {
    format: "bar-nest/1",
    dim: 1,
    kerf: 3.2,
    trim: 10,
    timeLimitMs: 200,
    stock: [{ id: "B", length: 6000, price: 20, count: null }],
    parts: [{ id: "P1", length: 1234, qty: 3 }],
  };
  expect(await VERBS.bars!(bars)).toMatchObject({
    ok: true,
    value: {
      bars: [{ stock: "B", parts: [{ partId: "P1" }, { partId: "P1" }, { partId: "P1" }] }],
      unplaced: [],
      bound: { cost: 20, bars: 1 },
    },
  });
  expect(await VERBS.bars!({ ...bars, dim: 2 })).toMatchObject({
    ok: false,
    message: expect.stringMatching(/bar-nest\/1/),
  });
});
