import { search } from "../../core/cuts/nest/nest";
import { caseClasses } from "./instances";
for (const i of [2,3,4,7,11]) {
const { instance } = caseClasses(20, 1).find((c) => c.name.includes("10 to"))!.cases[i]!;
console.log(instance.stock.map(s=>`${s.id}:${s.w}x${s.h}@${s.price}#${s.count}`).join(" "), "|", instance.parts.map(p=>`${p.qty}*${p.w}x${p.h}${p.rotate?"r":""}`).join(" "));
const t=performance.now(); const s = search(instance); console.log("first", (performance.now()-t).toFixed(0)); const t0 = performance.now();
while (performance.now() - t0 < 1500 && s.round()); console.log(s.state(), s.best().bound, s.best().sheets.map(x=>x.stock).join("")); }
