import type { Seat } from "../escape/names";
import { type Known, label, memory, practice } from "../figures/figure";
import type { CureId } from "./names";

/** What is laid along or over a gap (source: doors-and-gaps). */
export interface CureKind {
  /** What its fix and its choice say. */
  label: string;
  /** As part of a sentence. */
  words: string;
  /** The sorts of gap it closes. */
  seats: readonly Seat[];
  /** What stays open, mm, at worst; none for mesh, which leaves its own. */
  leavesMm: Known;
  /** Material of the book, sold by length or by the piece; null where the cure names its own. */
  material: { id: string; by: "length" | "piece" } | null;
  /** It is bedded in silicone. */
  siliconed: boolean;
  /** It presses on the door, which must still shut over it. */
  gasket: boolean;
  /** Air no longer passes. */
  airtight: boolean;
  /** Rodents and roaches chew it. */
  chewed: boolean;
  /** Hands-on, minutes a metre. */
  perMetre: Known;
  how: string;
}

/** Every cure, the surest first. */
export const CURES: Record<CureId, CureKind> = {
  stop: {
    label: "Silicone a clear stop strip behind it",
    words: "a clear stop strip behind the edge",
    seats: ["meeting", "edge"],
    leavesMm: { value: 0.5, basis: practice },
    material: { id: "stop-strip", by: "length" },
    ...{ siliconed: true, gasket: false, airtight: false, chewed: false },
    perMetre: { value: 12, low: 7, high: 20, basis: memory },
    how: "On the fixed side, or on one leaf behind the other; what is left is how even it seats. Hold it until the silicone skins.",
  },
  profile: {
    label: "Push a U- or H-profile on the edge",
    words: "a profile on the glass edge",
    seats: ["meeting", "edge", "slide"],
    leavesMm: { value: 1, low: 0.5, high: 1, basis: label },
    material: { id: "edge-profile", by: "length" },
    ...{ siliconed: false, gasket: false, airtight: false, chewed: false },
    perMetre: { value: 5, low: 3, high: 8, basis: memory },
    how: "Cut square, pushed home along the whole edge; what is left is its own play.",
  },
  brush: {
    label: "Stick a brush strip along it",
    words: "a brush strip",
    seats: ["meeting", "edge", "slide", "rim"],
    leavesMm: { value: 1, basis: memory },
    material: { id: "brush-strip", by: "length" },
    ...{ siliconed: false, gasket: true, airtight: false, chewed: false },
    perMetre: { value: 6, low: 4, high: 10, basis: memory },
    how: "On degreased glass, hairs just touching the other side.",
  },
  mesh: {
    label: "Silicone mesh over it",
    words: "mesh over it",
    seats: ["notch", "hole", "strip", "screen", "other"],
    leavesMm: { value: 0, basis: label },
    material: null,
    ...{ siliconed: true, gasket: false, airtight: false, chewed: false },
    perMetre: { value: 25, low: 15, high: 40, basis: memory },
    how: "From inside, lapped all round, edges covered so that nothing catches a toe.",
  },
  block: {
    label: "Fit a block behind the slide",
    words: "a block behind the slide",
    seats: ["notch", "slide"],
    leavesMm: { value: 0.5, basis: memory },
    material: { id: "slide-block", by: "piece" },
    ...{ siliconed: false, gasket: false, airtight: true, chewed: false },
    perMetre: { value: 30, low: 15, high: 60, basis: memory },
    how: "Cut round the cable, pushed in until the slide does not move.",
  },
  bulb: {
    label: "Fit a bulb or lip seal",
    words: "a bulb or lip seal",
    seats: ["meeting", "edge", "rim", "slide"],
    leavesMm: { value: 0, basis: practice },
    material: { id: "bulb-seal", by: "length" },
    ...{ siliconed: false, gasket: true, airtight: true, chewed: true },
    perMetre: { value: 6, low: 4, high: 10, basis: memory },
    how: "Nothing is left while it is whole; look at it each month. It stops the air of that gap.",
  },
  foamTape: {
    label: "Stick foam tape along it",
    words: "foam tape",
    seats: ["rim", "edge"],
    leavesMm: { value: 0, basis: memory },
    material: { id: "foam-tape", by: "length" },
    ...{ siliconed: false, gasket: true, airtight: true, chewed: true },
    perMetre: { value: 4, low: 2, high: 7, basis: memory },
    how: "On the outside of what lands on it, never where an animal reaches it.",
  },
};
