import type { Step } from "../ledgers/ledger";
import type { Here } from "./kind";

/** What is measured before it is made to measure. */
interface Measured {
  /** What is to come of it, and its figure. */
  becomes: string;
  figure: string;
  /** Glass is ordered by it, and waited for. */
  glass: boolean;
}

/** Taping the opening as it is, once it stands; glass is ordered by what the tape says. */
export const measureStep = ({ site, id }: Here, { becomes, figure, glass }: Measured): Step => ({
  id: id("measure-opening"),
  title: `Measure the opening and both its diagonals${glass ? ", then order the glass" : ""}`,
  detail: `Width at both ends and the middle, height at both sides, both diagonals. ${becomes} if it came out as drawn.`,
  stage: "front",
  handsOnMinutes: 15,
  waitMinutes: glass ? site.workshop.glassLeadDays * 1440 : 0,
  ...(glass && { waitFor: "the glass to be cut" }),
  after: [{ reached: "stands", because: "the opening is what it is only once it stands" }],
  splittable: true,
  toHand: ["tape", ...(glass ? ["phone or paper for the order"] : [])],
  cautions: [],
  figure: id(figure),
});
