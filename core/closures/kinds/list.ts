import type { ClosureKind } from "../kind";
import { found } from "./found/kind";
import { hinged } from "./hinged/kind";
import { lid } from "./lid/kind";
import { liftingPane } from "./liftingPane/kind";
import { liftOut } from "./liftOut/kind";
import { meshLid } from "./meshLid/kind";
import { panelLid } from "./panelLid/kind";
import { sliderAndPane } from "./sliderAndPane/kind";
import { slidingLid } from "./slidingLid/kind";
import { slidingPair } from "./slidingPair/kind";
import { splitLid } from "./splitLid/kind";
import { tubLid } from "./tubLid/kind";

/** Every kind of closure. Beside its folder and its schema, a kind is one line here. */
export const CLOSURE_KINDS = [
  slidingPair,
  sliderAndPane,
  hinged,
  liftOut,
  liftingPane,
  lid,
  meshLid,
  panelLid,
  splitLid,
  slidingLid,
  tubLid,
  found,
] as unknown as readonly ClosureKind[];
