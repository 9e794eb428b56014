import type { Part } from "../ledgers/ledger";
import type { Need } from "../ledgers/needs";
import type { Site } from "../shell/site";
import { layerKindOf } from "./layers/kinds";
import { isLaid, layersLie } from "./lies";

const laid = (site: Site) => layersLie(site).filter(({ layer, lies }) => isLaid(layer, lies));

/** What is cut of the layers, to the land. */
export const groundParts = (site: Site): Part[] =>
  laid(site).flatMap(({ layer, lies }) => layerKindOf(layer).parts?.(site, layer, lies) ?? []);

/** Litres and square metres of the layers, each part of a mix by itself. */
export const groundNeeds = (site: Site): Need[] =>
  laid(site).flatMap(({ layer, lies }) => layerKindOf(layer).needs(site, layer, lies));
