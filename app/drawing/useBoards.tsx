import type { ReactNode } from "react";
import type { FaceId } from "#core/design/names";
import type { CutOf } from "#core/views/section";
import type { Size } from "#core/views/view";
import { type Held, useDesign } from "../state/context";
import { Net } from "./Net";
import { Sections } from "./SectionView";

/** A drawing for the board of a stage, with what it is called. */
export interface Drawing {
  label: string;
  draw: (size: Size) => ReactNode;
  /** What lies in the lower left corner over the drawing. */
  corner?: ReactNode;
}

/** The names of the views most stages have, for their switch. */
export const NET_VIEW = ["net", "Net"] as const;
export const SECTIONS_VIEW = ["sections", "Sections"] as const;

/** Through the middle both ways. */
const BOTH: readonly CutOf[] = [{ cut: "frontBack" }, { cut: "leftRight" }];

/** The drawings most stages have: the shell unfolded, and cut through. */
export function useBoards() {
  const name = useDesign((d) => d.name);
  return {
    /** @param onFace what is taken in hand by pressing a face, if anything */
    net: (onFace?: (face: FaceId) => Held | undefined): Drawing => ({
      label: `Net of ${name}, to scale`,
      draw: (size) => <Net size={size} onFace={onFace} />,
    }),
    sections: (cuts = BOTH): Drawing => ({
      label: `Sections of ${name}, to scale`,
      draw: (size) => <Sections cuts={cuts} size={size} />,
    }),
  };
}
