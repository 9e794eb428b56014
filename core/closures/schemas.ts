import { FoundClosureSchema } from "./kinds/found/schema";
import { LidSchema } from "./kinds/lid/schema";
import { SlidingPairSchema } from "./kinds/slidingPair/schema";

/** Every kind of closure as it is written, one line each; `core/closures/kinds/list.ts` says what each is. */
export const CLOSURE_SCHEMAS = [SlidingPairSchema, FoundClosureSchema, LidSchema] as const;
