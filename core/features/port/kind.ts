import { type Known, label } from "../../figures/figure";
import { fact } from "../../ledgers/facts";
import { setMm } from "../../ledgers/fix";
import { emptyLedger, type Snag, type Step, type Supply } from "../../ledgers/ledger";
import { UNCOUNTED } from "../../ledgers/uncounted";
import { HOLE_REASON, holeEdgeMm } from "../../materials/drilling";
import { materialName } from "../../materials/find";
import type { Site } from "../../shell/site";
import { capital } from "../../units/capital";
import { CAUTION } from "../../workshop/cautions";
import { RATES } from "../../workshop/rates";
import { cutSteps, takeOutStepId, takeOutSteps } from "../cutStep";
import type { Extent, FeatureKind } from "../kind";
import { featureName } from "../name";
import type { Port } from "./schema";
import { portStarts } from "./starts";
import { TUBE_CLEAR_MM, tubeHole } from "./tubeHole";
import { ovalFigure, passedBy, tubeSnags, underFigure, underSnags } from "./tubes";
import { PORT_WORDS } from "./words";

/** A tube that climbs meets its wall in an upright oval; one that drops through the base, in a lying one. */
const sizeOf = (port: Port): Extent => {
  const { bore, tube } = port;
  return {
    widthMm: bore.value,
    heightMm: tube ? tubeHole(bore.value, tube.rise.value, tube.run.value, passedBy(port)).longMm : bore.value,
  };
};

/** A tube through the base drops by at least this much of its run: less is a groove in it, not a hole (from memory). */
const LEAST_DROP = 0.1;

/** A bulkhead fitting's nut and elbow under a base, mm: read it off the label of yours. */
const FITTING_MM: Known = { value: 45, low: 30, high: 70, basis: label };

/** A round hole, or the oval a slanting tube needs. */
function holeWords({ say }: Site, port: Port): string {
  if (!port.tube) return `ø${say(port.bore.value)}`;
  return `An oval ${say(port.bore.value)} wide and ${say(sizeOf(port).heightMm)} ${port.face === "base" ? "long" : "high"}, from two holes filed together,`;
}

/** A tube under the base leaves through a notch in the rim of what it stands on. */
function notchWords({ say }: Site, { face, tube, bore }: Port): string {
  if (face !== "base" || !tube) return "";
  const clear = bore.value + TUBE_CLEAR_MM;
  return ` Notch the riser's rim ${say(clear)} wide and ${say(clear)} high where the tube leaves.`;
}

/** Room under the base for what leaves through it; what was found has its own. */
function underSnagsOf(site: Site, feature: Port): Snag[] {
  if (feature.origin === "found") return [];
  if (feature.tube) return underSnags(site, feature, underFigure(feature, feature.tube).value, "tube");
  return feature.use === "drain" ? underSnags(site, feature, FITTING_MM.value, "drain's fitting") : [];
}

/** A new fitting in a hole that was found; the fitting itself is not counted, its size is not known. */
function refitSteps({ say }: Site, feature: Port): Step[] {
  const { words, cover } = PORT_WORDS[feature.use];
  const off = takeOutSteps(
    feature,
    `Take the old ${words} out`,
    "Its fitting unscrewed or pulled, the hole wiped.",
    [],
  );
  if (off.length === 0) return [];
  return [
    ...off,
    {
      id: `ports/${feature.id}/refit`,
      title: `Fit the new ${words}: ${featureName(feature)}`,
      detail: `${capital(cover)}, to the hole as it is: the fitting is not counted. At most ${say(feature.gap.value)} may stay open.`,
      stage: "shell",
      handsOnMinutes: RATES.refit.value,
      waitMinutes: 0,
      after: [{ id: takeOutStepId(feature), because: "the old one must be out" }],
      reaches: [`holesCut:${feature.face}`],
      splittable: true,
      toHand: ["the new fitting"],
      cautions: [],
      passSign: "It seats without force.",
    },
  ];
}

/** What closes a port round what passes it. */
const fittingSupply = (feature: Port, materialId: string, { book }: Pick<Site, "book">): Supply => ({
  ...{ id: `ports/${feature.id}/fitting`, label: materialName(book, materialId), materialId, unit: "piece" },
  ...{ likely: 1, low: 1, high: 1, why: featureName(feature) },
});

