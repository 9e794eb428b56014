import { isPlain, list, type Plain, stated } from "./plain";

/** Glass of which nobody said where it comes from, and a screen nobody measured, as version 7 wrote them. */
const secondHand7 = (): Plain => ({ is: "unknown", chips: "unknown", beadYears: null, disinfect: false });
const screen7 = (): Plain => ({
  ...{ fixed: false, width: null, depth: null, aperture: stated(1.2), wire: stated(0.3), lip: stated(1) },
  ...{ fate: "kept", hole: null, patch: null, mesh: null },
});

/** What each shell has had since: nothing of it is there in an older document. */
const SHELL_7: Record<string, (shell: Plain, found: Plain) => Plain> = {
  cabinet: (shell, found) => ({
    ...shell,
    ...{ dam: null, floor: null },
    found: {
      ...found,
      doors: { ...(isPlain(found.doors) ? found.doors : {}), opens: "swing" },
      below: { height: null, material: "chipboard", thickness: stated(16) },
    },
  }),
  tank: (shell, found) => ({
    ...shell,
    lid: { there: false, ...screen7() },
    found: { ...found, secondHand: secondHand7() },
  }),
  tankOnEnd: (shell, found) => ({ ...shell, found: { ...found, secondHand: secondHand7() } }),
  tub: (shell, found) => ({
    ...shell,
    found: { ...found, holes: { count: 0, bore: stated(6), where: "lid", height: stated(100) } },
  }),
  roundTub: (shell) => ({ ...shell, mound: { height: null, across: stated(120) }, riser: null }),
};

/** Version 7: what was found is kept, mended or replaced, open fronts have dams, and gaps and their cures are lists. */
export const to7 = (build: Plain): Plain => ({
  ...build,
  version: 7,
  variants: list(build.variants).map((variant) => {
    const shell = isPlain(variant.shell) ? variant.shell : {};
    const grown = SHELL_7[String(shell.kind)];
    return {
      ...variant,
      shell: grown ? grown(shell, isPlain(shell.found) ? shell.found : {}) : shell,
      ...{ gaps: [], cures: [] },
    };
  }),
});
