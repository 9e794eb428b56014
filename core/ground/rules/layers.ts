import { set, setMm } from "../../ledgers/fix";
import type { Severity, Snag } from "../../ledgers/ledger";
import { LIES } from "../../levels/strata";
import type { Site } from "../../shell/site";
import { floorOf } from "../area";
import { BARRIER, CURL_MM } from "../barrier";
import { barrier as barrierKind } from "../layers/barrier";
import { layerKindOf } from "../layers/kinds";
import type { Layer, LayerOf } from "../layers/schema";
import { layersIn } from "../strataIn";
import { freeId } from "./mix";

/** The list of layers against itself: their order, what keeps one out of the other, and where they lie. */
export function layerSnags(site: Site): Snag[] {
  const { layers } = site.variant.ground;
  return [
    ...zoneSnags(site),
    ...twiceFilled(site),
    ...orderSnags(site),
    ...missingBarrier(site),
    ...layers.flatMap((layer, i) => (layer.kind === "barrier" ? barrierSnags(site, layer, `/ground/layers/${i}`) : [])),
  ];
}

const snag = (subject: string, severity: Severity, own: Omit<Snag, "stage" | "subject" | "severity">): Snag => ({
  ...{ stage: "ground", subject, severity },
  ...own,
});

/** A layer of a part of the floor that no divider leaves any longer. */
function zoneSnags(site: Site): Snag[] {
  const { zones } = floorOf(site);
  return site.variant.ground.layers.flatMap((layer, i) => {
    const { word } = layerKindOf(layer);
    const own = zones.filter((z) => layersIn(site, z.id).includes(layer));
    const everywhere = { label: "Lay it on all the land", patch: [set(site.at(`/ground/layers/${i}/zone`), null)] };
    if (own.length === 0)
      return [
        snag(`${layer.id}-zone`, "stop", {
          rule: "ground/layer-nowhere",
          title: `The ${word} lies nowhere`,
          sentence: "It names a part of the floor that no divider leaves any longer.",
          reason: "A part of the floor is one side of a divider: with the divider gone, so is its part.",
          fix: everywhere,
        }),
      ];
    return own.every((z) => z.pool)
      ? [
          snag(`${layer.id}-zone`, "stop", {
            rule: "ground/layer-under-water",
            title: `The ${word} lies in a pool`,
            sentence: "The part of the floor it names is a pool.",
            reason: "What lies on the bottom of a pool is planned as its own.",
            fix: everywhere,
          }),
        ]
      : [];
  });
}

/** Two layers that both fill up to the top. */
function twiceFilled(site: Site): Snag[] {
  const { layers } = site.variant.ground;
  return floorOf(site)
    .zones.filter((z) => !z.pool)
    .slice(0, 1)
    .flatMap(({ id }) => {
      const fills = layersIn(site, id).filter((l) => LIES[l.kind] === "fills" && "depth" in l && l.depth === null);
      const second = fills[1];
      if (!second) return [];
      return [
        snag(`${second.id}-fills`, "stop", {
          rule: "ground/two-fill-up",
          title: "Two layers fill up to the top",
          sentence: `${layerKindOf(fills[0]!).word} and ${layerKindOf(second).word} both take what is left; the second gets nothing.`,
          reason: "Only one layer fills what is left: the others have a depth of their own.",
          fix: {
            label: `Lay the ${layerKindOf(second).word} ${site.say(SECOND_MM)} deep`,
            patch: [setMm(site.at(`/ground/layers/${layers.indexOf(second)}/depth`), SECOND_MM)],
          },
        }),
      ];
    });
}
/** A second layer of substrate begins with so much. */
const SECOND_MM = 20;

/** A drain layer that lies over what it should drain. */
function orderSnags(site: Site): Snag[] {
  const { layers } = site.variant.ground;
  const first = layers.findIndex((l) => LIES[l.kind] === "fills");
  return layers.flatMap((layer, i) => {
    if (layer.kind !== "drain" || first < 0 || i < first || layer.zone !== layers[first]!.zone) return [];
    const moved = [...layers.slice(0, first), layer, ...layers.slice(first).filter((l) => l !== layer)];
    return [
      snag(`${layer.id}-order`, "mind", {
        rule: "ground/drain-on-top",
        title: "The drainage layer lies over the substrate",
        sentence: `${layerKindOf(layer).of(layer)} lies on the ${layerKindOf(layers[first]!).word}.`,
        reason: "Water goes down: what drains lies beneath what is to be drained.",
        fix: { label: "Lay it beneath", patch: [set(site.at("/ground/layers"), moved)] },
      }),
    ];
  });
}

/** Substrate that lies straight on its drain layer. */
function missingBarrier(site: Site): Snag[] {
  const { layers } = site.variant.ground;
  const bare = floorOf(site)
    .zones.filter((z) => !z.pool)
    .map(({ id }) => layersIn(site, id))
    .find((own) => {
      const lastDrain = own.map((l) => l.kind).lastIndexOf("drain");
      const mix = own.findIndex((l, i) => i > lastDrain && LIES[l.kind] === "fills");
      const kept = own.some((l, i) => l.kind === "barrier" && i > lastDrain && (mix < 0 || i < mix));
      return lastDrain >= 0 && !kept && site.shell.levels.strata.some((s) => s.kind !== "drain");
    });
  if (!bare) return [];
  const last = bare.filter((l) => l.kind === "drain").at(-1)!;
  const at = layers.indexOf(last) + 1;
  const next: Layer[] = [
    ...layers.slice(0, at),
    { ...barrierKind.begin(freeId(site, "barrier")), zone: last.zone },
    ...layers.slice(at),
  ];
  return [
    snag("barrier", "mind", {
      rule: "ground/no-barrier",
      title: "Nothing keeps the substrate out of the drainage layer",
      sentence: "Substrate lies straight on it.",
      reason:
        "Fines sink and fill it; only over flat mineral substrate do some leave it out (common practice, no source).",
      fix: { label: "Lay weed cloth between", patch: [set(site.at("/ground/layers"), next)] },
    }),
  ];
}

function barrierSnags({ at, say, saySpan }: Site, layer: LayerOf<"barrier">, path: string): Snag[] {
  const { fault, name } = BARRIER[layer.cloth];
  const lay = (cloth: LayerOf<"barrier">["cloth"], words: string) => ({
    label: `Lay ${words} instead`,
    patch: [set(at(`${path}/cloth`), cloth)],
  });
  const curl = layer.curl.value;
  return [
    ...(fault
      ? [
          snag(layer.id, fault.severity, {
            rule: "ground/barrier-kind",
            title: fault.title,
            sentence: `The barrier is ${name}.`,
            reason: fault.reason,
            fix: lay("weedCloth", "weed cloth"),
            otherFixes: [lay("twoScreens", "two fly screens")],
          }),
        ]
      : []),
    ...(curl < CURL_MM.low
      ? [
          snag(layer.id, curl <= 0 ? "stop" : "mind", {
            rule: "ground/no-curl",
            title: curl <= 0 ? "The barrier is cut flush" : "The barrier hardly curls",
            sentence: `${say(curl)} turns up the wall; ${saySpan(CURL_MM.low, CURL_MM.high)} is left.`,
            reason:
              "Substrate runs past a flush edge into the drainage layer. Cut it oversize, and never trim it (common practice, no source).",
            fix: { label: `Leave ${say(CURL_MM.value)} of curl`, patch: [setMm(at(`${path}/curl`), CURL_MM.value)] },
          }),
        ]
      : []),
  ];
}
