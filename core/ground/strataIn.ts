import { liesIn, type Stratum, strataOf } from "../levels/strata";
import type { Site } from "../shell/site";
import type { Layer } from "./layers/schema";

/** The layers that lie in a part of the floor, from the base up. */
export const layersIn = ({ variant }: Pick<Site, "variant">, part: string): Layer[] =>
  variant.ground.layers.filter((l) => liesIn(l, part));

/** What a part of the floor is filled with, as far as it takes up height. */
export const strataIn = ({ shell, variant }: Pick<Site, "shell" | "variant">, part: string): Stratum[] =>
  strataOf({ backMm: shell.levels.typedMm, frontMm: variant.ground.front?.value ?? null }, layersIn({ variant }, part));
