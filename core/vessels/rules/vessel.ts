import { set, setMm } from "../../ledgers/fix";
import type { Severity, Snag } from "../../ledgers/ledger";
import { LIES } from "../../levels/strata";
import type { Site } from "../../shell/site";
import { outsideSnags } from "../../shell/standsIn";
import { formatNumber } from "../../units/format";
import { ceil, over, under } from "../../units/tolerance";
import { VESSEL_OF } from "../kinds";
import type { Vessel } from "../schema";
import { highMm, standingOf, vesselRect } from "../sizes";
import { daysUntilDry } from "../water";

/** Deeper water than this wants a way out for what falls in, mm; a rim this high over it is no way out. From memory. */
const WADE_MM = 20;
/** A rim stands clear of moss and leaves by this, mm. From memory. */
const CLEAR_MM = 10;
/** An animal that goes in whole turns round in so many of its girths. From memory. */
const TURNS = 2;
/** Coats of sealer that keep zinc from the water. From memory. */
const COATS = 2;

/** Where a vessel stands, what touches its rim, who drinks from it, and whether it lasts. */
export function vesselSnags(site: Site, vessel: Vessel, path: string): Snag[] {
  const list: Snag[] = [];
  const add = (own: string, severity: Severity, snag: Omit<Snag, "stage" | "subject" | "severity">) =>
    list.push({ stage: "ground", subject: own ? `${vessel.id}-${own}` : vessel.id, severity, ...snag });
  const rect = vesselRect(vessel);
  list.push(...outsideSnags(site, { trade: "vessels", subject: `${vessel.id}-place`, name: vessel.name, rect, path }));
  depth(site, vessel, path, add);
  rim(site, vessel, path, add);
  animals(site, vessel, path, add);
  lasts(site, vessel, path, add);
  return list;
}

type Add = (own: string, severity: Severity, snag: Omit<Snag, "stage" | "subject" | "severity">) => void;

function depth({ shell, say }: Site, vessel: Vessel, path: string, add: Add): void {
  const { levels } = shell;
  const { footMm } = standingOf(vessel, levels.groundMm);
  if (under(footMm, 0)) {
    const rimMm = highMm(vessel) - levels.groundMm;
    add("deep", "stop", {
      rule: "vessels/deeper-than-substrate",
      title: `${vessel.name} is deeper than its substrate`,
      sentence: `${say(highMm(vessel))} high with its rim ${say(vessel.rim.value)} over ${say(levels.groundMm)} of substrate: its foot would be ${say(-footMm)} under the base.`,
      reason: "It stands on the base at the lowest: its rim comes up, or it is a shallower one.",
      fix: { label: `Let its rim stand ${say(rimMm)} over the substrate`, patch: [setMm(`${path}/rim`, rimMm)] },
      otherFixes:
        vessel.depth.value + footMm >= 5
          ? [
              {
                label: `Take one ${say(vessel.depth.value + footMm)} deep`,
                patch: [
                  setMm(`${path}/depth`, vessel.depth.value + footMm),
                  setMm(`${path}/filled`, Math.min(vessel.filled.value, vessel.depth.value + footMm)),
                ],
              },
            ]
          : [],
    });
  }
  if (over(vessel.filled.value, vessel.depth.value))
    add("filled", "stop", {
      rule: "vessels/overfull",
      title: `${vessel.name} runs over`,
      sentence: `Filled ${say(vessel.filled.value)}, it is ${say(vessel.depth.value)} deep.`,
      reason: "Water stands to the rim at the most.",
      fix: { label: `Fill it ${say(vessel.depth.value)}`, patch: [setMm(`${path}/filled`, vessel.depth.value)] },
    });
}

function rim({ variant, say }: Site, vessel: Vessel, path: string, add: Add): void {
  const overMm = variant.ground.layers.reduce(
    (sum, l) => (LIES[l.kind] === "top" && "depth" in l ? sum + (l.depth?.value ?? 0) : sum),
    0,
  );
  const buried = under(vessel.rim.value, overMm) || !over(vessel.rim.value, 0);
  if (buried) {
    const wanted = overMm + CLEAR_MM;
    add("rim", "mind", {
      rule: "vessels/rim-under",
      title: `${vessel.name}: its rim is under ${overMm > 0 ? "moss or leaves" : "the substrate"}`,
      sentence: `Its rim stands ${say(vessel.rim.value)} over the substrate${overMm > 0 ? `, on which ${say(overMm)} lie` : ""}.`,
      reason:
        "Moss and substrate over a rim wick it dry in a day and soak what is round it (common practice, no source).",
      fix: { label: `Raise its rim to ${say(wanted)}`, patch: [setMm(`${path}/rim`, wanted)] },
    });
  } else if (vessel.touches)
    add("rim", "mind", {
      rule: "vessels/wicks",
      title: `${vessel.name} is sucked dry`,
      sentence: "Moss or substrate touches its rim.",
      reason: "It wicks a dish empty in a day and soaks what is round it (common practice, no source).",
      fix: { label: "Keep its rim clear", patch: [set(`${path}/touches`, false)] },
    });
}

