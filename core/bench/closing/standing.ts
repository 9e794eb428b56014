import { ofKind } from "../../log/ofKind";
import type { Log } from "../../log/schema";

import { type CheckOf, type ClosingCheck, closingChecks } from "./list";

/** How a check stands: the last that was said of it. */
export interface CheckStands {
  passed: boolean;
  /** Local time. */
  at: string;
  by: string;
  /** The entry, so that it can be taken back. */
  entry: string;
}

/** What the log says of each check, by its id. */
export const checksStanding = (log: Log): Map<string, CheckStands> =>
  new Map(
    ofKind(log, "checked").map(({ id, at, event: { check, passed, by } }) => [check, { passed, at, by, entry: id }]),
  );

export const closingKey = (id: string): string => `closing/${id}`;

/** A check of the closing list, as it stands. */
export interface ClosingStands extends Pick<ClosingCheck, "id" | "title" | "pass"> {
  /** Under which the log keeps it. */
  key: string;
  passed: boolean;
  said?: CheckStands;
}

/** The closing list of a build, each check with what the log says of it. */
export function closingStands(of: CheckOf, log: Log): ClosingStands[] {
  const stands = checksStanding(log);
  return closingChecks(of).map(({ id, title, pass }) => {
    const key = closingKey(id);
    const said = stands.get(key);
    return { ...{ id, title, pass, key }, passed: said?.passed ?? false, ...(said && { said }) };
  });
}
