import { FACES, type FaceId } from "../../../design/names";
import { FOUND_MATERIALS } from "../../../materials/face";
import type { Rect } from "../../faces";
import { screwsAlong } from "../../screwsAlong";
import type { Panel } from "../../shell";
import type { Size3 } from "../../size";
import { cutPanels, type Meeting } from "../sheet/panels";
import type { Place } from "./names";
import { PLACE } from "./places";
import type { Delivered, KitFound as Found } from "./schema";

/** The panel on the list for a place. */
export const panelAt = ({ panels }: Found, place: Place): Delivered | undefined =>
  panels.find((p) => p.place === place);

/** What a place is of, and how thick: its panel's, or as most of the kit is. */
export function stuffAt(found: Found, place: Place): { material: Found["material"]; thicknessMm: number } {
  const panel = panelAt(found, place);
  return panel
    ? { material: panel.material, thicknessMm: panel.thickness.value }
    : { material: found.material, thicknessMm: found.thickness.value };
}

const PLACE_OF: Record<FaceId, Place> = {
  ...{ base: "base", top: "top", left: "left", right: "right", back: "back", front: "foot" },
};
export const faceStuff = (found: Found, face: FaceId) => stuffAt(found, PLACE_OF[face]);
const t = (found: Found, face: FaceId): number => faceStuff(found, face).thicknessMm;

/** Inside of the box the kit makes; its doors hang before its front edge, or slide within it. */
export const insideOf = (found: Found): Size3 => ({
  widthMm: found.width.value - t(found, "left") - t(found, "right"),
  depthMm: found.depth.value - t(found, "back"),
  heightMm: found.height.value - t(found, "base") - t(found, "top"),
});

/** Its door leaves on the list, from the left. */
export const doorPanels = (found: Found): Delivered[] =>
  (["doorLeft", "doorRight"] as const).flatMap((place) => panelAt(found, place) ?? []);

/** How high a strip of the front is: the shorter side of its panel. */
const stripMm = (found: Found, place: "foot" | "head"): number => {
  const panel = panelAt(found, place);
  return panel ? Math.min(panel.length.value, panel.width.value) : 0;
};
export const footMm = (found: Found): number => stripMm(found, "foot");
export const headMm = (found: Found): number => stripMm(found, "head");

/** Where its doors hang, on the front face. */
export function doorOpening(found: Found): Rect {
  const { widthMm, heightMm } = insideOf(found);
  const foot = footMm(found);
  return { uMm: 0, vMm: foot, widthMm, heightMm: heightMm - foot - headMm(found) };
}

/** How far a back in grooves goes into the panels it stands between, mm. */
const grooveMm = (found: Found): number => panelAt(found, "left")?.groove?.value ?? 0;

const meetingOf = (found: Found): Meeting => ({
  box: found.box,
  back: found.back === "grooved" ? "rabbeted" : found.back,
  rabbetMm: grooveMm(found),
});

/** A panel as the box wants it: `lengthMm` the longer side. */
export interface Wanted {
  place: Place;
  lengthMm: number;
  widthMm: number;
  working: Panel["working"];
}

/** The five panels of the box, and strips and doors that are on the list, as large as the outside asks for. */
export function wantedPanels(found: Found): Wanted[] {
  const inside = insideOf(found);
  const thicknessMm = Object.fromEntries(FACES.map((f) => [f, t(found, f)])) as Record<FaceId, number>;
  const sheets = Object.fromEntries(
    FACES.map((f) => [f, { id: f, thicknessMm: thicknessMm[f], grained: false }]),
  ) as Record<FaceId, { id: string; thicknessMm: number; grained: boolean }>;
  const box = cutPanels(meetingOf(found), { inside, thicknessMm, sheets, bedMm: 0 }, []);
  const opening = doorOpening(found);
  const { meetingGap, edgeGap, opens } = found.doors;
  const leafMm = opens === "slide" ? opening.widthMm / 2 : (opening.widthMm - 2 * edgeGap.value - meetingGap.value) / 2;
  const front: Wanted[] = [
    ...(["foot", "head"] as const).map((place) => ({
      ...{ place, lengthMm: inside.widthMm, widthMm: stripMm(found, place) },
      working: { length: [inside.widthMm, " wide inside"], width: ["as delivered"] },
    })),
    ...(["doorLeft", "doorRight"] as const).map((place) => ({
      ...{ place, lengthMm: leafMm, widthMm: opening.heightMm - (opens === "slide" ? 0 : 2 * edgeGap.value) },
      working: { length: ["half the opening, less its gaps"], width: [opening.heightMm, " of opening, less its gaps"] },
    })),
  ];
  return [
    ...box.map(({ face, lengthMm, widthMm, working }) => ({ place: face as Place, lengthMm, widthMm, working })),
    ...front.filter(({ place }) => panelAt(found, place)),
  ];
}

/** Two sizes, the longer first, mm. */
export const sides = (a: number, b: number): [number, number] => (a >= b ? [a, b] : [b, a]);

/** Panels on the list that are not as the box wants them: by how much, longer side and shorter, mm; short is negative. */
export function missized(found: Found): { panel: Delivered; wanted: Wanted; offMm: [number, number] }[] {
  return wantedPanels(found).flatMap((wanted) => {
    const panel = panelAt(found, wanted.place);
    if (!panel) return [];
    const is = sides(panel.length.value, panel.width.value);
    const want = sides(wanted.lengthMm, wanted.widthMm);
    // A sliding leaf overlaps the other: how far is its maker's.
    const off: [number, number] = [is[0] - want[0], is[1] - want[1]];
    const door = wanted.place === "doorLeft" || wanted.place === "doorRight";
    if (door && found.doors.opens === "slide") return [];
    return off.some((mm) => Math.abs(mm) > OFF_MM) ? [{ panel, wanted, offMm: off }] : [];
  });
}
/** A panel cut by its maker is right within this, mm. From memory. */
const OFF_MM = 2;

/** Places of the box for which nothing is on the list. */
export const missingPlaces = (found: Found): Place[] =>
  (Object.keys(PLACE) as Place[]).filter((place) => PLACE[place].wanted && !panelAt(found, place));

/** Its joints, each with its length, mm: base and top to the sides, the back all round, the front's strips at their ends. */
export function jointsOf(found: Found): { id: string; lengthMm: number }[] {
  const { widthMm, heightMm, depthMm } = insideOf(found);
  const back = found.back === "grooved" ? [] : ["left", "right", "base", "top"];
  return [
    ...["base-left", "base-right", "top-left", "top-right"].map((id) => ({ id, lengthMm: depthMm })),
    ...back.map((id) => ({ id: `back-${id}`, lengthMm: id === "base" || id === "top" ? widthMm : heightMm })),
    ...(["foot", "head"] as const).flatMap((place) =>
      panelAt(found, place) ? [1, 2].map((n) => ({ id: `${place}-end-${n}`, lengthMm: stripMm(found, place) })) : [],
    ),
  ];
}

/** Fasteners it wants, by their spacing. */
export const fastenersWanted = (found: Found): number =>
  jointsOf(found).reduce((sum, { lengthMm }) => sum + screwsAlong(lengthMm, found.fasteners.spacing.value), 0);

export const panelKg = ({ length, width, thickness, material }: Delivered): number =>
  (length.value * width.value * thickness.value * FOUND_MATERIALS[material].density.value) / 1e9;
