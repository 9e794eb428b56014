import { search } from "../../core/cuts/nest/nest";
import { caseClasses } from "./instances";
const c = caseClasses(30, 1).find((c) => c.name.includes(process.argv[2]!))!.cases[Number(process.argv[3])]!;
console.log(c.instance.parts.map(p=>`${p.w}x${p.h}${p.rotate?"r":""}`).join(" "));
let ok = 0; for (let seed = 1; seed <= 6; seed++) { const s = search({ ...c.instance, seed }); const t0 = performance.now();
while (performance.now() - t0 < 1500 && s.round()); const st = s.state(); if (st.cost === st.bound) ok++; }
console.log(process.argv.slice(2).join(" "), "solved", ok, "of 6");
