import { type Known, memory } from "../../figures/figure";
import type { Snag } from "../../ledgers/ledger";
import { formatNumber } from "../../units/format";
import { fansOf } from "../fans";
import { type About, toldOf } from "./told";

/** A fan that moves less than this share of its free flow is told. From memory. */
const LEAST_SHARE: Known = { value: 0.5, basis: memory };

/** A fan against its way: none at all, or so narrow that it hardly turns the air over. */
export function fanSnags({ site, day: { ask } }: About): Snag[] {
  const { openings } = ask.input;
  return fansOf(site, openings).flatMap(({ id, name, freeM3PerHour, fan }): Snag[] => {
    if (fan.kind === "stir") return [];
    const say = (m3: number) => `${formatNumber(m3, 1)} m³/h`;
    if (openings.length === 0)
      return [
        toldOf("fan-no-way", id, {
          ...{ severity: "stop", stage: "fixtures" },
          title: `${name} has no way for its air`,
          sentence: `It would move ${say(freeM3PerHour)}, and nothing in the shell is open.`,
          reason: "What is blown in must go out somewhere, and the other way round: give it a vent.",
        }),
      ];
    if (fan.m3PerHour >= LEAST_SHARE.value * freeM3PerHour) return [];
    return [
      toldOf("fan-held-back", id, {
        ...{ severity: "mind", stage: "fixtures", figure: `day/fan-${id}` },
        title: `${name} is held back`,
        sentence: `${say(fan.m3PerHour)} of ${say(freeM3PerHour)}: its vents and meshes take the rest.`,
        reason: "Coarser mesh, more vents or a stronger fan; one that is held back hums and wears.",
      }),
    ];
  });
}
