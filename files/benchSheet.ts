import { stepCodes } from "../core/bench/codes";
import type { LocalMinutes } from "../core/design/localTime";
import type { SettledStep } from "../core/ledgers/ledger";
import type { Plan } from "../core/plan";
import { formatMinutes } from "../core/units/format";
import { type Doc, inPaperMm, PT, startPaper } from "./paper";
import type { Paper } from "./templateFile";
import { PAPERS } from "./tiled";

const MARGIN_MM = 14;
/** To be read at arm's length: 14 points and more. */
const [BODY_MM, TITLE_MM, HEAD_MM] = [14 / PT, 19 / PT, 16 / PT].map((mm) => Math.ceil(mm * 100) / 100) as [
  number,
  number,
  number,
];
const BOX_MM = 8;
const GAP_MM = 2.2;
const DAYS = ["Sunday", "Monday", "Tuesday", "Wednesday", "Thursday", "Friday", "Saturday"];
const DAY = 1440;

const dayWords = (at: LocalMinutes): string => {
  const d = new Date(at * 60_000);
  return `${DAYS[d.getUTCDay()]} ${d.toISOString().slice(0, 10)}`;
};
const clock = (at: LocalMinutes): string => new Date(Math.round(at) * 60_000).toISOString().slice(11, 16);

/** A line of a step's block. */
interface Line {
  text: string;
  bold?: true;
  box?: true;
  /** A bar at its left: what can hurt. */
  bar?: true;
  size?: number;
}

const linesOf = (step: SettledStep, at: LocalMinutes, readyAt: LocalMinutes, code: string): Line[] => [
  { text: `${clock(at)}  ${step.title}`, bold: true, box: true, size: TITLE_MM },
  { text: step.detail },
  ...(step.toHand.length > 0 ? [{ text: `To hand: ${step.toHand.join(", ")}.` }] : []),
  ...step.cautions.map((text): Line => ({ text, bar: true, bold: true })),
  ...(step.passSign ? [{ text: step.passSign, box: true as const }] : []),
  ...(step.waitMinutes > 0
    ? [
        {
          text: `Then ${formatMinutes(step.waitMinutes)} for ${step.waitFor}: nothing on it before ${dayWords(readyAt)} ${clock(readyAt)}.`,
        },
      ]
    : []),
  { text: `${code}    Minutes ______    Used ______________    By ________`, bold: true },
];

/**
 * The steps of the next day with hands, large, each with a box to tick and a code to type at the bench later.
 * @param name the build's
 */
export async function benchSheetPdf(plan: Plan, name: string, paper: Paper): Promise<Buffer> {
  const page = PAPERS[paper];
  const { doc, finish } = startPaper(page, 0, `${name}, bench sheet`);
  const inner = page.widthMm - 2 * MARGIN_MM;
  const [first] = plan.diary.entries;
  const day = first ? Math.floor(first.startAt / DAY) : 0;
  const entries = plan.diary.entries.filter((e) => Math.floor(e.startAt / DAY) === day);
  const codes = stepCodes(plan.steps.map((s) => s.id));
  const put = (text: string, x: number, y: number, size: number, bold = false, width = inner) =>
    doc
      .font(bold ? "bold" : "body")
      .fontSize(size)
      .fillColor("#111")
      .text(text, x, y, { width });
  let y = MARGIN_MM;
  inPaperMm(doc, 0, 0, () => {
    put(first ? `${name}: ${dayWords(first.startAt)}` : `${name}: nothing to do`, MARGIN_MM, y, HEAD_MM, true);
  });
  y += HEAD_MM + 5;
  for (const entry of entries) {
    const step = plan.steps.find((s) => s.id === entry.stepId)!;
    const lines = linesOf(step, entry.startAt, entry.readyAt, codes.get(step.id)!);
    const height = lines.reduce((sum, line) => sum + heightOf(doc, line, inner) + GAP_MM, 6);
    if (y > MARGIN_MM + 10 && y + height > page.heightMm - MARGIN_MM) {
      doc.addPage();
      y = MARGIN_MM;
    }
    inPaperMm(doc, 0, 0, () => {
      for (const line of lines) {
        const own = heightOf(doc, line, inner);
        const left = MARGIN_MM + (line.box ? BOX_MM + 3 : line.bar ? 5 : 0);
        if (line.box) doc.rect(MARGIN_MM, y, BOX_MM, BOX_MM).lineWidth(0.5).stroke();
        if (line.bar) doc.rect(MARGIN_MM, y - 0.5, 1.6, own + 1).fill("#111");
        put(line.text, left, y, line.size ?? BODY_MM, line.bold, widthOf(line, inner));
        y += own + GAP_MM;
      }
      doc
        .moveTo(MARGIN_MM, y + 1)
        .lineTo(MARGIN_MM + inner, y + 1)
        .lineWidth(0.3)
        .stroke();
    });
    y += 6;
  }
  return finish();
}

const widthOf = (line: Line, inner: number) => inner - (line.box ? BOX_MM + 3 : line.bar ? 5 : 0);
const heightOf = (doc: Doc, line: Line, inner: number): number =>
  Math.max(
    line.box ? BOX_MM : 0,
    doc
      .font(line.bold ? "bold" : "body")
      .fontSize(line.size ?? BODY_MM)
      .heightOfString(line.text, { width: widthOf(line, inner) }),
  );
