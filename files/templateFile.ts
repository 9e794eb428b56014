import { isCut } from "../core/features/feature";
import type { Feature } from "../core/features/schema";

/** Paper templates are printed on. */
export type Paper = "a4" | "letter";
/** The side of the face a template is taped on: outside it is mirrored. The front is drawn as it is seen from outside. */
export type TemplateSide = "inside" | "outside";

/** Features that are cut or drilled through a face, and so have a template. */
export const hasTemplate = (feature: Feature): boolean => isCut(feature);

/** A template's name as a file, without its ending. */
export const templateFile = (feature: Feature, side: TemplateSide, paper: Paper) =>
  `template-${feature.id}-${side}-${paper}.pdf`;

/** Reads the name of a template's file. */
export function readTemplateFile(file: string): { featureId: string; side: TemplateSide; paper: Paper } | undefined {
  const match = /^template-(.+)-(inside|outside)-(a4|letter)\.pdf$/.exec(file);
  return match ? { featureId: match[1]!, side: match[2] as TemplateSide, paper: match[3] as Paper } : undefined;
}

/** The name of a corner's template as a file. */
export const cornerFile = (oddId: string, paper: Paper) => `corner-${oddId}-${paper}.pdf`;

/** Reads the name of a corner template's file. */
export function readCornerFile(file: string): { oddId: string; paper: Paper } | undefined {
  const match = /^corner-(.+)-(a4|letter)\.pdf$/.exec(file);
  return match ? { oddId: match[1]!, paper: match[2] as Paper } : undefined;
}
