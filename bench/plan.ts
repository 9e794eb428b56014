/**
 * `npm run bench:plan`: the budgets beside what this machine does. Prints, never judges.
 * With `-- drag` only what is dragged. Median of a plan in Node, another measure each run; p95 from pointer move to drawing while dragging; the first page and its script.
 */
import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { gzipSync } from "node:zlib";
import { chromium } from "@playwright/test";
import { produce } from "immer";
import { rememberingNester } from "../core/cuts/nester";
import { chosenVariant } from "../core/document/variant";
import { type PlanInput, plan } from "../core/plan";
import { planMemory } from "../core/trades/memory";
import { readBuildFile } from "../files/buildFile";
import { BROWSER_ARGS, needChromium, serveFreshDemo } from "../scripts/run.mjs";
import { withTwelve } from "./twelve";

const RUNS = 400;
const rows: { what: string; budget: string; here: string }[] = [];
const row = (what: string, budget: string, here: string) => rows.push({ what, budget, here });
const quantile = (values: number[], q: number) =>
  [...values].sort((a, b) => a - b)[Math.min(values.length - 1, Math.floor(values.length * q))]!;
const ms = (value: number) => `${value.toFixed(2)} ms`;

/** The build with another measure than the last: a feature a little further along its face, or the ground a little deeper. */
function moved(input: PlanInput, run: number): PlanInput {
  return {
    ...input,
    design: produce(input.design, (draft) => {
      const { features, shell } = chosenVariant(draft);
      const measure = features[0]?.u ?? shell.groundDepth;
      if (!measure) throw new Error("Nothing of this build can be moved.");
      measure.value += ((run % 40) - 20) / 4;
    }),
  };
}

const inputOf = (file: string): PlanInput => {
  const read = readBuildFile(JSON.parse(readFileSync(join("examples", file), "utf8")));
  if (!read.ok) throw new Error(read.message);
  return read.value;
};
/** The build that is planned and dragged with twelve fixtures. */
const CROWDED = "haberdasher-s-cabinet";
const crowded = (input: PlanInput): PlanInput => ({ ...input, design: withTwelve(input.design, input.book) });

const onlyDrag = process.argv.includes("drag");
for (const [file, input] of onlyDrag
  ? []
  : [
      ...readdirSync("examples").map((f) => [f, inputOf(f)] as const),
      [`${CROWDED}.json with twelve fixtures`, crowded(inputOf(`${CROWDED}.json`))] as const,
    ]) {
  const nester = rememberingNester();
  const start = performance.now();
  const memory = planMemory();
  plan(input, nester, false, memory);
  const first = performance.now() - start;
  const times = { ledgers: [] as number[], proofs: [] as number[] };
  for (let run = 0; run < RUNS; run++) {
    const next = moved(input, run);
    const before = performance.now();
    plan(next, nester, true, memory);
    const between = performance.now();
    plan(next, nester, false, memory);
    times.ledgers.push(between - before);
    times.proofs.push(performance.now() - between);
  }
  const median = (list: number[]) => ms(quantile(list.slice(50), 0.5));
  row(`plan of ${file}, another measure each run, all ledgers, median of ${RUNS}`, "8 ms", median(times.ledgers));
  row("  after it, once it is let go: planned again with every fix proved", "", median(times.proofs));
  row(`plan of ${file}, the very first, nesting in it`, "300 ms", ms(first));
}

/**
 * Runs in the page: measures, from outside the application, each move of a dragged feature to the drawing of it, to the
 * frame painted, and to what the plan changes elsewhere on the page.
 */
