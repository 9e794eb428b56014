import { completeBars } from "./completion";
import type { BarSolution } from "./format";
import type { BarMix } from "./mixes";
import { ShortFirst } from "./shortFirst";
import { TightPacking } from "./slack";
import type { Units } from "./units";

/** Draws of short bars at the first go. */
const DRAWS = 2;
/** What is tried of the two other ways: less where short bars can be drawn, which leads on sooner. */
const OTHERWISE = { alone: { tries: 400, looks: 300 }, beside: { tries: 200, looks: 50 } } as const;
/** Tries after which bars are filled from nothing again: by then others do it sooner. */
const ENOUGH = 3000;
/** Of bars with less than this share to spare, a few filled anew hardly ever take what is left over. */
const TIGHT = 0.0001;

/**
 * Puts the pieces into just these bars, by turns: fills short bars first and then the long ones, fills a few anew again and
 * again, and goes through the fillings of one after another. Goes on where it left off.
 */
export class MixFilling {
  /** Whether the bars have hardly anything to spare for the pieces. */
  readonly tight: boolean;
  readonly piecesABar: number;
  private readonly ids: string[];
  private readonly lengths: number[];
  private readonly kinds: number[];
  private readonly capacities: number[];
  private shortFirst: ShortFirst | undefined;
  private packing: TightPacking | undefined;
  private tried = 0;

  constructor(
    private readonly units: Units,
    { counts }: BarMix,
    private readonly random: () => number,
  ) {
    const { pieces, bars } = units;
    this.ids = pieces.flatMap((p) => p.ids);
    this.lengths = pieces.flatMap((p) => p.ids.map(() => p.length));
    this.kinds = counts.flatMap((n, i) => Array.from({ length: n }, () => i));
    this.capacities = this.kinds.map((i) => bars[i]!.length);
    const total = (list: readonly number[]) => list.reduce((a, b) => a + b, 0);
    const held = total(this.capacities);
    this.piecesABar = this.ids.length / this.kinds.length;
    this.tight = held - total(this.lengths) < TIGHT * held;
  }

  /**
   * @param share of what is tried at the first go
   * @param goOn false ends it
   * @returns the bars with the parts in them, once all have found a place
   */
  go(share: number, goOn: () => boolean): BarSolution["bars"] | undefined {
    const { lengths, capacities, random } = this;
    this.shortFirst ??= new ShortFirst(lengths, capacities, random);
    const { shortFirst } = this;
    const { tries, looks: most } = shortFirst.applies ? OTHERWISE.beside : OTHERWISE.alone;
    const drawn = shortFirst.go(share * DRAWS, goOn);
    if (drawn) return this.solution(drawn);
    if (!this.tight) {
      for (let left = share * tries; left > 0 && goOn(); ) {
        this.packing ??= new TightPacking(lengths, capacities, random);
        const now = Math.min(left, ENOUGH - this.tried);
        if (this.packing.go((done) => done < now && goOn())) return this.solution(this.packing.bars);
        left -= now;
        this.tried = (this.tried + now) % ENOUGH;
        if (this.tried === 0) this.packing = undefined;
      }
    }
    const found = completeBars(lengths, capacities, random, (looks) => looks < share * most && goOn());
    return found && this.solution(found);
  }

  private solution(bars: readonly (readonly number[])[]): BarSolution["bars"] {
    return bars.flatMap((places, k) =>
      places.length === 0
        ? []
        : [{ stock: this.units.bars[this.kinds[k]!]!.id, parts: places.map((i) => ({ partId: this.ids[i]! })) }],
    );
  }
}