/** A hole for something that passes the wall. */
export const port: FeatureKind<Port> = {
  kind: "port",
  stage: "shell",
  starts: portStarts,
  size: sizeOf,
  check(feature, path, { between, add, say }) {
    between(`${path}/bore`, feature.bore, 1, 300, "A port");
    between(`${path}/gap`, feature.gap, 0, feature.bore.value, "The gap left round it");
    if (!feature.tube) return;
    between(`${path}/tube/bore`, feature.tube.bore, 0.5, Math.max(0.5, feature.bore.value), "The tube's bore");
    between(`${path}/tube/rise`, feature.tube.rise, 0, 2000, "The rise");
    between(`${path}/tube/run`, feature.tube.run, 10, 5000, "The run");
    between(`${path}/tube/bendRadius`, feature.tube.bendRadius, 1, 5000, "The bend");
    if (feature.face === "top")
      add(`${path}/face`, "A slanting tube passes a wall or the base, not the top. Choose another face.");
    if (feature.face === "base" && feature.tube.rise.value < LEAST_DROP * feature.tube.run.value)
      add(
        `${path}/tube/rise`,
        `Through the base a tube must drop: ${say(feature.tube.rise.value)} over ${say(feature.tube.run.value)} never gets through. Type ${say(Math.ceil(LEAST_DROP * feature.tube.run.value))} or more.`,
      );
  },
  cut: (feature) => [{ shape: "ellipse", ...sizeOf(feature) }],
  cutWords: ({ tube, bore }, say) => (tube ? "slanting tube: cut the oval" : `bore ${say(bore.value)}`),
  edgeMm: ({ bore }) => holeEdgeMm(bore.value),
  edgeReason: HOLE_REASON,
  mayBeWet: ({ use }) => use === "drain",
  // A tube's oval grows with its bore, whichever edge is dragged.
  sized: (feature, extent) => {
    const now = sizeOf(feature);
    const [across, up] = [extent.widthMm / now.widthMm, extent.heightMm / now.heightMm];
    return [{ path: "/bore", mm: feature.bore.value * (Math.abs(across - 1) >= Math.abs(up - 1) ? across : up) }];
  },
  fitted: (feature) => ({ label: "Move it onto the face", ...sizeOf(feature), sizes: [] }),
  readings: ({ id }) => [
    { figure: `ports/${id}/oval`, label: "Oval, the long way" },
    { figure: `ports/${id}/under`, label: "Room under the base" },
  ],
  masked: () => false,
  stayFree: () => ({
    title: "Glued over something that must be reached",
    reason: "A port, nozzle or drain under foam is reached only by tearing it out.",
  }),
  standsOnMesh: ({ use }) => use === "nozzle",
  drains: ({ use }) => use === "drain",
  standsOut: () => true,
  passes: ({ bore }) => ({ boreMm: bore.value, path: "/bore" }),
  ways: (site, feature, path) => [
    {
      ...{ id: feature.id, where: feature.face, stage: "front", cover: PORT_WORDS[feature.use].cover },
      way: { name: `round ${featureName(feature)}`, kind: "slot", nominalMm: feature.gap.value },
      mend: (allowedMm) => ({
        label: `Fit a grommet that leaves ${site.say(Math.floor(allowedMm), "down")} at most`,
        patch: [setMm(`${path}/gap`, Math.floor(allowedMm))],
      }),
    },
  ],
  reached: (feature) => [
    {
      label: featureName(feature),
      way: `outside at the ${feature.face}; leave a hand's room beside it, nothing glued over it inside`,
    },
  ],
  plan(site, feature, path) {
    const { words, cover, fitting } = PORT_WORDS[feature.use];
    const cut = cutSteps(site, feature, {
      title: `Drill the ${words}: ${featureName(feature)}`,
      detail: `${holeWords(site, feature)} in the ${feature.face}; then ${cover}.${notchWords(site, feature)} At most ${site.say(feature.gap.value)} may stay open.${fitting ? "" : " The fitting is not counted."}`,
      stage: "shell",
      handsOnMinutes: RATES.holeSaw.value,
      work: "drill",
      toHand: ["step drill or hole saw", "backing board"],
      passSign: "Edges deburred; the fitting seats without force.",
    });
    const there = { reached: "fetched", because: "its fitting must be there" } as const;
    const steps = fitting
      ? cut.map((step) => ({ ...step, after: [...step.after, there], uses: [...(step.uses ?? []), fitting] }))
      : cut;
    return {
      ...emptyLedger(),
      supplies: cut.length > 0 && fitting ? [fittingSupply(feature, fitting, site)] : [],
      steps: [
        ...(feature.use === "cable"
          ? steps.map((step) => ({ ...step, cautions: [...step.cautions, CAUTION.waterPower] }))
          : steps),
        ...refitSteps(site, feature),
      ],
      facts: cut.length > 0 && !fitting ? [fact(UNCOUNTED, `the ${cover} of ${featureName(feature)}`)] : [],
      figures: feature.tube
        ? [ovalFigure(feature, feature.tube), ...(feature.face === "base" ? [underFigure(feature, feature.tube)] : [])]
        : [],
      snags: [
        ...(feature.tube ? tubeSnags(site, feature, feature.tube, path) : []),
        ...(feature.face === "base" ? underSnagsOf(site, feature) : []),
      ],
    };
  },
};