function watchDrag(selector: string) {
  /** After an event with all that was drawn at once for it. A move that leaves a thing where it was, held by a line it snaps to, draws nothing. */
  const onceHandled = (work: () => void) => {
    const { port1, port2 } = new MessageChannel();
    port1.onmessage = work;
    port2.postMessage(null);
  };
  let moved: { sentAt: number; takenAt: number } | undefined;
  let unjudgedAt: number | undefined;
  const measure = (name: string, start: number, end = performance.now()) => performance.measure(name, { start, end });
  addEventListener(
    "pointermove",
    ({ timeStamp }) => {
      const takenAt = performance.now();
      // Moves of one frame are drawn together: the first of them waits longest.
      moved ??= { sentAt: timeStamp, takenAt };
      unjudgedAt ??= takenAt;
      onceHandled(() => {
        if (moved?.takenAt === takenAt) {
          measure("drag-nothing", takenAt);
          moved = undefined;
        }
      });
    },
    { capture: true },
  );
  const mark = document.querySelector(selector)!;
  const all = { subtree: true, childList: true, attributes: true, characterData: true };
  new MutationObserver(() => {
    if (!moved) return;
    const { sentAt, takenAt } = moved;
    moved = undefined;
    measure("drag-waited", sentAt, takenAt);
    measure("drag-update", takenAt);
    requestAnimationFrame(() => onceHandled(() => measure("drag-painted", takenAt)));
  }).observe(mark, all);
  const lines = document.querySelector("[data-contours]");
  if (lines) {
    let unlitAt: number | undefined;
    addEventListener(
      "pointermove",
      () => {
        unlitAt ??= performance.now();
        const at = unlitAt;
        onceHandled(() => {
          if (unlitAt === at) unlitAt = undefined;
        });
      },
      { capture: true },
    );
    new MutationObserver(() => {
      if (unlitAt !== undefined) measure("drag-lit", unlitAt);
      unlitAt = undefined;
    }).observe(lines, all);
  }
  const curves = document.querySelector("[data-air]");
  if (curves) {
    let unairedAt: number | undefined;
    addEventListener(
      "pointermove",
      () => {
        unairedAt ??= performance.now();
      },
      { capture: true },
    );
    // The curves follow from a worker: of several moves the first that they have not followed waits longest.
    new MutationObserver(() => {
      if (unairedAt !== undefined) measure("drag-aired", unairedAt);
      unairedAt = undefined;
    }).observe(curves, all);
  }
  new MutationObserver((changes) => {
    if (unjudgedAt === undefined || changes.every((change) => mark.contains(change.target))) return;
    measure("drag-judged", unjudgedAt);
    unjudgedAt = undefined;
  }).observe(document.body, all);
}

/**
 * Pixels from where it was at each move, round and round: each goes on by more than a millimetre. A smaller one draws nothing,
 * and would be measured as if it had waited for the next.
 */
const roundTo = (move: number): [number, number] => [12 * Math.sin(move / 8), 12 * Math.cos(move / 8) - 12];

/** Moves of a drag that are not counted: the page's code is still being compiled as it first runs. */
const COLD = 20;
/** Each thing is dragged so often: a machine that others share is now and then taken away in the midst of one. */
const DRAGS = 5;

/** Each asks over a connection of its own: one that was kept may be closed under it. */
const alone = { Connection: "close" };

