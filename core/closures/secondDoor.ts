import { set } from "../ledgers/fix";
import type { Snag } from "../ledgers/ledger";
import type { Site } from "../shell/site";

/** Two doors in line for what is out at the first gap: the shell's own, and the room's. */
export function secondDoorSnags({ brief }: Site): Snag[] {
  const names = brief.residents.filter((r) => r.traits.bolts).map((r) => r.name);
  if (names.length === 0 || brief.room.shuts) return [];
  return [
    {
      rule: "front/one-door",
      subject: "room",
      severity: "mind",
      stage: "front",
      title: "Only one door between it and the house",
      sentence: `${names.join(", ")}: out at the first gap. The room's own door is the second one: shut, its foot closed, before this one is opened.`,
      reason: "What bolts is caught again in a closed room, not in a house (common practice, no source).",
      fix: { label: "The room shuts, and is shut first", patch: [set("/brief/room/shuts", true)] },
    },
  ];
}
