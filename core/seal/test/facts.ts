import { factKey } from "../../ledgers/facts";
import type { TestSeen, TestStanding } from "./standing";

/** Where the water test stands by the log. */
export const TEST = factKey<TestStanding>("waterTest");

/** What is taken while nobody tells. */
export const UNTESTED: TestSeen = { status: "untested", ended: false, readings: [] };
