import type { Known } from "../../figures/figure";
import type { Part, Step } from "../../ledgers/ledger";
import type { Need } from "../../ledgers/needs";
import type { Book } from "../../materials/schema";
import type { Site } from "../../shell/site";
import type { Layer, LayerKindId, LayerOf } from "./schema";

/** What a layer comes to, over all the land it lies in. */
export interface Lies {
  /** As it lies, without what stands in it. */
  litres: number;
  /** Land it lies on, with what stands there, m². */
  landM2: number;
  /** The rectangle it is cut for, mm, and whether something is cut out of that. */
  widthMm: number;
  depthMm: number;
  cutOut: string;
}

/** A step of laying a layer, before it is put in order. */
export type LayerStep = Pick<Step, "title" | "detail" | "handsOnMinutes"> &
  Partial<Step> & {
    /** Told apart from the layer's others; empty for the one that lays it. */
    own: string;
    /** It is done before the layer's turn comes, outside. */
    outside?: true;
  };

/** A kind of layer. `kinds.ts` lists them; how it lies in the stack stands with the levels (`core/levels/strata.ts`). */
export interface LayerKind<L extends Layer> {
  /** What it is called in a list. */
  word: string;
  /** What it is of, in words. */
  of: (layer: L) => string;
  /** Share of it that standing water fills; none where it takes up none. */
  voidShare?: (layer: L) => Known;
  /** Water gathers in it, and is held there. */
  gathers?: true;
  /** Share of it that is water it gives off to the air, wet as it drains. */
  holds?: Known;
  /** As it lies in the shell, kg/m³; 0 where it is not weighed. */
  kgPerM3: (layer: L, book: Book) => number;
  /** A new one. */
  begin: (id: string) => L;
  /** What it takes, to be bought. */
  needs: (site: Site, layer: L, lies: Lies) => Need[];
  /** What of it is cut. */
  parts?: (site: Site, layer: L, lies: Lies) => Part[];
  /** How it is laid, in order. */
  steps: (site: Site, layer: L, lies: Lies, heavy: boolean) => LayerStep[];
}

/** The kinds by their names, each with its own layer. */
export type LayerKinds = { [K in LayerKindId]: LayerKind<LayerOf<K>> };
