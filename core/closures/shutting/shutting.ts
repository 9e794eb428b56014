import type { Snag } from "../../ledgers/ledger";
import type { Log } from "../../log/schema";
import { standing } from "../../log/standing";
import type { Closed } from "../here";
import { closureKind } from "../kinds/index";

/** A door or lid, and whether it held when it was last pulled at; null while nobody has. */
export interface Shutting {
  opening: string;
  what: string;
  last: { held: boolean; at: string; entry: string } | null;
}

/** Every door and lid there is, pulled at each time it was shut. */
export function shuttings(openings: readonly Closed[], log: Log): Shutting[] {
  const tried = standing(log).flatMap(({ id, at, event }) =>
    event.kind === "catch-tried" ? [{ entry: id, at, event }] : [],
  );
  return openings.flatMap(({ opening, closure }): Shutting[] => {
    if (!closure) return [];
    const last = tried.filter(({ event }) => event.opening === opening.id).at(-1);
    return [
      {
        opening: opening.id,
        what: closureKind(closure).what(opening),
        last: last ? { held: last.event.held, at: last.at, entry: last.entry } : null,
      },
    ];
  });
}

/** A catch that let go when it was last tried is mended before anybody lives behind it. */
export const shuttingSnags = (all: readonly Shutting[]): Snag[] =>
  all
    .filter(({ last }) => last && !last.held)
    .map(
      ({ opening, what }): Snag => ({
        rule: "front/came-open",
        subject: opening,
        severity: "stop",
        stage: "front",
        title: `The ${what} came open when pulled at`,
        sentence: "Set the catches right, shut it, pull again, and log that it held.",
        reason: "A catch that looks shut and is not lets out more animals than any gap (common practice, no source).",
      }),
    );
