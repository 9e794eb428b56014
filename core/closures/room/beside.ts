import { featureRect } from "../../features/feature";
import { featureKind } from "../../features/index";
import { featureName } from "../../features/name";
import type { Feature } from "../../features/schema";
import type { Snag } from "../../ledgers/ledger";
import type { Rect } from "../../shell/faces";
import { capital } from "../../units/capital";
import type { Here, Leaf } from "../kind";

const overlap = (a: Rect, b: Rect) =>
  a.uMm < b.uMm + b.widthMm && b.uMm < a.uMm + a.widthMm && a.vMm < b.vMm + b.heightMm && b.vMm < a.vMm + a.heightMm;

/** What a leaf on hinges covers of its face when it is laid right back; undefined for what does not swing. */
function laidBack({ rect, moves }: Leaf): Rect | undefined {
  if (moves?.how !== "swings") return undefined;
  const { uMm, vMm, widthMm, heightMm } = rect;
  return {
    left: { ...rect, uMm: uMm - widthMm },
    right: { ...rect, uMm: uMm + widthMm },
    head: { ...rect, vMm: vMm + heightMm },
  }[moves.hangs];
}

const named = (list: readonly Feature[]) => list.map(featureName).join(", ");

/** Hoses, cables and lamps that a leaf carries, or that stand where it is laid back. */
export function besideSnags({ site, opening, own }: Here, leaves: readonly Leaf[]): Snag[] {
  const { features } = site.variant;
  const outside = features.filter((f) => f.face === opening.face && featureKind(f).standsOut?.(f));
  const moving = leaves.filter((leaf) => leaf.moves && leaf.moves.how !== "stays");
  const meets = (rects: readonly (Rect | undefined)[]) =>
    outside.filter((f) => rects.some((rect) => rect && overlap(featureRect(f), rect)));
  const carried = meets(moving.map(({ rect }) => rect));
  const inTheWay = meets(moving.map(laidBack)).filter((f) => !carried.includes(f));
  const what = opening.face === "top" ? "lid" : "door";
  const list: Snag[] = [];
  if (carried.length > 0)
    list.push({
      rule: "front/carried",
      subject: own("carried"),
      severity: "mind",
      stage: "front",
      title: `The ${what} carries what hangs on the shell`,
      sentence: `${capital(named(carried))} ${carried.length > 1 ? "move" : "moves"} with the ${what}: leave its hose or cable slack for it, and let a lamp cool first, or put it beside the opening.`,
      reason: "A hose that is too short pulls out, and a hot lamp lies where hands go (common practice, no source).",
    });
  if (inTheWay.length > 0)
    list.push({
      rule: "front/opens-half",
      subject: own("laid-back"),
      severity: "note",
      stage: "front",
      title: `The ${what} opens to a right angle only`,
      sentence: `${capital(named(inTheWay))} ${inTheWay.length > 1 ? "stand" : "stands"} out where it would be laid back.`,
      reason: "A door pushed against a fitting levers its own hinges (from memory).",
    });
  return list;
}
