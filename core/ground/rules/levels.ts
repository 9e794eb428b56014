import { statedMm } from "../../design/measure";
import type { PortFact } from "../../features/facts";
import { set, setMm } from "../../ledgers/fix";
import type { Fix, Severity, Snag } from "../../ledgers/ledger";
import { LIES } from "../../levels/strata";
import { isMisted, keptWet, WET_RH } from "../../seal/water";
import { raiseDam } from "../../shell/dam/raise";
import type { Site } from "../../shell/site";
import { ceil, over, SET_MM, under } from "../../units/tolerance";
import { DRAIN_DEPTH_MM, OVER_WATER_MM } from "../drain";
import { drain as drainKind } from "../layers/drain";
import { keptApart } from "../poolLevel";
import { mixDepthMm } from "../site";
import { freeId } from "./mix";

/** Ground thinner than this is a film: from memory. */
const FILM_MM = 20;

const ceilTo = (mm: number, step: number) => ceil(mm / step) * step;

/** The measure that sets the drain layer's top, and what it is; undefined without one. */
function drainPathMm({ shell, variant }: Site): { path: string; depthMm: number } | undefined {
  const path = shell.levels.drainPath;
  const layer = path && variant.ground.layers[Number(path.split("/")[3])];
  return path && layer && layer.kind === "drain" ? { path, depthMm: layer.depth.value } : undefined;
}

/** The vertical stack against itself: water, drain layer, barrier, ground, and the way water gets out. */
export function levelSnags(site: Site, ports: readonly PortFact[]): Snag[] {
  const { shell, variant, say, at, brief } = site;
  const { ground } = variant;
  const { levels } = shell;
  const list: Snag[] = [];
  const add = (severity: Severity, snag: Omit<Snag, "stage" | "subject" | "severity">) =>
    list.push({ stage: "ground", subject: "ground", severity, ...snag });
  const land = levels.strata.some((s) => LIES[s.kind] === "fills");
  const drains = ground.layers.some((l) => l.kind === "drain");
  const charcoal = ground.layers.some((l) => l.kind === "charcoal");
  const drainDeep = (mm: number) => {
    const own = drainPathMm(site);
    return own ? setMm(at(own.path), own.depthMm + mm - levels.drainMm) : drainBeneath(site, mm);
  };
  const apart = keptApart(variant);

  if (land && levels.waterMm > 0 && !apart) {
    const wanted = ceilTo(levels.waterMm + OVER_WATER_MM.value, 5);
    const least = levels.waterMm + OVER_WATER_MM.low;
    const aboveDrainMm = levels.waterMm - levels.drainMm;
    if (!drains) {
      add("mind", {
        rule: "ground/no-drain",
        title: "Substrate stands in water",
        sentence: `Water to ${say(levels.waterMm)}, and no drainage layer under the substrate.`,
        reason: "A drainage layer that tops the water line keeps the substrate damp, not drowned.",
        fix: { label: `Lay ${say(wanted)} of expanded clay`, patch: [drainBeneath(site, wanted)] },
      });
    } else if (levels.drainMm < least) {
      const fixes: Fix[] = [{ label: `Raise the drainage layer to ${say(wanted)}`, patch: [drainDeep(wanted)] }];
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
  const filled = levels.strata.filter((s) => LIES[s.kind] !== "fills").at(-1)?.backMm ?? 0;
  const depth = variant.shell.groundDepth?.value ?? 0;
  if (filled > 0 && mixDepthMm(site) < FILM_MM) {
    const wanted = ceilTo(filled + 60, 5);
    add("mind", {
      rule: "ground/a-film",
      title: "Hardly any substrate",
      sentence: `${say(mixDepthMm(site))} of substrate over ${say(filled)} of drainage layer${charcoal ? " and charcoal" : ""}; the substrate's top stands at ${say(depth)}.`,
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
  if (!drains && !(land && levels.waterMm > 0 && !apart) && (isMisted(variant) || keptWet(brief)))
    add("mind", {
      rule: "ground/wet-without-drain",
      title: "Kept wet, and no drainage layer",
      sentence: `${isMisted(variant) ? "It is misted" : "Who lives there is kept wet"}, and nothing under the substrate takes up what runs down.`,
      reason: "Water that has nowhere to go stands in the substrate and sours it (common practice, no source).",
      fix: {
        label: `Lay ${say(DRAIN_DEPTH_MM.wet.low)} of expanded clay`,
        patch: [drainBeneath(site, DRAIN_DEPTH_MM.wet.low)],
      },
    });
  const wettest = Math.max(0, ...brief.residents.map((r) => r.bands.rh?.low ?? 0));
  const least = wettest >= WET_RH ? DRAIN_DEPTH_MM.wet.low : DRAIN_DEPTH_MM.moderate.low;
  if (drains && under(levels.drainMm, least))
    add("mind", {
      rule: "ground/thin-drain",
      title: "A thin drainage layer",
      sentence: `${say(levels.drainMm)}; ${wettest >= WET_RH ? `kept wet, ${site.saySpan(DRAIN_DEPTH_MM.wet.low, DRAIN_DEPTH_MM.wet.high)}` : site.saySpan(DRAIN_DEPTH_MM.moderate.low, DRAIN_DEPTH_MM.moderate.high)} is usual.`,
      reason: "Too thin a layer drowns the substrate sooner (common practice, no source).",
      figure: "ground/capacity",
    });
  list.push(...outletSnags(site, ports));
  return list;
}

/** A drain layer laid beneath all others. */
function drainBeneath(site: Site, mm: number) {
  const layer = { ...drainKind.begin(freeId(site, "drain")), depth: statedMm(mm) };
  return set(site.at("/ground/layers"), [layer, ...site.variant.ground.layers]);
}

function outletSnags(site: Site, ports: readonly PortFact[]): Snag[] {
  const { variant, at } = site;
  const { ground } = variant;
  const list: Snag[] = [];
  const add = (severity: Severity, snag: Omit<Snag, "stage" | "subject" | "severity">) =>
    list.push({ stage: "ground", subject: "outlet", severity, ...snag });
  const drain = ports.find((p) => p.drains);
  if (ground.outlet === "bulkhead" && !drain)
    add("stop", {
      rule: "ground/no-drain-port",
      title: "A bulkhead without a hole",
      sentence: "The drain has no port in the base or a wall.",
      reason: "It is drilled before coats, beads and the water test: put a drain port on the shell first.",
      fix: { label: "Use a siphon pipe instead", patch: [set(at("/ground/outlet"), "standpipe")] },
    });
  const drains = ground.layers.some((l) => l.kind === "drain");
  if (drain && ground.outlet !== "bulkhead" && drains)
    add("note", {
      rule: "ground/drain-not-used",
      title: "There is a drain",
      sentence: "A drain port is cut, and water is to get out another way.",
      reason: "Either is fine; a hole that nobody uses is one more seam to watch.",
      fix: { label: "Drain through it", patch: [set(at("/ground/outlet"), "bulkhead")] },
    });
  return list;
}
