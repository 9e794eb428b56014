import { featureKind } from "../../features/index";
import { set, setMm } from "../../ledgers/fix";
import type { Fix, Severity, Snag } from "../../ledgers/ledger";
import { isMisted, keptWet, WET_RH } from "../../seal/water";
import { raiseDam } from "../../shell/dam/raise";
import type { Site } from "../../shell/site";
import { formatNumber } from "../../units/format";
import { ceil, over, SET_MM } from "../../units/tolerance";
import { fillBalance } from "../balance";
import { BARRIER, CURL_MM } from "../barrier";
import { DRAIN_DEPTH_MM, OVER_WATER_MM, SOON_DAYS } from "../drain";
import { drainRoom } from "../drainRoom";
import { keptApart, poolDivider } from "../poolLevel";
import { mixDepthMm } from "../site";

/** Ground thinner than this is a film: from memory. */
const FILM_MM = 20;

const ceilTo = (mm: number, step: number) => ceil(mm / step) * step;

/** The vertical stack against itself: water, drain layer, barrier, ground, and the way water gets out. */
export function levelSnags(site: Site): Snag[] {
  const { shell, variant, say, at, brief } = site;
  const { ground } = variant;
  const { levels } = shell;
  const list: Snag[] = [];
  const add = (severity: Severity, snag: Omit<Snag, "stage" | "subject" | "severity">) =>
    list.push({ stage: "ground", subject: "ground", severity, ...snag });
  const land = levels.strata.some((s) => s.id === "mix");
  const apart = keptApart(variant);

  if (land && levels.waterMm > 0 && !apart) {
    const wanted = ceilTo(levels.waterMm + OVER_WATER_MM.value, 5);
    const least = levels.waterMm + OVER_WATER_MM.low;
    const aboveDrainMm = levels.waterMm - levels.drainMm;
    if (!ground.drain) {
      add("mind", {
        rule: "ground/no-drain",
        title: "Substrate stands in water",
        sentence: `Water to ${say(levels.waterMm)}, and no drainage layer under the substrate.`,
        reason: "A drainage layer that tops the water line keeps the substrate damp, not drowned.",
        fix: { label: `Lay ${say(wanted)} of expanded clay`, patch: [set(at("/ground/drain"), drainOf(wanted))] },
      });
    } else if (levels.drainMm < least) {
      const fixes: Fix[] = [
        { label: `Raise the drainage layer to ${say(wanted)}`, patch: [setMm(at("/ground/drain/depth"), wanted)] },
      ];
      const lower = levels.drainMm - OVER_WATER_MM.value;
      if (lower >= 5)
        fixes.push({ label: `Lower the water to ${say(lower)}`, patch: [setMm(at("/seal/standingWater"), lower)] });
      add(aboveDrainMm > 0 ? "stop" : "mind", {
        rule: "ground/land-soaked",
        title: "Land will be soaked",
        sentence: `Water ${say(levels.waterMm)}, drainage layer ${say(levels.drainMm)}: it must top the water by ${site.saySpan(OVER_WATER_MM.low, OVER_WATER_MM.high)}.`,
        reason: "Cloth and mesh let water through: land and pool share one level (common practice, no source).",
        fix: fixes[0]!,
        otherFixes: fixes.slice(1),
        figure: "ground/capacity",
      });
    }
  }
  if (ground.front && over(ground.front.value, levels.groundMm, SET_MM))
    add("mind", {
      rule: "ground/slopes-the-wrong-way",
      title: "The substrate slopes back",
      sentence: `${say(ground.front.value)} at the front, ${say(levels.groundMm)} at the back.`,
      reason: "It is sloped up to the back: deeper for roots, better to look at, and it stays behind the dam.",
      fix: { label: "Lay it level", patch: [set(at("/ground/front"), null)] },
    });
  const filled = levels.strata.filter((s) => s.id !== "mix").at(-1)?.backMm ?? 0;
  const depth = variant.shell.groundDepth?.value ?? 0;
  if (filled > 0 && mixDepthMm(site) < FILM_MM) {
    const wanted = ceilTo(filled + 60, 5);
    add("mind", {
      rule: "ground/a-film",
      title: "Hardly any substrate",
      sentence: `${say(mixDepthMm(site))} of substrate over ${say(filled)} of drainage layer${ground.charcoal ? " and charcoal" : ""}; the substrate's top stands at ${say(depth)}.`,
      reason: `Bags are bought by habit and make a film: roots want ${site.saySpan(50, 75)} (common practice, no source).`,
      ...(wanted + 10 <= levels.damTopMm && {
        fix: { label: `Bring its top to ${say(wanted)}`, patch: [setMm(at("/shell/groundDepth"), wanted)] },
      }),
      ...(wanted + 10 > levels.damTopMm &&
        shell.damPath !== null && {
          fix: {
            label: `Bring its top to ${say(wanted)}, the dam to ${say(wanted + 10)}`,
            patch: [setMm(at("/shell/groundDepth"), wanted), ...raiseDam(site, wanted + 10)],
          },
        }),
    });
  }
  if (!ground.drain && !(land && levels.waterMm > 0 && !apart) && (isMisted(variant) || keptWet(brief)))
    add("mind", {
      rule: "ground/wet-without-drain",
      title: "Kept wet, and no drainage layer",
      sentence: `${isMisted(variant) ? "It is misted" : "Who lives there is kept wet"}, and nothing under the substrate takes up what runs down.`,
      reason: "Water that has nowhere to go stands in the substrate and sours it (common practice, no source).",
      fix: {
        label: `Lay ${say(DRAIN_DEPTH_MM.wet.low)} of expanded clay`,
        patch: [set(at("/ground/drain"), drainOf(DRAIN_DEPTH_MM.wet.low))],
      },
    });
  const wettest = Math.max(0, ...brief.residents.map((r) => r.bands.rh?.low ?? 0));
  const least = wettest >= WET_RH ? DRAIN_DEPTH_MM.wet.low : DRAIN_DEPTH_MM.moderate.low;
  if (ground.drain && ground.drain.depth.value < least)
    add("mind", {
      rule: "ground/thin-drain",
      title: "A thin drainage layer",
      sentence: `${say(ground.drain.depth.value)}; ${wettest >= WET_RH ? `kept wet, ${site.saySpan(DRAIN_DEPTH_MM.wet.low, DRAIN_DEPTH_MM.wet.high)}` : site.saySpan(DRAIN_DEPTH_MM.moderate.low, DRAIN_DEPTH_MM.moderate.high)} is usual.`,
      reason: "Too thin a layer drowns the substrate sooner (common practice, no source).",
      figure: "ground/capacity",
    });
  list.push(...barrierSnags(site), ...outletSnags(site, wettest));
  if (ground.pool) list.push(...poolLevelSnags(site));
  return list;
}

