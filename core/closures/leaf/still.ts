import type { Opening } from "../../shell/shell";
import type { Site } from "../../shell/site";
import { formatLength } from "../../units/format";
import type { ClosureKind, Here } from "../kind";
import { withAndWithoutKey } from "../offers";
import type { Closure } from "../schema";
import { checkLeafed } from "./check";
import { type Hanging, type LeafJob, measureLeaf, sizedOf } from "./job";
import { planLeaves } from "./plan";
import type { Leafed } from "./schema";
import { settled } from "./start";
import { leafWays } from "./ways";
import type { LeafWords } from "./words";

/** A closure of one leaf that does not swing. */
type Still = Closure & Leafed & { centred: boolean };

interface StillKind<C extends Still> {
  kind: C["kind"];
  label: string;
  hanging: Extract<Hanging["kind"], "liftOut" | "lid">;
  words: LeafWords;
  suits: ClosureKind<C>["suits"];
  start: (site: Site, opening: Opening) => C;
  startWords: ClosureKind<C>["startWords"];
  summary: string;
  unlocked: string;
}

/** A kind of closure that is one leaf, lifted out or off: all that such kinds share. */
export function stillKind<C extends Still>(of: StillKind<C>): ClosureKind<C> {
  const hangingIn = ({ widthMm, heightMm }: Opening, { centred }: C): Hanging => ({
    ...{ kind: of.hanging, leaves: 1, centred },
    opening: { widthMm, heightMm },
  });
  const jobOf = ({ site, opening }: Pick<Here, "site" | "opening">, closure: C): LeafJob =>
    measureLeaf(site, opening, closure, hangingIn(opening, closure));
  const start = (site: Site, opening: Opening): C => {
    const closure = of.start(site, opening);
    return settled(site, opening, closure, hangingIn(opening, closure));
  };
  return {
    kind: of.kind,
    label: of.label,
    suits: of.suits,
    summary(here, closure) {
      const sized = sizedOf(jobOf(here, closure));
      const { say, brief } = here.site;
      return sized
        ? `${of.summary}, ${formatLength(sized.leaf.widthMm, brief.units)} × ${say(sized.leaf.heightMm)}`
        : of.summary;
    },
    what: () => of.words.all,
    unlocked: () => of.unlocked,
    check: (closure, path, checker) => checkLeafed(closure, path, checker),
    start,
    startWords: of.startWords,
    offers: (site, opening) => withAndWithoutKey(site, of.startWords(opening).button, start(site, opening)),
    leaves(here, closure) {
      const job = jobOf(here, closure);
      const sized = sizedOf(job);
      if (!sized) return [];
      const { opening } = here;
      const { lock, foot } = job.input.clearanceMm;
      return [
        {
          ...{ id: of.words.one, name: of.words.all, of: job.infill.class },
          rect: { uMm: opening.uMm + lock, vMm: opening.vMm + foot, ...size(sized.leaf) },
          moves: { how: "comesOff", thicknessMm: job.input.leaf.thicknessMm ?? job.input.leaf.infill.thicknessMm },
        },
      ];
    },
    ways(here, closure) {
      const job = jobOf(here, closure);
      const sized = sizedOf(job);
      return sized ? leafWays(here, job, sized, of.words, closure.lock) : [];
    },
    plan: (here, closure) => planLeaves(here, closure, jobOf(here, closure), of.words),
  };
}

const size = ({ widthMm, heightMm }: { widthMm: number; heightMm: number }) => ({ widthMm, heightMm });
