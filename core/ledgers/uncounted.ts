import { factKey } from "./facts";

/** Something a build takes that is on no list and in no cost, as part of a sentence: `the shell itself`. */
export const UNCOUNTED = factKey<string>("uncounted");
