import { set } from "../../ledgers/fix";
import type { Snag } from "../../ledgers/ledger";
import { over, under } from "../../units/tolerance";
import type { Here } from "../kind";
import { grooveOf, groovesIn, HELD_MM, runIn } from "./groove";
import type { GroovedJob } from "./job";

/** Whether the pane goes into its grooves and stays in them. */
export function groovedSnags({ site, path, own }: Here, { of, run, infill, groove }: GroovedJob): Snag[] {
  const { say } = site;
  const common = { subject: own(of.one), severity: "stop", stage: "front" } as const;
  const fitting = groovesIn(site.book).filter((m) => {
    const other = grooveOf(site.book, m.id)!;
    return (
      m.id !== groove.material.id &&
      over(other.grooveMm, infill.thicknessMm) &&
      !under(runIn(other, 100, 1).heldMm, HELD_MM)
    );
  });
  const others = fitting.map((m) => ({ label: `Use ${m.name.toLowerCase()}`, patch: [set(`${path}/groove`, m.id)] }));
  const list: Snag[] = [];
  if (!over(run.looseMm, 0))
    list.push({
      ...{ rule: "front/too-thick-for-groove", ...common, otherFixes: others },
      title: `The ${of.one} is too thick for its groove`,
      sentence: `${say(infill.thicknessMm)} in a groove of ${say(groove.grooveMm)}.`,
      reason: "It must run by hand with a little play.",
    });
  if (under(run.heldMm, HELD_MM))
    list.push({
      ...{ rule: "front/falls-out-of-groove", ...common, otherFixes: others },
      title: `The ${of.one} comes out of its groove`,
      sentence: `Pushed to one side it reaches ${say(Math.max(0, run.heldMm), "down")} into the other; ${say(HELD_MM)} is the least.`,
      reason: "A pane that leaves one groove falls in.",
    });
  return list;
}
