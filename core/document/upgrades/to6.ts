import { isPlain, list, type Plain } from "./plain";

/** Which of its openings each shell of version 5 had. */
const OPENING_6: Record<string, string> = { tank: "top", tub: "top", roundTub: "top" };
/** What splits of safety were called, and are. */
const SPLIT_6: Record<string, string> = {
  A1: "aerosolInside",
  A9: "siliconeGrade",
  A17: "metalInTheWet",
  A18: "zinc",
  A20: "mineralAdditives",
  A26: "whichWater",
};

/** A closure as one of a list; whether a lock on doors that were found was there already, nobody has said. */
function closures6({ closure, shell }: Plain): Plain[] {
  if (!isPlain(closure) || closure.kind === "open") return [];
  const { lock, ...rest } = closure;
  const opening = OPENING_6[String(isPlain(shell) ? shell.kind : "")] ?? "front";
  const origin = closure.kind === "found" ? "found" : "made";
  const held = lock === "wedge" || lock === "key";
  return [
    {
      ...{ id: opening, opening, origin },
      lock: held ? { kind: lock, origin: origin === "found" ? "unknown" : "made" } : null,
      ...rest,
    },
  ];
}

/** Version 6: openings are closed by a list, what can be found says whether it was, and splits are called by words. */
export const to6 = (build: Plain): Plain => ({
  ...build,
  version: 6,
  variants: list(build.variants).map((variant) => {
    const { closure: _, ...rest } = variant;
    const seal = isPlain(variant.seal) ? variant.seal : {};
    const background = isPlain(variant.background) ? variant.background : {};
    return {
      ...rest,
      features: list(variant.features).map((f) => ({
        ...f,
        origin: "made",
        ...("mesh" in f && { meshOrigin: "made" }),
      })),
      closures: closures6(variant),
      seal: {
        ...seal,
        dividers: list(seal.dividers).map((d) => ({ ...d, origin: "made" })),
        decisions: list(seal.decisions).map(({ row, ...d }) => ({ split: SPLIT_6[String(row)] ?? row, ...d })),
      },
      background: { ...background, walls: list(background.walls).map((w) => ({ ...w, origin: "made" })) },
    };
  }),
});
