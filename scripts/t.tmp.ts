import { readFileSync } from "node:fs";
import { produce } from "immer";
import { rememberingNester } from "../core/cuts/nester";
import { chosenVariant } from "../core/document/variant";
import { plan } from "../core/plan";
import { planMemory } from "../core/trades/memory";
import { readBuildFile } from "../files/buildFile";
const file = process.argv[2]!;
const read = readBuildFile(JSON.parse(readFileSync(file, "utf8")));
if (!read.ok) throw new Error(read.message);
const input = read.value;
const nester = rememberingNester();
const mem = planMemory();
plan(input, nester, false, mem);
const ts: number[] = [];
for (let run = 0; run < 300; run++) {
  const next = { ...input, design: produce(input.design, (draft) => { const { features, shell } = chosenVariant(draft); const m = features[0]?.u ?? shell.groundDepth; m!.value += ((run % 40) - 20) / 4; }) };
  const t = performance.now();
  plan(next, nester, false, mem);
  ts.push(performance.now() - t);
}
console.log(file, ts.slice(50).sort((a, b) => a - b)[125]);
const TT = (globalThis as any).TT ?? {};
for (const [k, [t, n]] of Object.entries(TT as Record<string, [number, number]>).sort((a, b) => b[1][0] - a[1][0]).slice(0, 40)) console.log(k, (t / 300).toFixed(3), "ms a plan;", (n / 300).toFixed(2), "runs");
