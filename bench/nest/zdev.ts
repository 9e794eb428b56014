import { search } from "../../core/cuts/nest/nest";
import { caseClasses } from "./instances";

const size = Number(process.argv[2] ?? 20),
  ms = Number(process.argv[3] ?? 2000),
  only = process.argv[4];
for (const { name, cases } of caseClasses(size, Number(process.argv[5] ?? 1))) {
  if (only && !new RegExp(only).test(name)) continue;
  let total = 0,
    bound = 0,
    proved = 0,
    off = 0,
    ratios = 0,
    steps = 0,
    first = 0,
    worst: string[] = [];
  for (const { instance, optimum } of cases) {
    const t0 = performance.now();
    const s = search(instance);
    first = Math.max(first, performance.now() - t0);
    while (performance.now() - t0 < ms && s.round());
    const st = s.state();
    const b = optimum ?? st.bound;
    total += st.cost;
    bound += b;
    ratios += b > 0 ? st.cost / b : 1;
    off += st.offcut;
    steps += st.rounds;
    if (st.cost <= b + 1e-9) proved++;
    else worst.push(`${instance.id}:${st.cost}/${b}`);
  }
  console.log(
    name.padEnd(30),
    "total/bound",
    (total / bound).toFixed(4),
    "mean",
    (ratios / cases.length).toFixed(4),
    `at bound ${proved}/${cases.length}`,
    "offcut",
    ((100 * off) / cases.length).toFixed(1),
    "first",
    first.toFixed(0),
    "rounds",
    (steps / cases.length).toFixed(0),
    worst.slice(0, 6).join(" "),
  );
}
