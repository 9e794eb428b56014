import { lowerBound } from "../../core/cuts/nest/bound";
import { inMicrometres } from "../../core/cuts/nest/problem";
import { search } from "../../core/cuts/nest/nest";
import { caseClasses } from "./instances";
for (const { name, cases } of caseClasses(20, 3)) { let b = 0, f = 0, n = 0;
 for (const { instance } of cases) { const p = inMicrometres(instance); let t = performance.now(); lowerBound(p.kinds, p.counts, p.stocks); b += performance.now() - t; t = performance.now(); search(instance); f += performance.now() - t; n++; }
 console.log(name, "bound ms", (b / n).toFixed(1), "search() ms", (f / n).toFixed(1)); }
