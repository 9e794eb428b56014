import { set } from "../../../ledgers/fix";
import { findMaterial, materialsOf } from "../../../materials/find";
import type { Opening } from "../../../shell/shell";
import type { Site } from "../../../shell/site";
import { formatLength } from "../../../units/format";
import type { ClosureKind, Here, Leaf } from "../../kind";
import { checkLeafed } from "../../leaf/check";
import { catchesIn, hingesIn } from "../../leaf/fittings";
import { fixingFor } from "../../leaf/hanging";
import { type Hanging, measureLeaf, sizedOf } from "../../leaf/job";
import { planLeaves } from "../../leaf/plan";
import { type Leafed, newLeafed } from "../../leaf/schema";
import { settled } from "../../leaf/start";
import { leafWays } from "../../leaf/ways";
import { doorWords } from "../../leaf/words";
import { withAndWithoutKey } from "../../offers";
import type { Hinged } from "./schema";

/** An opening wider than this is closed by two leaves. From memory. */
const ONE_LEAF_MM = 500;

const hangingIn = ({ widthMm, heightMm }: Opening, { leaves, hinges }: Hinged): Hanging => ({
  ...{ kind: "hinged", leaves, hinges },
  opening: { widthMm, heightMm },
});
const jobOf = ({ site, opening }: Pick<Here, "site" | "opening">, closure: Hinged) =>
  measureLeaf(site, opening, closure, hangingIn(opening, closure));

/** One to begin with: glass in the book's first bars, or the bare pane. */
export function newHinged(site: Site, opening: Opening, leaf: Partial<Leafed["leaf"]> = {}): Hinged {
  const { book } = site;
  const [bar] = materialsOf(book, "bar");
  const [glass] = materialsOf(book, "glass");
  const [hold] = catchesIn(book);
  const [hinge] = hingesIn(book);
  const closure: Hinged = {
    ...{ id: opening.id, opening: opening.id, origin: "made", lock: null, kind: "hinged" },
    ...{ leaves: opening.widthMm > ONE_LEAF_MM ? 2 : 1, hang: "left" },
    ...newLeafed(
      { infill: glass?.id ?? "", frame: bar ? { bar: bar.id, join: "butt" } : null, ...leaf },
      hold?.id ?? "",
    ),
    hinges: { hinge: hinge?.id ?? "", count: 2, spacing: null, fixing: "screws" },
  };
  const sized = settled(site, opening, closure, hangingIn(opening, closure));
  const fixing = fixingFor({ site }, jobOf({ site, opening }, sized));
  return { ...sized, hinges: { ...sized.hinges, fixing } };
}

/** Leaves that swing: framed round glass, mesh or sheet, or a pane or sheet on its own. */
export const hinged: ClosureKind<Hinged> = {
  kind: "hinged",
  label: "doors on hinges",
  suits: ({ round }) => !round,
  summary(here, closure) {
    const sized = sizedOf(jobOf(here, closure));
    const { say, brief } = here.site;
    if (!sized) return "hinged, and not to be made so";
    return `${closure.leaves === 2 ? "two leaves" : "a leaf"} on hinges, ${formatLength(sized.leaf.widthMm, brief.units)} × ${say(sized.leaf.heightMm)}`;
  },
  what: () => "doors",
  unlocked: () => "An animal that leans on a leaf opens it in the end.",
  check(closure, path, checker) {
    checkLeafed(closure, path, checker);
    const { hinges } = closure;
    if (!findMaterial(checker.book, hinges.hinge, "hardware"))
      checker.add(`${path}/hinges/hinge`, `The book has no hinge “${hinges.hinge}”. Choose another.`);
    checker.between(`${path}/hinges/spacing`, hinges.spacing, 30, 4000, "The distance of the hinges");
  },
  start: (site, opening) => newHinged(site, opening),
  startWords: () => ({ button: "Hang doors on hinges", about: "" }),
  offers: (site, opening) => withAndWithoutKey(site, "Hang doors on hinges", newHinged(site, opening)),
  opensSmaller: ({ path }, { leaves }) =>
    leaves === 1 ? [{ label: "Hang it as two leaves", patch: [set(`${path}/leaves`, 2)] }] : [],
  leaves(here, closure): Leaf[] {
    const job = jobOf(here, closure);
    const sized = sizedOf(job);
    if (!sized) return [];
    const { opening } = here;
    const { hinge, foot } = job.input.clearanceMm;
    const { widthMm, heightMm } = sized.leaf;
    const thicknessMm = job.input.leaf.thicknessMm ?? job.input.leaf.infill.thicknessMm;
    const right = opening.uMm + opening.widthMm - hinge - widthMm;
    const leaf = (id: string, name: string, uMm: number, hangs: "left" | "right"): Leaf => ({
      ...{ id, name, of: job.infill.class, rect: { uMm, vMm: opening.vMm + foot, widthMm, heightMm } },
      moves: { how: "swings", hangs, thicknessMm },
    });
    if (closure.leaves === 2)
      return [leaf("left", "left door", opening.uMm + hinge, "left"), leaf("right", "right door", right, "right")];
    return [leaf("door", "door", closure.hang === "left" ? opening.uMm + hinge : right, closure.hang)];
  },
  ways(here, closure) {
    const job = jobOf(here, closure);
    const sized = sizedOf(job);
    return sized ? leafWays(here, job, sized, doorWords(closure.leaves), closure.lock) : [];
  },
  plan: (here, closure) => planLeaves(here, closure, jobOf(here, closure), doorWords(closure.leaves)),
};
