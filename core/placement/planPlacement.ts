import { featureName, featureRect } from "../features/feature";
import type { Feature } from "../features/schema";
import { isVent } from "../features/vents";
import { setMm } from "../ledgers/fix";
import type { Snag } from "../ledgers/ledger";
import { emptyLedger, type TradeLedger } from "../ledgers/ledger";
import { DRILLING, faceName } from "../materials/face";
import type { Rect } from "../shell/faces";
import { clearance, contains, extent } from "../shell/outline";
import type { Site } from "../shell/site";
import { heightOf, vAtHeight } from "../shell/space";
import { clamp, fitFix } from "./fitFix";
import { ABOVE_GROUND_MM, centreSpan, edgeDistance, lowestFree } from "./room";

/** Where features of every kind may stand: on their face, clear of edges, ground, doors, glass that shatters, and one another. */
export function planPlacement(site: Site): TradeLedger {
  const each = site.variant.features.flatMap((feature, i) => featureSnags(site, feature, i));
  return { ...emptyLedger(), snags: [...each, ...overlapSnags(site)] };
}

function featureSnags(site: Site, feature: Feature, index: number): Snag[] {
  const { say, shell, at } = site;
  const name = featureName(feature);
  const face = shell.faces[feature.face];
  const whole = extent(face.outline);
  const rect = featureRect(feature);
  const list: Snag[] = [];
  const add = (snag: Omit<Snag, "stage" | "subject">) =>
    list.push({ stage: isVent(feature) ? "air" : "shell", subject: feature.id, ...snag });
  const off = !contains(face.outline, rect);
  const span = centreSpan(site, feature);
  const movable = span.u[0] <= span.u[1] && span.v[0] <= span.v[1];
  const move = movable && {
    label: "Move it clear",
    patch: [
      setMm(at(`/features/${index}/u`), clamp(feature.u.value, ...span.u)),
      setMm(at(`/features/${index}/v`), clamp(feature.v.value, ...span.v)),
    ],
  };
  const fix = fitFix(site, feature, index);
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
  if (feature.kind === "keepOut") return list;
  const edge = edgeDistance(feature);
  const nearest = clearance(face.outline, rect);
  if (nearest < edge - 1e-6)
    add({
      rule: "place/too-near-the-edge",
      severity: "mind",
      title: `${name} is close to an edge`,
      sentence: `${say(nearest, "down")} of sheet is left; ${say(edge, "up")} is wanted.`,
      reason:
        feature.kind === "holes" || feature.kind === "port"
          ? "One and a half hole diameters from centre to edge keep brittle plastic from splitting (trade practice, no source)."
          : "What is fixed round an opening needs sheet to hold on to.",
      ...(move ? { fix: move } : fix && { fix }),
    });
  const upright = feature.face !== "top" && feature.face !== "base";
  const startsMm = heightOf(face.frame, rect.vMm);
  const mayBeWet = feature.kind === "pane" || (feature.kind === "port" && feature.use === "drain");
  if (
    upright &&
    !mayBeWet &&
    lowestFree(site) > 0 &&
    rect.vMm < vAtHeight(face.frame, lowestFree(site)) + ABOVE_GROUND_MM - 1e-6
  )
    add({
      rule: "place/below-the-ground",
      severity: "stop",
      title: `${name} is under the ground line`,
      sentence: `It starts ${say(startsMm)} above the base; ground or water comes to ${say(lowestFree(site))}.`,
      reason: "Holes stay above the ground line: below it they drain the ground and close up.",
      ...(move ? { fix: move } : fix && { fix }),
    });
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
  if (feature.face === "front" && shell.opening.face === "front" && face.open) {
    const { opening } = shell;
    const clear =
      rect.uMm + rect.widthMm <= opening.uMm ||
      rect.uMm >= opening.uMm + opening.widthMm ||
      rect.vMm + rect.heightMm <= opening.vMm ||
      rect.vMm >= opening.vMm + opening.heightMm;
    if (!clear)
      add({
        rule: "place/in-the-doorway",
        severity: "stop",
        title: `${name} lies in the doorway`,
        sentence: "There is no sheet here to cut: this is where the doors run.",
        reason: "Vents in the front go into a vent rail, the dam or a stile.",
      });
  }
  return list;
}

/** Whether two features may take the same place: a lamp shines through mesh, and a nozzle is mounted in it. */
function mayShare(a: Feature, b: Feature): boolean {
  if (a.kind === "keepOut" && b.kind === "keepOut") return true;
  const goesOnMesh = (f: Feature) =>
    (f.kind === "keepOut" && f.use === "lamp") || (f.kind === "port" && f.use === "nozzle");
  const isMesh = (f: Feature) => isVent(f) && f.mesh !== null;
  return (goesOnMesh(a) && isMesh(b)) || (goesOnMesh(b) && isMesh(a));
}

function overlapSnags(site: Site): Snag[] {
  const { features } = site.variant;
  const apart = (a: Rect, b: Rect) =>
    a.uMm + a.widthMm <= b.uMm ||
    b.uMm + b.widthMm <= a.uMm ||
    a.vMm + a.heightMm <= b.vMm ||
    b.vMm + b.heightMm <= a.vMm;
  return features.flatMap((feature, i) =>
    features.slice(0, i).flatMap((other): Snag[] =>
      other.face !== feature.face || mayShare(feature, other) || apart(featureRect(feature), featureRect(other))
        ? []
        : [
            {
              rule: "place/overlap",
              subject: `${other.id}+${feature.id}`,
              severity: "stop",
              stage: isVent(feature) && isVent(other) ? "air" : "shell",
              title: feature.kind === "keepOut" || other.kind === "keepOut" ? "In a keep-out" : "Two features overlap",
              sentence: `${featureName(feature)} and ${featureName(other)} take the same place on the ${feature.face}.`,
              reason:
                feature.kind === "keepOut" || other.kind === "keepOut"
                  ? "A heat mat, a lamp's clearance, a door's swing or a window must stay free."
                  : "One of them has to move.",
            },
          ],
    ),
  );
}
