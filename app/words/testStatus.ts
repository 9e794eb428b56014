import type { TestStatus } from "#core/seal/test/standing";

/** Where a water test stands, in words and colour. */
export const TEST_STATUS: Record<TestStatus, { words: string; tone: string; soft: string }> = {
  untested: { words: "Untested", tone: "mind", soft: "mindSoft" },
  running: { words: "Running", tone: "water", soft: "waterSoft" },
  grossTested: { words: "No gross leak", tone: "mind", soft: "mindSoft" },
  tested: { words: "Tested", tone: "fern", soft: "fernSoft" },
  testedBeforeDressing: { words: "Tested before dressing", tone: "fern", soft: "fernSoft" },
  leaks: { words: "Leaks", tone: "stop", soft: "stopSoft" },
};
