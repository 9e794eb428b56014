import { list, type Plain } from "./plain";

/** Version 3: parts are added by hand, and slips are laid out on faces. */
export const to3 = (build: Plain): Plain => ({
  ...build,
  version: 3,
  variants: list(build.variants).map((variant) => ({ ...variant, oddParts: [], slips: [] })),
});
