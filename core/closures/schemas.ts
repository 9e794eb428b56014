import { FoundClosureSchema } from "./kinds/found/schema";
import { HingedSchema } from "./kinds/hinged/schema";
import { LidSchema } from "./kinds/lid/schema";
import { LiftingPaneSchema } from "./kinds/liftingPane/schema";
import { LiftOutSchema } from "./kinds/liftOut/schema";
import { MeshLidSchema } from "./kinds/meshLid/schema";
import { PanelLidSchema } from "./kinds/panelLid/schema";
import { SliderAndPaneSchema } from "./kinds/sliderAndPane/schema";
import { SlidingLidSchema } from "./kinds/slidingLid/schema";
import { SlidingPairSchema } from "./kinds/slidingPair/schema";
import { SplitLidSchema } from "./kinds/splitLid/schema";
import { TubLidSchema } from "./kinds/tubLid/schema";

/** Every kind of closure as it is written, one line each; `core/closures/kinds/list.ts` says what each is. */
export const CLOSURE_SCHEMAS = [
  SlidingPairSchema,
  FoundClosureSchema,
  LidSchema,
  HingedSchema,
  LiftOutSchema,
  MeshLidSchema,
  PanelLidSchema,
  SliderAndPaneSchema,
  LiftingPaneSchema,
  SlidingLidSchema,
  TubLidSchema,
  SplitLidSchema,
] as const;
