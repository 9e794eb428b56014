import type { Measure } from "../design/basics";
import type { FaceId } from "../design/names";
import type { Build, Variant } from "../document/schema";
import type { Plan } from "../plan";
import type { Rect } from "../shell/faces";
import type { RowsId, ThingKindId } from "./names";

/** Something of a build that can be taken in hand: its fields are shown, and what there is to do with it. */
export interface Thing {
  kind: ThingKindId;
  /** The same as the subject of the snags that judge it. */
  id: string;
  name: string;
  /** What it is, beside its name: `planter`, `wall`. */
  what: string;
  /** The stage it is decided at. */
  stage: string;
  /** Where it stands in the build, as JSON Pointers; those of the variant come after it. Its own come first. */
  paths: readonly string[];
  /** Its measures in a line, in the build's own units. */
  says?: string;
  /** The face it is on. */
  face?: FaceId;
  /** The key of the thing it is a part of: its row is shown under it, while that or a part of it is in hand. */
  partOf?: string;
  /** Nothing has judged it yet: that no snag speaks of it says nothing. */
  unjudged?: boolean;
}

/** Something with a middle on a face, which is moved, copied, mirrored and set level. */
export interface PlacedItem {
  id: string;
  name: string;
  face: FaceId;
  u: Measure;
  v: Measure;
}

/** Where a thing lies on its face. */
export interface Placed extends Pick<PlacedItem, "face"> {
  /** Its middle on the face, mm. */
  uMm: number;
  vMm: number;
  /** What it takes of the face. */
  rect: Rect;
}

/** How the things of a kind that lie on faces are handled. Those that change write to a draft. */
export interface PlacedKind {
  items: (variant: Variant) => PlacedItem[];
  /** What one is called, also where nobody named it. */
  nameOf: (item: PlacedItem) => string;
  rect: (item: PlacedItem) => Rect;
  /** Makes one so large, in `put`'s measure: a whole millimetre or sixteenth. */
  size: (item: PlacedItem, widthMm: number, heightMm: number, put: (mm: number) => Measure) => void;
  /** Faces it may be copied to. */
  faces: readonly FaceId[];
}

/** A kind of thing. `core/things/list.ts` lists them; `app/hand/fields.tsx` has the fields of each. */
export interface ThingKind {
  /** All there are, in the order they are gone through. */
  list: (plan: Plan) => Thing[];
  /** Takes one off a draft; none where it cannot be. */
  off?: (variant: Variant, id: string, build: Build) => void;
  placed?: PlacedKind;
  /** The rows they stand in; none where they have a table of their own. */
  rows?: RowsId;
}
