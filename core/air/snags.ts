import type { Feature } from "../design/schema";
import { isVent, ventsOf } from "../design/variant";
import { set, setMm } from "../ledgers/fix";
import type { Snag } from "../ledgers/ledger";
import type { Site } from "../ledgers/site";
import { DRILLING } from "../materials/face";
import type { Rect } from "../shell/faces";
import { featureName, featureRect } from "../shell/features";
import { clearance, contains, extent } from "../shell/outline";
import { heightOf, vAtHeight } from "../shell/space";
import { fieldSize } from "./pattern";

/** Brittle plastic keeps 1.5 hole diameters to its edges (HANDBOOK §3); a mesh opening a frame's width. */
const EDGE_DIAMETERS = 1.5;
const MESH_EDGE_MM = 15;
/** Holes stay above the ground by this, so that litter does not close them. */
const ABOVE_GROUND_MM = 10;

const clamp = (value: number, low: number, high: number) =>
  low > high ? (low + high) / 2 : Math.min(high, Math.max(low, value));

/** How close to its face's edges a feature may come, mm. */
const edgeDistance = (feature: Feature): number =>
  feature.kind === "holes"
    ? (EDGE_DIAMETERS - 0.5) * feature.holeDia.value
    : feature.kind === "port"
      ? (EDGE_DIAMETERS - 0.5) * feature.bore.value
      : feature.kind === "mesh"
        ? MESH_EDGE_MM
        : 0;

/** What vents are judged by, other than as ways out. */
export function airSnags(site: Site): Snag[] {
  const { features } = site.variant;
  return [
    ...features.flatMap((feature, i) => featureSnags(site, feature, i)),
    ...overlapSnags(site),
    ...crossFlowSnags(site),
  ];
}

/** Where ground or water stands against a face, mm above the base. */
const lowestFree = (site: Site) => Math.max(site.shell.levels.groundMm, site.shell.levels.waterMm);

/** The rectangle of its face a feature may take: clear of the edges, and of the ground on a wall. */
function roomFor(site: Site, feature: Feature): Rect {
  const { room, frame } = site.shell.faces[feature.face];
  const edge = edgeDistance(feature);
  const upright = feature.face !== "top" && feature.face !== "base";
  const line = lowestFree(site);
  // A drain belongs under the line; a keep-out may stand anywhere.
  const dry = isVent(feature) || (feature.kind === "port" && feature.use !== "drain");
  const foot = upright && dry && line > 0 ? Math.max(edge, vAtHeight(frame, line) + ABOVE_GROUND_MM) : edge;
  return {
    uMm: room.uMm + edge,
    vMm: room.vMm + foot,
    widthMm: room.widthMm - 2 * edge,
    heightMm: room.heightMm - edge - foot,
  };
}

/** The span a feature's centre may move in on its face: inside the sheet, clear of the edges and of the ground. */
export function centreSpan(site: Site, feature: Feature): { u: [number, number]; v: [number, number] } {
  const room = roomFor(site, feature);
  const rect = featureRect(feature);
  return {
    u: [room.uMm + rect.widthMm / 2, room.uMm + room.widthMm - rect.widthMm / 2],
    v: [room.vMm + rect.heightMm / 2, room.vMm + room.heightMm - rect.heightMm / 2],
  };
}

