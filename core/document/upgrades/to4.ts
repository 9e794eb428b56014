import { isPlain, list, type Plain } from "./plain";

/** Version 4: faces have stacks of layers, floors dividers, and decisions of safety are kept. */
export const to4 = (build: Plain): Plain => ({
  ...build,
  version: 4,
  variants: list(build.variants).map((variant) => ({
    ...variant,
    seal: { ...(isPlain(variant.seal) ? variant.seal : {}), stacks: [], dividers: [], decisions: [] },
  })),
});
