import { featureName, featureRect, isCut, meshOf } from "../features/feature";
import { featureKind } from "../features/index";
import type { Feature } from "../features/schema";
import { shellStage } from "../features/stages";
import { setMm } from "../ledgers/fix";
import { emptyLedger, type Snag, type TradeLedger } from "../ledgers/ledger";
import { DRILLING, faceName } from "../materials/face";
import { rectsMeet } from "../shell/faces";
import { clearance, contains, extent } from "../shell/outline";
import type { Site } from "../shell/site";
import { heightOf, vAtHeight } from "../shell/space";
import type { Trade } from "../trade/trade";
import { under } from "../units/tolerance";
import { clamp, fitFix } from "./fitFix";
import { ABOVE_GROUND_MM, centreSpan, edgeDistance, lowestFree } from "./room";

/** Where features of every kind may stand: on their face, clear of edges, ground, doors, glass that shatters, and one another. */
function planPlacement(site: Site): TradeLedger {
  const each = site.variant.features.flatMap((feature, i) => featureSnags(site, feature, i));
  return { ...emptyLedger(), snags: [...each, ...overlapSnags(site)] };
}

function featureSnags(site: Site, feature: Feature, index: number): Snag[] {
  const { say, shell, at } = site;
  const path = at(`/features/${index}`);
  const name = featureName(feature);
  const face = shell.faces[feature.face];
  const whole = extent(face.outline);
  const rect = featureRect(feature);
  const kind = featureKind(feature);
  const list: Snag[] = [];
  const add = (snag: Omit<Snag, "stage" | "subject">) => list.push({ stage: kind.stage, subject: feature.id, ...snag });
  const off = !contains(face.outline, rect);
  const span = centreSpan(site, feature);
  const movable = span.u[0] <= span.u[1] && span.v[0] <= span.v[1];
  const move = movable && {
    label: "Move it clear",
    patch: [
      setMm(`${path}/u`, clamp(feature.u.value, ...span.u)),
      setMm(`${path}/v`, clamp(feature.v.value, ...span.v)),
    ],
  };
  const fix = fitFix(site, feature, path);
  if (off) {
    add({
      rule: "place/off-the-face",
      severity: "stop",
      title: `${name} runs off its face`,
      sentence: `It takes ${say(rect.widthMm)} × ${say(rect.heightMm)}; the face is ${say(whole.widthMm)} × ${say(whole.heightMm)} inside${face.outline.length === 4 && face.room.widthMm === whole.widthMm ? "" : ", and not square"}.`,
      reason: "What is cut past the edge of a panel is cut into its neighbour.",
      ...(fix && { fix }),
    });
    return list;
  }
  if (!isCut(feature)) return list;
  const edge = edgeDistance(feature);
  const nearest = clearance(face.outline, rect);
  if (under(nearest, edge))
    add({
      rule: "place/too-near-the-edge",
      severity: "mind",
      title: `${name} is close to an edge`,
      sentence: `${say(nearest, "down")} of sheet is left; ${say(edge, "up")} is wanted.`,
      reason: kind.edgeReason,
      ...(move ? { fix: move } : fix && { fix }),
    });
  const upright = feature.face !== "top" && feature.face !== "base";
  const startsMm = heightOf(face.frame, rect.vMm);
  if (
    upright &&
    !kind.mayBeWet(feature) &&
    lowestFree(site) > 0 &&
    under(rect.vMm, vAtHeight(face.frame, lowestFree(site)) + ABOVE_GROUND_MM)
  )
    add({
      rule: "place/below-the-ground",
      severity: "stop",
      title: `${name} is under the substrate line`,
      sentence: `It starts ${say(startsMm)} above the base; substrate or water comes to ${say(lowestFree(site))}.`,
      reason: "Holes stay above the substrate line: below it they drain the substrate and close up.",
      ...(move ? { fix: move } : fix && { fix }),
    });
  if (feature.origin === "found") return list;
  const drilling = DRILLING[face.material.family];
  if (drilling === "never")
    add({
      rule: "place/tempered",
      severity: "stop",
      title: `${name} is in tempered glass`,
      sentence: `The ${feature.face} is ${faceName(face.material, say)}, or taken as such while it is not known.`,
      reason: "Tempered glass shatters whole when it is cut or drilled. Put it into the front frame or the lid.",
    });
  if (drilling === "glass")
    add({
      rule: "place/glass",
      severity: "mind",
      title: `${name} is cut into glass`,
      sentence: `The ${feature.face} is ${faceName(face.material, say)}: a diamond hole saw under water, or a glazier.`,
      reason: "Each hole weakens a pane, most near an edge. A front frame or a lid takes vents more kindly.",
    });
  if (face.open && feature.face === "top")
    add({
      rule: "place/in-the-lid",
      severity: "note",
      title: `${name} is part of the lid`,
      sentence: "The top is open: this opening is cut into the lid that is made for it.",
      reason: "A screen lid is vent and closure in one.",
    });
  if (face.open && shell.openings.some((o) => o.face === feature.face && o.face === "front" && rectsMeet(rect, o)))
    add({
      rule: "place/in-the-doorway",
      severity: "stop",
      title: `${name} lies in the doorway`,
      sentence: "There is no sheet here to cut: this is where the doors run.",
      reason: "Vents in the front go into a vent rail, the dam or a stile.",
    });
  return list;
}

/** Whether two features may take the same place: a lamp shines through mesh, and a nozzle is mounted in it. */
function mayShare(a: Feature, b: Feature): boolean {
  if (!isCut(a) && !isCut(b)) return true;
  const goesOnMesh = (f: Feature) => featureKind(f).standsOnMesh?.(f) === true;
  const isMesh = (f: Feature) => meshOf(f) != null;
  return (goesOnMesh(a) && isMesh(b)) || (goesOnMesh(b) && isMesh(a));
}

function overlapSnags(site: Site): Snag[] {
  const { features } = site.variant;
  return features.flatMap((feature, i) =>
    features.slice(0, i).flatMap((other): Snag[] => {
      if (
        other.face !== feature.face ||
        mayShare(feature, other) ||
        !rectsMeet(featureRect(feature), featureRect(other))
      )
        return [];
      const keptFree = !isCut(feature) || !isCut(other);
      const stage = featureKind(feature).stage;
      return [
        {
          rule: "place/overlap",
          subject: `${other.id}+${feature.id}`,
          severity: "stop",
          stage: stage === featureKind(other).stage ? stage : shellStage.id,
          title: keptFree ? "In a keep-out" : "Two features overlap",
          sentence: `${featureName(feature)} and ${featureName(other)} take the same place on the ${feature.face}.`,
          reason: keptFree ? "A door's swing and a window must stay free." : "One of them has to move.",
        },
      ];
    }),
  );
}

export const placementTrade: Trade = {
  id: "placement",
  stage: shellStage,
  reads: ["features"],
  needs: [],
  gives: [],
  plan: planPlacement,
};