const drainOf = (mm: number) => ({ body: "clay", depth: { typed: `${mm} mm`, value: mm, how: "stated" } });

function barrierSnags({ variant, at, say, saySpan, shell }: Site): Snag[] {
  const { barrier, drain } = variant.ground;
  const add = (severity: Severity, snag: Omit<Snag, "stage" | "subject" | "severity">): Snag => ({
    ...{ stage: "ground", subject: "barrier", severity },
    ...snag,
  });
  const weed = set(at("/ground/barrier/kind"), "weedCloth");
  if (!barrier) {
    if (!drain || !shell.levels.strata.some((s) => s.id === "mix")) return [];
    return [
      add("mind", {
        rule: "ground/no-barrier",
        title: "Nothing keeps the substrate out of the drainage layer",
        sentence: "Substrate lies straight on it.",
        reason:
          "Fines sink and fill it; only over flat mineral substrate do some leave it out (common practice, no source).",
        fix: {
          label: "Lay weed cloth between",
          patch: [
            set(at("/ground/barrier"), {
              kind: "weedCloth",
              curl: { typed: `${CURL_MM.value} mm`, value: CURL_MM.value, how: "stated" },
            }),
          ],
        },
      }),
    ];
  }
  const { fault, name } = BARRIER[barrier.kind];
  return [
    ...(fault
      ? [
          add(fault.severity, {
            rule: "ground/barrier-kind",
            title: fault.title,
            sentence: `The barrier is ${name}.`,
            reason: fault.reason,
            fix: { label: "Lay weed cloth instead", patch: [weed] },
            otherFixes: [
              { label: "Lay two fly screens instead", patch: [set(at("/ground/barrier/kind"), "twoScreens")] },
            ],
          }),
        ]
      : []),
    ...(barrier.curl.value < CURL_MM.low
      ? [
          add(barrier.curl.value <= 0 ? "stop" : "mind", {
            rule: "ground/no-curl",
            title: barrier.curl.value <= 0 ? "The barrier is cut flush" : "The barrier hardly curls",
            sentence: `${say(barrier.curl.value)} turns up the wall; ${saySpan(CURL_MM.low, CURL_MM.high)} is left.`,
            reason:
              "Substrate runs past a flush edge into the drainage layer. Cut it oversize, and never trim it (common practice, no source).",
            fix: {
              label: `Leave ${say(CURL_MM.value)} of curl`,
              patch: [setMm(at("/ground/barrier/curl"), CURL_MM.value)],
            },
          }),
        ]
      : []),
  ];
}

