import { factKey } from "../../ledgers/facts";
import type { TestStanding } from "./standing";

/** Where the water test stands by the log. */
export const TEST = factKey<TestStanding>("waterTest");

/** What is taken while nobody tells. */
export const UNTESTED: Pick<TestStanding, "status"> = { status: "untested" };