const server = await serveFreshDemo();
const browser = await chromium.launch({ executablePath: needChromium(), args: BROWSER_ARGS });
try {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  // The runner's compiler names functions with a helper of its own, which the page has not.
  await page.addInitScript("globalThis.__name = (f) => f");
  const scripts = new Set<string>();
  page.on("request", (r) => r.resourceType() === "script" && scripts.add(new URL(r.url()).pathname));
  const kilobytes = () =>
    [...scripts].reduce((sum, path) => sum + gzipSync(readFileSync(join("build/client", path))).length, 0) / 1000;
  await page.goto(`${server.address}/`, { waitUntil: "networkidle" });
  row("script of the first page, gzipped", "300 kB", `${kilobytes().toFixed(0)} kB`);
  scripts.clear();
  await page.goto(`${server.address}/builds/flat-pack-1500/shell`, { waitUntil: "networkidle" });
  row(
    "script of an open build with the net, gzipped, before the model loads",
    "300 kB",
    `${kilobytes().toFixed(0)} kB`,
  );

  const responses: number[] = [];
  for (let i = 0; i < 20; i++) {
    const before = performance.now();
    await (await fetch(`${server.address}/`, { headers: alone })).text();
    responses.push(performance.now() - before);
  }
  row("first page, warm server, median of 20", "200 ms", ms(quantile(responses, 0.5)));

  const design = (
    (await (await fetch(`${server.address}/builds/flat-pack-1500/revisions?number=1`, { headers: alone })).json()) as {
      design: unknown;
    }
  ).design;
  const saves: number[] = [];
  for (let i = 0; i < 20; i++) {
    const before = performance.now();
    await fetch(`${server.address}/builds/flat-pack-1500/save`, {
      method: "POST",
      headers: { ...alone, "Content-Type": "application/json" },
      body: JSON.stringify({ base: null, design }),
    });
    saves.push(performance.now() - before);
  }
  row("saving an edit, median of 20", "100 ms", ms(quantile(saves, 0.5)));

  const dragged = async (what: string, at: string, selector: string) => {
    await page.goto(`${server.address}${at}`, { waitUntil: "networkidle" });
    // Under Air the net is another view than the curves.
    if ((await page.locator(selector).count()) === 0)
      await page.getByRole("button", { name: "Net", exact: true }).click();
    await page.waitForSelector(selector);
    await page.evaluate(watchDrag, selector);
    /** Of each drag what was measured by a name, ms. */
    const drags: ((name: string) => number[])[] = [];
    for (let n = 0; n < DRAGS; n++) {
      const box = (await page.locator(selector).boundingBox())!;
      const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
      await page.evaluate(() => performance.clearMeasures());
      await page.mouse.move(x, y);
      await page.mouse.down();
      for (let i = 1; i <= 200; i++) {
        const [dx, dy] = roundTo(i);
        await page.mouse.move(x + dx, y + dy);
      }
      await page.mouse.up();
      const all = await page.evaluate(() =>
        performance.getEntriesByType("measure").map((m) => [m.name, m.duration] as const),
      );
      drags.push((name) => all.flatMap(([of, lasted]) => (of === name ? [lasted] : [])).slice(n === 0 ? COLD : 0));
    }
    const middle = (name: string, q: number) =>
      quantile(
        drags.map((drag) => quantile(drag(name), q)),
        0.5,
      );
    const p95 = (name: string) => ms(middle(name, 0.95));
    row(
      `${what}: pointer-move event to it drawn there, p95, the middle of ${DRAGS} drags`,
      "16 ms",
      `${p95("drag-update")}, median ${ms(middle("drag-update", 0.5))}`,
    );
    const count = (name: string) => drags.reduce((sum, drag) => sum + drag(name).length, 0);
    row(
      "  moves that drew it, and moves that left it where it was",
      "",
      `${count("drag-update")}, ${count("drag-nothing")}`,
    );
    row("  from the same event to the frame painted, p95", "16 ms", p95("drag-painted"));
    row("  to the plan, its snags and figures on the page, p95", "", p95("drag-judged"));
    row("  before it, from the pointer to its event: the browser's own wait, p95", "", p95("drag-waited"));
    if (drags[0]!("drag-aired").length > 0) row("  to the day's curves moved by it, p95", "50 ms", p95("drag-aired"));
    if (drags[0]!("drag-lit").length > 0) row("  to the lines of equal light, p95", "16 ms", p95("drag-lit"));
  };
  // Every kind of feature of the largest demo build, and the flat-pack's mesh.
  for (const [build, stage, feature] of onlyDrag
    ? ([["flat-pack-1500", "air", "high-1"]] as const)
    : ([
        ["flat-pack-1500", "air", "high-1"],
        ["haberdasher-s-cabinet", "shell", "top-2"],
        ["haberdasher-s-cabinet", "shell", "low-1"],
        ["haberdasher-s-cabinet", "shell", "pump-cable"],
      ] as const))
    await dragged(`${build}, ${feature}`, `/builds/${build}/${stage}`, `[data-feature='${feature}']`);
  // A lamp on the map of the top, with the light of all of them in lines over the section.
  const saved = await fetch(`${server.address}/builds/${CROWDED}/save`, {
    method: "POST",
    headers: { ...alone, "Content-Type": "application/json" },
    body: JSON.stringify({ base: null, design: crowded(inputOf(`${CROWDED}.json`)).design }),
  });
  if (!saved.ok) throw new Error(await saved.text());
  for (const lamp of ["bench-6", "bench-7"])
    await dragged(`twelve fixtures, ${lamp}`, `/builds/${CROWDED}/fixtures`, `[data-fixture='${lamp}']`);
} finally {
  await browser.close();
  await server.stop();
}
console.table(rows);