function outletSnags(site: Site, wettest: number): Snag[] {
  const { variant, at } = site;
  const { ground } = variant;
  const list: Snag[] = [];
  const add = (severity: Severity, snag: Omit<Snag, "stage" | "subject" | "severity">) =>
    list.push({ stage: "ground", subject: "outlet", severity, ...snag });
  const drain = variant.features.find((f) => featureKind(f).drains?.(f));
  if (ground.outlet === "bulkhead" && !drain)
    add("stop", {
      rule: "ground/no-drain-port",
      title: "A bulkhead without a hole",
      sentence: "The drain has no port in the base or a wall.",
      reason: "It is drilled before coats, beads and the water test: put a drain port on the shell first.",
      fix: { label: "Use a siphon pipe instead", patch: [set(at("/ground/outlet"), "standpipe")] },
    });
  if (drain && ground.outlet !== "bulkhead" && ground.drain)
    add("note", {
      rule: "ground/drain-not-used",
      title: "There is a drain",
      sentence: "A drain port is cut, and water is to get out another way.",
      reason: "Either is fine; a hole that nobody uses is one more seam to watch.",
      fix: { label: "Drain through it", patch: [set(at("/ground/outlet"), "bulkhead")] },
    });
  if (!ground.drain) return list;
  const { freeMm, landM2, voidShare } = drainRoom(site);
  const { days } = fillBalance(ground, landM2, freeMm, voidShare);
  if (ground.outlet === "none" && days !== null && days < SOON_DAYS.value)
    add("mind", {
      rule: "ground/fills-up",
      title: "The drainage layer fills up",
      sentence: `In about ${formatNumber(days, 0, "down")} days of this misting water stands at the barrier, and there is no way out for it.`,
      reason:
        "Those who skipped the way out wished they had not (common practice, no source). The balance is simple: watch the level.",
      fix: { label: "Stand a siphon pipe in it", patch: [set(at("/ground/outlet"), "standpipe")] },
      otherFixes: drain ? [{ label: "Drain through the port", patch: [set(at("/ground/outlet"), "bulkhead")] }] : [],
      figure: "ground/days-to-fill",
    });
  if (ground.misting === null && wettest >= WET_RH)
    add("note", {
      rule: "ground/misting-unknown",
      title: "How much is misted?",
      sentence: "Nobody has typed it, so the day the drainage layer fills is not known.",
      reason: "A bottle's worth is enough: what goes into the reservoir in a week, by seven.",
    });
  return list;
}

/** The pool against its divider, the floor, and what falls in. */
function poolLevelSnags(site: Site): Snag[] {
  const { variant, at, say, shell } = site;
  const pool = variant.ground.pool!;
  const list: Snag[] = [];
  const add = (severity: Severity, snag: Omit<Snag, "stage" | "subject" | "severity">) =>
    list.push({ stage: "ground", subject: "pool", severity, ...snag });
  if (shell.levels.waterMm <= 0)
    add("stop", {
      rule: "ground/dry-pool",
      title: "A pool without water",
      sentence: "No standing water is planned under Seal.",
      reason: "The water line sets the test, the dam and the drainage layer.",
      fix: { label: `Plan ${say(50)} of water`, patch: [setMm(at("/seal/standingWater"), 50)] },
      otherFixes: [{ label: "Leave the pool out", patch: [set(at("/ground/pool"), null)] }],
    });
  if (pool.divider !== null && !variant.seal.dividers.some((d) => d.id === pool.divider))
    add("mind", {
      rule: "ground/divider-gone",
      title: "The pool's divider is gone",
      sentence: "It names a divider that is no longer there, so land and water share one level.",
      reason: "Dividers are planned under Seal, and tested with one side dry.",
      fix: { label: "Let both share one level", patch: [set(at("/ground/pool/divider"), null)] },
    });
  const divider = poolDivider(variant);
  const overDividerMm = shell.levels.waterMm - (divider?.height.value ?? Number.POSITIVE_INFINITY);
  if (divider && overDividerMm >= 0)
    add("stop", {
      rule: "ground/pool-over-divider",
      title: "The pool is deeper than its divider",
      sentence: `Water ${say(shell.levels.waterMm)}, ${divider.name.toLowerCase()} ${say(divider.height.value)}.`,
      reason: `It runs over onto the land; give the divider ${say(20)} of freeboard.`,
      fix: {
        label: `Make it ${say(shell.levels.waterMm + 20)} high`,
        patch: [
          setMm(at(`/seal/dividers/${variant.seal.dividers.indexOf(divider)}/height`), shell.levels.waterMm + 20),
        ],
      },
    });
  return list;
}
