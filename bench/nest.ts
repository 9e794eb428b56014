/**
 * `npm run bench:nest [instances a class] [seed] [words of a class's name]`: every class beside two general packers from the registry, run side by
 * side on the same instances. Prints, never judges. Two seconds an instance.
 */
import { exactBars } from "../core/cuts/bars/exactBars";
import { worthOf } from "../core/cuts/nest/compare";
import { nestFaults } from "../core/cuts/nest/faults";
import { nest, search } from "../core/cuts/nest/nest";
import { loadSolver } from "../workers/highs";
import { barClasses } from "./nest/bars";
import { EDGES } from "./nest/edges";
import { caseClasses } from "./nest/instances";
import { OPPONENTS } from "./nest/opponents";

const size = Number(process.argv[2] ?? 20);
const seed = Number(process.argv[3] ?? 1);
const only = process.argv[4] ?? "";
const LIMIT_MS = 2000;

const sum = (list: number[]) => list.reduce((a, b) => a + b, 0);
const ratio = (costs: number[], bounds: number[]) => (sum(costs) / sum(bounds)).toFixed(3);

for (const { name, cases } of caseClasses(size, seed).filter((c) => c.name.includes(only))) {
  const rows = cases.map(({ instance, optimum }) => {
    const start = performance.now();
    const stopped = () => performance.now() - start > LIMIT_MS;
    const running = search(instance, stopped);
    const firstMs = performance.now() - start;
    let lastMs = firstMs;
    let cost = running.state().cost;
    while (!stopped() && running.round())
      if (running.state().cost < cost) {
        cost = running.state().cost;
        lastMs = performance.now() - start;
      }
    const { bound, offcut } = running.state();
    const others = Object.values(OPPONENTS).map((pack) => {
      try {
        return pack(instance);
      } catch {
        return Number.NaN;
      }
    });
    return { cost, bound: optimum ?? bound, offcut, firstMs, lastMs, others };
  });
  const bounds = rows.map((r) => r.bound);
  const of = (key: "cost" | "offcut" | "firstMs" | "lastMs") => rows.map((r) => r[key]);
  console.log(`\n${name}, ${rows.length} instances`);
  console.table({
    "total / bound": ratio(of("cost"), bounds),
    "at the bound": `${rows.filter((r) => r.cost <= r.bound + 1e-9).length} of ${rows.length}`,
    "mean largest offcut, % of a sheet": ((100 * sum(of("offcut"))) / rows.length).toFixed(1),
    "first answer, slowest, ms": Math.max(...of("firstMs")).toFixed(0),
    "last cheaper answer, mean, ms": (sum(of("lastMs")) / rows.length).toFixed(0),
    ...Object.fromEntries(
      Object.keys(OPPONENTS).flatMap((opponent, i) => [
        [
          `${opponent}: total / bound`,
          ratio(
            rows.map((r) => r.others[i]!),
            bounds,
          ),
        ],
        [`${opponent}: used less than we did`, rows.filter((r) => r.others[i]! < r.cost - 1e-9).length],
      ]),
    ),
  });
}
const edges = EDGES.map(({ name, instance, cost, unplaced }) => {
  const solution = nest(instance, 20);
  const worth = worthOf(instance, solution);
  const right = Math.abs(worth.cost - cost) < 1e-9 && worth.unplaced === unplaced;
  return { name, right: right && nestFaults(instance, solution).length === 0 };
});
console.log(`\nEdge cases: ${edges.filter((e) => e.right).length} of ${edges.length} right`);
for (const { name } of edges.filter((e) => !e.right)) console.log(`  not right: ${name}`);

const solve = await loadSolver();
for (const { name, cases } of barClasses(size, seed).filter((c) => `bars: ${c.name}`.includes(only))) {
  const rows = cases.map(({ instance, optimum }) => {
    const start = performance.now();
    const found = exactBars(instance, solve, 2000, () => performance.now() - start < LIMIT_MS);
    const ms = performance.now() - start;
    const cost = sum(found.bars.map((b) => instance.stock.find((s) => s.id === b.stock)!.price));
    return { cost, bound: Math.max(optimum ?? 0, found.bound.cost), proved: cost <= found.bound.cost + 1e-9, ms };
  });
  console.log(`\nbars: ${name}, ${rows.length} instances of 50 pieces`);
  console.table({
    "total / bound": ratio(
      rows.map((r) => r.cost),
      rows.map((r) => r.bound),
    ),
    "proved least": `${rows.filter((r) => r.proved).length} of ${rows.length}`,
    "proved least within 0.5 s": `${rows.filter((r) => r.proved && r.ms <= 500).length} of ${rows.length}`,
    "slowest, ms": Math.max(...rows.map((r) => r.ms)).toFixed(0),
  });
}
console.log(`\nHighest memory: ${(process.resourceUsage().maxRSS / 1024).toFixed(0)} MB`);