function animals({ brief, say }: Site, vessel: Vessel, path: string, add: Add): void {
  if (vessel.wayOut === "none" && over(vessel.filled.value, WADE_MM))
    add("out", "mind", {
      rule: "vessels/no-way-out",
      title: `No way out of ${vessel.name}`,
      sentence: `What falls into ${say(vessel.filled.value)} of water drowns between sheer sides.`,
      reason: `Over ${say(WADE_MM)} deep, a stone, a branch or a ramp leads out of it (from memory).`,
      fix: { label: "Stack stones in it", patch: [set(`${path}/wayOut`, "stones")] },
    });
  const stout = Math.max(0, ...brief.residents.map((r) => r.girth?.high ?? r.girth?.value ?? 0));
  const insideMm = Math.min(vessel.width.value, vessel.length.value) - 2 * vessel.wall.value;
  if (vessel.bathes && stout > 0 && under(insideMm, stout * TURNS)) {
    const wanted = ceil(stout * TURNS + 2 * vessel.wall.value);
    add("bath", "mind", {
      rule: "vessels/too-narrow",
      title: `Too narrow to bathe in: ${vessel.name}`,
      sentence: `${say(insideMm)} inside; a body of ${say(stout)} turns round in ${say(stout * TURNS)}.`,
      reason: "An animal that goes in whole must get round and out again (from memory).",
      fix: {
        label: `Take one ${say(wanted)} across`,
        patch: [
          setMm(`${path}/width`, Math.max(wanted, vessel.width.value)),
          setMm(`${path}/length`, Math.max(wanted, vessel.length.value)),
        ],
      },
    });
  }
  if (VESSEL_OF[vessel.of].zinc && (vessel.coats?.value ?? 0) < COATS)
    add("zinc", "mind", {
      rule: "vessels/zinc",
      title: `${vessel.name} sheds zinc into the water`,
      sentence: `Galvanised, with ${vessel.coats ? formatNumber(vessel.coats.value) : "no"} ${vessel.coats?.value === 1 ? "coat" : "coats"} inside, and animals drink from it.`,
      reason:
        "Schools differ: seal it, for it may leach; or keep galvanised for what nobody drinks from (common practice, no source).",
      fix: {
        label: `Seal it inside with ${COATS} coats`,
        patch: [set(`${path}/coats`, { typed: String(COATS), value: COATS, how: "stated" })],
      },
      otherFixes: [{ label: "Take a plastic one", patch: [set(`${path}/of`, "plastic")] }],
    });
}

function lasts({ brief, say }: Site, vessel: Vessel, path: string, add: Add): void {
  const { low } = daysUntilDry(vessel, brief);
  const away = vessel.awayDays.value;
  if (atLeastDays(low, away)) return;
  const wanted = ceil((vessel.filled.value * away) / Math.max(low, 1e-9));
  add("dry", "note", {
    rule: "vessels/dry-before",
    title: `${vessel.name} may be dry before you are back`,
    sentence: `Dry in ${formatNumber(low, 1, "down")} days at the worst; you are away for ${formatNumber(away)}.`,
    reason: "What evaporates is a guess until the air is reckoned; a deeper or a second one is surer.",
    ...(wanted <= MOST_MM && {
      fix: {
        label: `Take one filled ${say(wanted)}`,
        patch: [
          setMm(`${path}/filled`, wanted),
          setMm(`${path}/depth`, Math.max(vessel.depth.value, wanted + CLEAR_MM)),
          setMm(`${path}/rim`, Math.max(vessel.rim.value, vessel.rim.value + wanted + CLEAR_MM - vessel.depth.value)),
        ],
      },
    }),
    figure: `vessels/${vessel.id}/days`,
  });
}
/** Deeper vessels than this are not offered, mm. */
const MOST_MM = 400;
const atLeastDays = (days: number, away: number) => days >= away - 1e-9;