/** A feature as large as its face allows, in the middle of where it may be. */
function shrunk(site: Site, feature: Feature, index: number): Snag["fix"] {
  const room = roomFor(site, feature);
  const path = (rest: string) => site.at(`/features/${index}${rest}`);
  /** Puts a feature of this size as near to where it was as the room allows. */
  const centre = (size: { widthMm: number; heightMm: number }) => [
    setMm(path("/u"), clamp(feature.u.value, room.uMm + size.widthMm / 2, room.uMm + room.widthMm - size.widthMm / 2)),
    setMm(
      path("/v"),
      clamp(feature.v.value, room.vMm + size.heightMm / 2, room.vMm + room.heightMm - size.heightMm / 2),
    ),
  ];
  if (feature.kind === "port") return { label: "Move it onto the face", patch: centre(featureRect(feature)) };
  if (feature.kind !== "holes") {
    const widthMm = Math.floor(Math.min(feature.width.value, room.widthMm));
    const heightMm = Math.floor(Math.min(feature.height.value, room.heightMm));
    if (widthMm < 5 || heightMm < 5) return undefined;
    return {
      label: "Make it fit the face",
      patch: [setMm(path("/width"), widthMm), setMm(path("/height"), heightMm), ...centre({ widthMm, heightMm })],
    };
  }
  let { columns, rows } = feature;
  while (columns > 1 && fieldSize({ ...feature, columns, rows }).widthMm > room.widthMm) columns--;
  while (rows > 1 && fieldSize({ ...feature, columns, rows }).heightMm > room.heightMm) rows--;
  const fitted = fieldSize({ ...feature, columns, rows });
  if (fitted.widthMm > room.widthMm || fitted.heightMm > room.heightMm) return undefined;
  if (columns === feature.columns && rows === feature.rows)
    return { label: "Move it onto the face", patch: centre(fitted) };
  return {
    label: `Make it ${columns} × ${rows} holes`,
    patch: [set(path("/columns"), columns), set(path("/rows"), rows), ...centre(fitted)],
  };
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
  const fix = shrunk(site, feature, index);
  if (off) {
    add({
      rule: "air/off-the-face",
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
      rule: "air/too-near-the-edge",
      severity: "mind",
      title: `${name} is close to an edge`,
      sentence: `${say(nearest, "down")} of sheet is left; ${say(edge, "up")} is wanted.`,
      reason:
        feature.kind !== "mesh"
          ? "One and a half hole diameters from centre to edge keep brittle plastic from splitting (trade practice, no source)."
          : "The mesh's frame and its screws need sheet to hold on to.",
      ...(move ? { fix: move } : fix && { fix }),
    });
  if (feature.kind === "holes" && feature.pitch.value < 2 * feature.holeDia.value - 1e-6)
    add({
      rule: "air/holes-too-close",
      severity: "mind",
      title: `${name}: thin bridges between holes`,
      sentence: `${say(feature.pitch.value - feature.holeDia.value, "down")} between holes of ${say(feature.holeDia.value)}.`,
      reason: "Keep one hole diameter between holes in brittle plastic (trade practice, no source).",
      fix: {
        label: `Set the pitch to ${say(2 * feature.holeDia.value)}`,
        patch: [setMm(at(`/features/${index}/pitch`), 2 * feature.holeDia.value)],
      },
    });
  const upright = feature.face !== "top" && feature.face !== "base";
  const startsMm = heightOf(face.frame, rect.vMm);
  const mayBeWet = feature.kind === "port" && feature.use === "drain";
  if (
    upright &&
    !mayBeWet &&
    lowestFree(site) > 0 &&
    rect.vMm < vAtHeight(face.frame, lowestFree(site)) + ABOVE_GROUND_MM - 1e-6
  )
    add({
      rule: "air/below-the-ground",
      severity: "stop",
      title: `${name} is under the ground line`,
      sentence: `It starts ${say(startsMm)} above the base; ground or water comes to ${say(lowestFree(site))}.`,
      reason: "Holes stay above the ground line: below it they drain the ground and close up.",
      ...(move ? { fix: move } : fix && { fix }),
    });
  const drilling = DRILLING[face.material.family];
  if (drilling === "never")
    add({
      rule: "air/tempered",
      severity: "stop",
      title: `${name} is in tempered glass`,
      sentence: `The ${feature.face} is ${face.material.name}, or taken as such while it is not known.`,
      reason: "Tempered glass shatters whole when it is cut or drilled. Put the vent into the front frame or the lid.",
    });
  if (drilling === "glass")
    add({
      rule: "air/glass",
      severity: "mind",
      title: `${name} is cut into glass`,
      sentence: `The ${feature.face} is ${face.material.name}: a diamond hole saw under water, or a glazier.`,
      reason: "Each hole weakens a pane, most near an edge. A front frame or a lid takes vents more kindly.",
    });
  if (face.open && feature.face === "top")
    add({
      rule: "air/in-the-lid",
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
        rule: "air/in-the-doorway",
        severity: "stop",
        title: `${name} lies in the doorway`,
        sentence: "There is no sheet here to cut: this is where the doors run.",
        reason: "Vents in the front go into a vent rail, the dam or a stile.",
      });
  }
  return list;
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
      other.face !== feature.face ||
      (other.kind === "keepOut" && feature.kind === "keepOut") ||
      apart(featureRect(feature), featureRect(other))
        ? []
        : [
            {
              rule: "air/vents-overlap",
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

function crossFlowSnags(site: Site): Snag[] {
  const features = ventsOf(site.variant);
  if (features.length === 0)
    return [
      {
        rule: "air/no-vents",
        subject: "shell",
        severity: "stop",
        stage: "air",
        title: "No air yet",
        sentence: "There is no vent in any face.",
        reason:
          "A closed box goes stale, fogs and moulds. A low inlet on one side and a high outlet on the other is the usual start.",
      },
    ];
  const middle = site.shell.inside.heightMm / 2;
  const low = features.filter((f) => f.face !== "top" && f.v.value < middle);
  const high = features.filter((f) => f.face === "top" || f.v.value >= middle);
  const crossing = low.some((a) => high.some((b) => a.face !== b.face));
  if (crossing) return [];
  return [
    {
      rule: "air/no-cross-flow",
      subject: "shell",
      severity: "mind",
      stage: "air",
      title: "No cross-flow",
      sentence:
        low.length === 0
          ? "Every vent is high: nothing lets fresh air in low down."
          : high.length === 0
            ? "Every vent is low: warm, damp air has no way out at the top."
            : "Low and high vents are on the same face: air short-circuits along it.",
      reason:
        "Low inlet one side, high outlet the other carries air across the whole shell (trade practice, no source).",
    },
  ];
}
