import { pushN } from "../../escape/push";
import { set, setMm } from "../../ledgers/fix";
import type { Severity, Snag } from "../../ledgers/ledger";
import type { Site } from "../../shell/site";
import { outsideSnags } from "../../shell/standsIn";
import { formatNumber } from "../../units/format";
import { over } from "../../units/tolerance";
import { footprint } from "../line";
import { weightOf } from "../mass";
import type { Block, Piece } from "../schema";
import { shapeOf } from "../shapes/list";
import { tippingOf } from "../statics";

/** A block that tips before this is not left loose, degrees; and under this mass it hurts nobody, kg. From memory. */
const TIPS = { degrees: 20, leastKg: 0.5 } as const;

/** What a stump or stone stands on, how it goes through the barrier, and whether it falls. */
export function blockSnags(site: Site, block: Block, path: string): Snag[] {
  const { say, brief, shell } = site;
  const list: Snag[] = outsideSnags(site, {
    ...{ trade: "hardscape", subject: block.id, name: block.name, rect: footprint(block), path },
  });
  const add = (severity: Severity, snag: Omit<Snag, "stage" | "subject" | "severity">) =>
    list.push({ stage: "ground", subject: block.id, severity, ...snag });
  const weight = weightOf(block);
  const diggers = brief.residents.filter((r) => r.traits.digs).map((r) => r.name);
  if (block.on === "ground" && diggers.length > 0 && !over(TIPS.leastKg, weight.highKg))
    add("stop", {
      rule: "hardscape/on-dug-ground",
      title: `${block.name} stands on substrate that is dug`,
      sentence: `${diggers.join(", ")} digs under ${formatNumber(weight.kg, 1)} kg of ${block.of}.`,
      reason: "What digs under a stone is crushed by it: stones rest on the base (common practice, no source).",
      fix: { label: "Stand it on the base", patch: [set(`${path}/on`, "base")] },
    });
  const { degrees, pushN: tips } = tippingOf(block);
  const pushed = brief.residents.flatMap((r) => {
    const n = pushN(r);
    return n !== undefined && n > tips ? [r.name] : [];
  });
  const top = (block.on === "ground" ? shell.levels.groundMm : 0) + block.height.value;
  if (over(top, shell.levels.topMm))
    add("stop", {
      rule: "hardscape/too-high",
      title: `${block.name} is higher than the shell`,
      sentence: `Its top would be ${say(top, "up")} over the base; ${say(shell.levels.topMm, "down")} is the height inside.`,
      reason: "Nothing shuts over it.",
    });
  const leans = degrees < TIPS.degrees && weight.highKg > TIPS.leastKg;
  if (block.hold === "loose" && (leans || pushed.length > 0))
    add("mind", {
      rule: "hardscape/topples",
      title: `${block.name} falls over`,
      sentence:
        pushed.length > 0
          ? `${formatNumber(tips, 1, "down")} N at its top tips it; ${pushed.join(", ")} pushes harder.`
          : `${say(block.height.value)} high on a foot ${say(Math.min(block.width.value, block.length.value))} wide: it tips once it leans ${formatNumber(degrees, 0, "down")}°.`,
      reason: "Wood and stone that fall break glass and legs. Bed it, or lay it down (from memory).",
      fix:
        block.on === "base"
          ? { label: "Hold its foot by a bed of silicone", patch: [set(`${path}/hold`, "silicone")] }
          : {
              label: "Stand it on the base, in a bed of silicone",
              patch: [set(`${path}/on`, "base"), set(`${path}/hold`, "silicone")],
            },
      figure: `hardscape/${block.id}/tips`,
    });
  return list;
}

/** Whether what stands on the base goes down through a barrier that is not cut for it. */
export function barrierSnags({ variant }: Site, piece: Piece, path: string): Snag[] {
  const barrier = variant.ground.layers.some((l) => l.kind === "barrier");
  const down = shapeOf(piece)
    .rests(piece)
    .some((r) => r.on === "base");
  if (!barrier || !down || piece.cutOut) return [];
  return [
    {
      rule: "hardscape/through-the-barrier",
      subject: piece.id,
      severity: "mind",
      stage: "ground",
      title: `${piece.name} goes through the barrier`,
      sentence: "It stands on the base, and the barrier is not cut out for its foot.",
      reason: "A barrier that is pushed through lets substrate down beside it: cut it out, and turn the edge up.",
      fix: { label: "Cut the barrier out round it, and turn it up", patch: [set(`${path}/cutOut`, true)] },
    },
  ];
}

/** A hide against who lives there: large enough to turn in, or too small for a head. */
export function hideSnags({ brief, say }: Site, { id, name, hollow }: Piece, path: string): Snag[] {
  if (!hollow) return [];
  const bore = hollow.bore.low ?? hollow.bore.value;
  const deadEnd: Snag[] = hollow.through
    ? []
    : [
        {
          rule: "hardscape/one-way-out",
          subject: id,
          severity: "note",
          stage: "ground",
          title: `${name}: one way out`,
          sentence: "A hide has two ends, or one on purpose.",
          reason: "Two in one hide, the one at its end is not let out by the other (common practice, no source).",
          fix: { label: "Bore it right through", patch: [set(`${path}/hollow/through`, true)] },
        },
      ];
  const snares = brief.residents.flatMap(({ name: who, girth, head, narrowestRigid }): Snag[] => {
    const passes = head ?? narrowestRigid;
    if (!girth || !passes || bore < (passes.low ?? passes.value) || bore >= (girth.high ?? girth.value)) return [];
    const wanted = Math.ceil((girth.high ?? girth.value) * TURN_SHARE);
    return [
      {
        rule: "hardscape/hide-is-a-snare",
        subject: id,
        severity: "stop",
        stage: "ground",
        title: `${who}: caught in ${name}`,
        sentence: `A bore of ${say(bore)} takes its head and not its body of ${say(girth.value)}.`,
        reason: "What goes in and cannot turn does not come out. Plug it, or bore it wider.",
        fix: { label: `A bore of ${say(wanted, "up")}`, patch: [setMm(`${path}/hollow/bore`, wanted)] },
        otherFixes: [{ label: "Plug it", patch: [set(`${path}/hollow`, null)] }],
      },
    ];
  });
  return [...deadEnd, ...snares];
}
/** To turn in a hide a body wants its girth and half as much again. From memory. */
const TURN_SHARE = 1.5;
