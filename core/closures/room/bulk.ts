import type { Snag } from "../../ledgers/ledger";
import { BULK, type Bulk } from "../../passing/facts";
import { boxGoesThrough, type Sides } from "../../passing/rectangle";
import { capital } from "../../units/capital";
import type { Closed } from "../here";
import { closureKind } from "../kinds/index";

/** What is free of an opening for something large. */
const passageOf = ({ closure, opening, here }: Closed): Sides => {
  const { widthMm, heightMm } = (closure && closureKind(closure).passage?.(here, closure)) ?? opening;
  return [widthMm, heightMm];
};

/** Things made outside that go in through none of the openings, with what would make them pass. */
export function bulkSnags(openings: readonly Closed[]): Snag[] {
  const [first] = openings;
  if (!first) return [];
  const { site, facts } = first.here;
  const holes = openings.map(passageOf);
  const passes = (sizesMm: Bulk["sizesMm"]) => holes.some((hole) => boxGoesThrough(sizesMm, hole));
  const size = (of: readonly number[]) => of.map((mm) => site.say(mm)).join(" × ");
  return facts
    .all(BULK)
    .filter(({ sizesMm }) => !passes(sizesMm))
    .map(({ id, words, sizesMm, stage, instead }): Snag => {
      const fix = instead.find((other) => passes(other.sizesMm))?.fix;
      return {
        rule: "front/does-not-pass",
        subject: id,
        severity: "stop",
        stage,
        title: `${capital(words)} does not go in`,
        sentence: `It is ${size(sizesMm)}; ${holes.map(size).join(" and ")} stand${holes.length > 1 ? "" : "s"} open, and tilting it does not help.`,
        reason: "What is made on the bench has to go in whole; how it turns once inside is not reckoned.",
        ...(fix && { fix }),
      };
    });
}
