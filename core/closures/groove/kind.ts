import type { Measure } from "../../design/basics";
import type { Opening } from "../../shell/shell";
import type { Site } from "../../shell/site";
import { formatLength } from "../../units/format";
import type { ClosureKind } from "../kind";
import { findInfill } from "../leaf/stuff";
import { withAndWithoutKey } from "../offers";
import type { Closure } from "../schema";
import { grooveOf, groovesIn } from "./groove";
import { type Grooved, measureGrooved, runningPanes } from "./job";
import { planGrooved } from "./plan";
import { groovedLeaves, groovedWays } from "./ways";

type GroovedClosure = Closure & { groove: string; pane: string };

interface Told<C extends GroovedClosure> {
  kind: C["kind"];
  label: string;
  face: Opening["face"];
  of: (closure: C) => Pick<Grooved, "clearMm" | "one" | "beside" | "far" | "near" | "moves">;
  start: (opening: Opening, groove: string, pane: string) => C;
  button: string;
  unlocked: string;
  /** What is clear at the near end, and where that is typed. */
  clearPath: string;
  clear: (closure: C) => Measure;
}

/** A kind of closure that is a pane in grooves: all that such kinds share. */
export function groovedKind<C extends GroovedClosure>(told: Told<C>): ClosureKind<C> {
  const grooved = (closure: C): Grooved => ({
    closure,
    groove: closure.groove,
    pane: closure.pane,
    clearPath: told.clearPath,
    ...told.of(closure),
  });
  const start = ({ book }: Pick<Site, "book">, opening: Opening): C => {
    const [groove] = groovesIn(book);
    const wideMm = groove ? (grooveOf(book, groove.id)?.grooveMm ?? 0) : 0;
    const pane = runningPanes(book).find((m) => m.thicknessMm < wideMm);
    return told.start(opening, groove?.id ?? "", pane?.id ?? "");
  };
  return {
    kind: told.kind,
    label: told.label,
    suits: ({ face, round }) => face === told.face && !round,
    summary(here, closure) {
      const { of, run, alongMm } = measureGrooved(here, grooved(closure));
      return `${of.one} ${formatLength(run.acrossMm, here.site.brief.units)} × ${here.site.say(alongMm)} in grooves`;
    },
    what: () => (told.face === "top" ? "lid" : "pane"),
    unlocked: () => told.unlocked,
    check(closure, path, { add, between, book }) {
      if (!grooveOf(book, closure.groove))
        add(`${path}/groove`, `The book has no groove profile “${closure.groove}”. Choose another.`);
      const pane = findInfill(book, closure.pane);
      if (!pane || pane.class === "mesh")
        add(`${path}/pane`, `The book has no glass or sheet “${closure.pane}”. Choose another.`);
      between(`${path}/${told.clearPath}`, told.clear(closure), 0.5, 40, "What is clear");
    },
    start,
    startWords: () => ({ button: told.button, about: "" }),
    offers: (site, opening) => withAndWithoutKey(site, told.button, start(site, opening)),
    leaves: (here, closure) => groovedLeaves(here, measureGrooved(here, grooved(closure))),
    ways: (here, closure) => groovedWays(here, measureGrooved(here, grooved(closure))),
    plan: (here, closure) => planGrooved(here, measureGrooved(here, grooved(closure))),
  };
}
