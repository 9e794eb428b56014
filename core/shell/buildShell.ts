import type { Variant } from "../document/schema";
import type { Book } from "../materials/schema";
import { kindOf } from "./kinds/index";
import type { Shell } from "./shell";

/** Design to shell. The design must have passed `checkDesign` with the same book. */
export const buildShell = (variant: Variant, book: Book): Shell => kindOf(variant.shell).build(variant, book);
