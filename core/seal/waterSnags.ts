import { set } from "../ledgers/fix";
import type { Snag } from "../ledgers/ledger";
import { raiseDam } from "../shell/dam/raise";
import type { Site } from "../shell/site";
import { DAM_FREEBOARD_MM } from "../shell/snags";
import { sealedSeams } from "./beads";
import { isPassed, type TestStanding } from "./test/standing";
import { damWantedMm, fillsForSure, hasDam, openSeams, whyWaterStands } from "./water";

/** What water that can stand asks for: a dam, beads, a test. Each is a question of its own. */
export function waterSnags(site: Site, test: Pick<TestStanding, "status">): Snag[] {
  const why = whyWaterStands(site);
  if (why.length === 0) return [];
  const { at, say, shell } = site;
  const list: Snag[] = [];
  const because = why.join(", ");
  const add = (snag: Omit<Snag, "stage">) => list.push({ stage: "seal", ...snag });
  if (!hasDam(site)) {
    const wanted = damWantedMm(site, DAM_FREEBOARD_MM);
    const patch = raiseDam(site, wanted);
    add({
      rule: "seal/no-dam",
      subject: "dam",
      severity: "stop",
      title: "Nothing holds water at the front",
      sentence: `Water can stand in it (${because}), and it has no dam.`,
      reason: "A board or a pane across the front, bedded at its foot and both ends, comes before anything else.",
      ...(patch.length > 0 && { fix: { label: `Put in a dam of ${say(wanted)}`, patch } }),
    });
  }
  const open = openSeams(site).filter((s) => s.wet);
  const sealed = new Set(sealedSeams(site).map((s) => s.id));
  if (open.some((s) => !sealed.has(s.id)))
    add({
      rule: "seal/water-without-beads",
      subject: "seams",
      severity: "stop",
      title: "Water with no bead to hold it",
      sentence: `Water can stand in it (${because}), and ${open.length === 1 ? "a seam" : `${open.length} seams`} under its line ${open.length === 1 ? "is" : "are"} not sealed.`,
      reason: "Glued joints carry load; they are not watertight.",
      fix: { label: "Bead the seams that get wet", patch: [set(at("/seal/seams"), "base")] },
      otherFixes: [{ label: "Bead every seam", patch: [set(at("/seal/seams"), "all")] }],
    });
  if (isPassed(test) || test.status === "leaks") return list;
  const untested = {
    subject: "water-test",
    title: "Not tested yet",
    sentence: `Water can stand in it: ${because}. No test in the log says that it holds.`,
    reason:
      "A leak found after dressing costs more rework than any other mistake: test it before anything covers its seams.",
  };
  if (fillsForSure(site))
    add({
      rule: "seal/fills-untested",
      severity: "stop",
      ...untested,
      sentence: `${untested.sentence} Misting fills its drainage layer, and nothing lets the water out.`,
      fix: { label: "Stand a siphon pipe in it", patch: [set(at("/ground/outlet"), "standpipe")] },
    });
  else if (test.status === "running")
    add({ rule: "seal/test-runs", severity: "note", ...untested, title: "Its water test is running" });
  else add({ rule: "seal/untested", severity: "mind", ...untested });
  if (shell.lining)
    add({
      rule: "seal/lined",
      subject: shell.lining.face,
      severity: "note",
      title: "Its background hides a seam",
      sentence: `The background it came with covers the ${shell.lining.face}'s seams.`,
      reason: "Take it out for the test where it comes out whole; else the test is kept as made with it in.",
    });
  return list;
}
