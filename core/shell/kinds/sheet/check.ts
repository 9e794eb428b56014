import type { Variant } from "../../../document/schema";
import type { Checker } from "../../../ledgers/checker";
import { boardOf } from "../../../materials/board";
import { capital } from "../../../units/capital";
import { checkDam } from "../../dam/check";
import { behindFrame } from "../../dam/schema";
import { SIZE_LIMIT_MM } from "../../limits";

import type { SheetShell } from "./schema";

/** Limits of a sheet box, each with the number that would be right. */
export function checkSheet(shell: SheetShell, { faces }: Variant, checker: Checker): void {
  const { book, between, add, say } = checker;
  const sheet = boardOf(book, shell.material);
  if (!sheet) add("/shell/material", `The book has no sheet “${shell.material}”. Choose another.`);
  for (const [face, own] of Object.entries(faces))
    if (own && !boardOf(book, own.material))
      add(`/faces/${face}/material`, `The book has no sheet “${own.material}”. Choose another.`);
  const thickest = Math.max(
    sheet?.thicknessMm ?? 0,
    ...Object.values(faces).map((f) => (f && boardOf(book, f.material)?.thicknessMm) || 0),
  );
  for (const side of ["width", "depth", "height"] as const) {
    const measure = shell.size[side];
    const name = capital(side);
    between(`/shell/size/${side}`, measure, SIZE_LIMIT_MM.low, SIZE_LIMIT_MM.high, name);
    if (measure.value >= SIZE_LIMIT_MM.low && thickest * 2 >= measure.value)
      add(
        `/shell/size/${side}`,
        `Sheet of ${say(thickest)} is over half of ${say(measure.value)}. Choose thinner sheet or type ${say(thickest * 2 + SIZE_LIMIT_MM.low)} or more.`,
      );
  }
  const insideHeightMm = shell.size.height.value - (shell.size.given === "outside" ? 2 * thickest : 0);
  const insideWidthMm = shell.size.width.value - (shell.size.given === "outside" ? 2 * thickest : 0);
  const { dam, ventRail, headRail, stile } = shell.front;
  for (const [key, what] of [
    ["dam", "The dam"],
    ["ventRail", "The vent rail"],
    ["headRail", "The head rail"],
    ["stile", "A stile"],
  ] as const)
    between(`/shell/front/${key}`, shell.front[key], 5, 2000, what);
  const taken = (dam?.value ?? 0) + (ventRail?.value ?? 0) + (headRail?.value ?? 0);
  if (taken > 0 && taken > insideHeightMm - 40)
    add(
      `/shell/front/${dam ? "dam" : headRail ? "headRail" : "ventRail"}`,
      `Dam and rails take ${say(taken)} of ${say(insideHeightMm)}; no opening is left. Keep them under ${say(Math.max(0, insideHeightMm - 40))} together.`,
    );
  if (stile && 2 * stile.value > insideWidthMm - 80)
    add(
      "/shell/front/stile",
      `Two stiles of ${say(stile.value)} leave no opening in ${say(insideWidthMm)}. Type ${say(Math.max(5, (insideWidthMm - 80) / 2))} or less.`,
    );
  const depthMm = shell.size.depth.value - (shell.size.given === "outside" ? thickest : 0);
  checkDam(
    behindFrame(shell),
    [],
    { widthMm: insideWidthMm, depthMm, heightMm: insideHeightMm },
    checker,
    "/shell/damPane",
  );
  if (shell.joints.back === "rabbeted")
    between("/shell/joints/rabbetDepth", shell.joints.rabbetDepth, 1, Math.max(1, thickest - 2), "The rabbet");
  between("/shell/joints/screwSpacing", shell.joints.screwSpacing, 30, 600, "Screw spacing");
  between("/shell/joints/bed", shell.joints.bed ?? null, 0, 6, "The bed in a joint");
  between("/shell/groundDepth", shell.groundDepth, 1, Math.max(1, insideHeightMm), "Substrate");
}
