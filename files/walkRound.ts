import { WALK } from "../core/closures/walk/facts";
import type { Plan } from "../core/plan";
import { inPaperMm, label, startPaper } from "./paper";
import type { Paper } from "./templateFile";
import { PAPERS } from "./tiled";

const MARGIN_MM = 12;
const ROW_MM = 9;
/** Where each column begins, as shares of what is left between the margins. */
const COLUMNS = { tick: 0, name: 0.06, allowed: 0.52, gauge: 0.7, who: 0.84 } as const;

/** The walk round every gap, to be ticked at the shell: what each may be, and what must not go through. */
export async function walkRoundPdf(plan: Plan, name: string, paper: Paper): Promise<Buffer> {
  const page = PAPERS[paper];
  const { say } = plan.site;
  const { doc, finish } = startPaper(page, 0, `${name}, walk round every gap`);
  const inner = page.widthMm - 2 * MARGIN_MM;
  const at = (column: keyof typeof COLUMNS) => MARGIN_MM + COLUMNS[column] * inner;
  const stops = plan.facts.one(WALK) ?? [];
  const perPage = Math.floor((page.heightMm - 2 * MARGIN_MM - 24) / ROW_MM);
  const head = () => {
    label(doc, `${name}: walk round every gap`, MARGIN_MM, MARGIN_MM, 5.2, "bold");
    label(
      doc,
      "Doors shut, locked and pushed as the animal would. Run the gauge along the whole gap: it must go through nowhere. After each opening, pull at every catch.",
      ...([MARGIN_MM, MARGIN_MM + 8, 3] as const),
    );
    const y = MARGIN_MM + 15;
    for (const [column, words] of [
      ["name", "Gap"],
      ["allowed", "May be, at most"],
      ["gauge", "Gauge"],
      ["who", "For"],
    ] as const)
      label(doc, words, at(column), y, 3, "bold");
  };
  inPaperMm(doc, 0, 0, head);
  stops.forEach((stop, i) => {
    if (i > 0 && i % perPage === 0) {
      doc.addPage();
      inPaperMm(doc, 0, 0, head);
    }
    const y = MARGIN_MM + 21 + (i % perPage) * ROW_MM;
    inPaperMm(doc, 0, 0, () => {
      doc.rect(at("tick"), y, 5, 5).stroke();
      if (stop.tried && !stop.tried.passed) label(doc, "✓", at("tick") + 1, y + 0.6, 4, "bold");
      label(doc, `${stop.name}, ${stop.where}`, at("name"), y, 3.2, "bold");
      label(doc, stop.cover, at("name"), y + 4, 2.6);
      label(doc, stop.allowedMm === null ? "not judged" : say(stop.allowedMm, "down"), at("allowed"), y, 3.2);
      label(doc, stop.gauge?.words ?? "–", at("gauge"), y, 3.2, "bold");
      label(doc, stop.who, at("who"), y, 2.8);
      doc
        .moveTo(MARGIN_MM, y + ROW_MM - 1.6)
        .lineTo(MARGIN_MM + inner, y + ROW_MM - 1.6)
        .lineWidth(0.1)
        .stroke();
    });
  });
  return finish();
}
