import fc from "fast-check";
import type { Build } from "../core/document/schema";
import { anySheetBuild } from "./anySheet";
import { anyFoundBuild } from "./anyShell";

/** Any build that passes its limits, of a made or a found shell. */
export const anyBuild = (): fc.Arbitrary<Build> => fc.oneof(anySheetBuild(), anyFoundBuild());
