import { set } from "../ledgers/fix";
import type { Fix } from "../ledgers/ledger";
import type { Site } from "../shell/site";
import type { Closure } from "./schema";

const KEY = { kind: "key", origin: "made" } as const;

/** A closure put into an opening that stands open, as it is and with a key lock. @param patch what goes in with it */
export const withAndWithoutKey = (site: Site, label: string, closure: Closure, patch: Fix["patch"] = []): Fix[] =>
  [null, KEY].map((lock) => ({
    label: `${label}${lock ? ", with a key lock" : ""}`,
    patch: [set(site.at("/closures/-"), { ...closure, lock }), ...patch],
  }));
