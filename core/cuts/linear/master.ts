import { invert } from "./invert";

/** A column of a covering programme: what it costs and what it gives to which rows. */
export interface Column {
  cost: number;
  rows: readonly number[];
  gives: readonly number[];
}

/** Where the programme stands. */
export interface Standing {
  /** What those taken cost, without the trifles that break ties: the optimum, once no column is worth taking. */
  value: number;
  /** What one more of each row would cost. */
  duals: Float64Array;
  /** How many of each column are taken, by its number. */
  taken: Map<number, number>;
}

/** Least worth of a column that is taken up: below it lies the noise of the arithmetic. */
const NOISE = 1e-9;
/** Pivots after which the inverse is made anew. */
const RENEW_AFTER = 500;
/** Pivots to get over a lesser demand. */
const MOST_AGAIN = 150;
/** Rows are asked for a trifle more, each another, so that no two ways out of the basis tie. */
const TRIFLE = 1e-7;
/** Columns are dearer by a trifle, each another, so that no two are as good as each other. */
const TRIFLE_OF_COST = 1e-5;

/**
 * A covering programme, min Σ cost·x with every row reached and x ≥ 0, that grows: columns are added, and it goes on from
 * where it stood. The revised simplex method (Dantzig & Orchard-Hays 1954; from memory, checked by test against HiGHS)
 * with an explicit inverse. Its duals are proposals only: whoever builds a bound on them checks them.
 */
export class CoveringMaster {
  private readonly n: number;
  private readonly wanted: Float64Array;
  private readonly asked: Float64Array;
  /** Row-major inverse of the basis. */
  private readonly inverse: Float64Array;
  /** What stands in each row of the basis: a column's number; −1 − row for that row's surplus; a stand-in above 1e9. */
  private readonly basis: number[];
  private readonly amounts: Float64Array;
  /** What one more of each row costs, kept with the basis. */
  private readonly duals: Float64Array;
  private pivots = 0;
  /** The columns' entries one after the other, and where each column's begin: far quicker to go through. */
  private entryRows = new Int32Array(1024);
  private entryGives = new Float64Array(1024);
  private readonly starts: number[] = [0];
  /** What each column costs, and what it is reckoned at: a trifle dearer. */
  private readonly prices: number[] = [];
  private readonly costs: number[] = [];
  /** While it is solved: what each column costs more than it gives is worth, and how long it is. */
  private over = new Float64Array(0);
  private length = new Float64Array(0);
  private readonly surplusLength: Float64Array;

  /**
   * @param wanted of each row; a limit is a row of −limit whose columns give −1
   * @param dear what a row costs that nothing covers: more than any column's price
   */
  constructor(
    wanted: ArrayLike<number>,
    private readonly dear: number,
  ) {
    this.n = wanted.length;
    this.wanted = Float64Array.from(wanted);
    this.asked = this.wanted.map((d, i) => d + (d > 0 ? 1 : -1) * TRIFLE * (1 + ((i * 7919) % 997) / 997));
    this.inverse = new Float64Array(this.n * this.n);
    this.amounts = Float64Array.from(this.asked, Math.abs);
    this.basis = Array.from(this.wanted, (d, i) => (d > 0 ? STAND_IN + i : -1 - i));
    this.wanted.forEach((d, i) => {
      this.inverse[i * this.n + i] = d > 0 ? 1 : -1;
    });
    this.duals = new Float64Array(this.n);
    this.surplusLength = new Float64Array(this.n);
    this.reckonDuals();
  }

  /** Adds a column; its number. */
  add({ cost, rows, gives }: Column): number {
    const at = this.costs.length;
    const from = this.starts[at]!;
    if (from + rows.length > this.entryRows.length) {
      const [wasRows, wasGives] = [this.entryRows, this.entryGives];
      this.entryRows = new Int32Array(2 * (from + rows.length));
      this.entryGives = new Float64Array(2 * (from + rows.length));
      this.entryRows.set(wasRows);
      this.entryGives.set(wasGives);
    }
    this.entryRows.set(rows, from);
    this.entryGives.set(gives, from);
    this.starts.push(from + rows.length);
    this.prices.push(cost);
    this.costs.push(cost * (1 + TRIFLE_OF_COST * (((at * 6151) % 1009) / 1009)));
    return at;
  }

  /**
   * Goes on to the optimum over the columns there are.
   * @param goOn asked now and then; false leaves it where it stands, which is still a proposal
   */
  solve(goOn: () => boolean = () => true): Standing {
    const most = 50 * (this.n + 20) + 4 * this.costs.length;
    let fresh = this.reckonReduced();
    for (let step = 0; step < most; step++) {
      if (step % 16 === 15 && !goOn()) break;
      const entering = this.steepest();
      if (entering !== undefined) {
        if (!this.enter(entering)) break;
        fresh = false;
      } else if (fresh) break;
      else fresh = this.reckonReduced();
    }
    return this.standing();
  }

  /** One that stands where this one stands, and from there goes its own way. */
  copy(): CoveringMaster {
    const copy = new CoveringMaster(this.wanted, this.dear);
    copy.entryRows = this.entryRows.slice();
    copy.entryGives = this.entryGives.slice();
    copy.starts.splice(0, 1, ...this.starts);
    copy.prices.push(...this.prices);
    copy.costs.push(...this.costs);
    copy.duals.set(this.duals);
    copy.wanted.set(this.wanted);
    copy.asked.set(this.asked);
    copy.inverse.set(this.inverse);
    copy.amounts.set(this.amounts);
    copy.basis.splice(0, this.n, ...this.basis);
    copy.pivots = this.pivots;
    return copy;
  }

  /** Asks for less: what one of a column gives is had. Never for less than nought. */
  have(column: number): void {
    for (let e = this.starts[column]!; e < this.starts[column + 1]!; e++) {
      const row = this.entryRows[e]!;
      const was = this.wanted[row]!;
      this.wanted[row] = was < 0 ? was - this.entryGives[e]! : Math.max(0, was - this.entryGives[e]!);
      this.asked[row]! += this.wanted[row]! - was;
    }
    this.reckonAmounts();
  }

  /**
   * Goes on to the optimum after less is asked for, from one that was an optimum before: the dual simplex method (Lemke
   * 1954, from memory), with fewer pivots than from nothing.
   * @returns where it stands; nothing where it does not come there soon, and is of no more use
   */
  resolve(): Standing | undefined {
    const { n, inverse, amounts } = this;
    for (let step = 0; ; step++) {
      let out = -1;
      let least = -1e-4;
      for (let i = 0; i < n; i++)
        if (amounts[i]! < least) {
          least = amounts[i]!;
          out = i;
        }
      if (out < 0) return this.standing();
      if (step === MOST_AGAIN) return undefined;
      let entering: number | undefined;
      let slightest = Number.POSITIVE_INFINITY;
      for (let i = 0; i < n; i++) {
        const alpha = -inverse[out * n + i]!;
        if (alpha >= -1e-8) continue;
        const ratio = Math.max(0, this.duals[i]!) / -alpha;
        if (ratio < slightest) {
          slightest = ratio;
          entering = -1 - i;
        }
      }
      for (let k = 0; k < this.costs.length; k++) {
        let alpha = 0;
        for (let e = this.starts[k]!; e < this.starts[k + 1]!; e++)
          alpha += inverse[out * n + this.entryRows[e]!]! * this.entryGives[e]!;
        if (alpha >= -1e-8) continue;
        const ratio = Math.max(0, this.reduced(k)) / -alpha;
        if (ratio < slightest) {
          slightest = ratio;
          entering = k;
        }
      }
      if (entering === undefined || !this.pivot(entering, out, this.along(entering))) return undefined;
    }
  }

  private standing(): Standing {
    const taken = new Map<number, number>();
    this.basis.forEach((at, i) => {
      if (at >= 0 && at < STAND_IN && this.amounts[i]! > 1e-5) taken.set(at, this.amounts[i]!);
    });
    return { value: this.value(), duals: this.duals.slice(), taken };
  }

  /** What covers just what is wanted costs. */
  private value(): number {
    const { n, inverse, wanted } = this;
    let value = 0;
    this.basis.forEach((at, i) => {
      const cost = at >= 0 && at < STAND_IN ? this.prices[at]! : this.costOf(at);
      if (cost === 0) return;
      for (let j = 0; j < n; j++) value += cost * inverse[i * n + j]! * wanted[j]!;
    });
    return value;
  }

  private costOf(at: number): number {
    return at >= STAND_IN ? this.dear : at < 0 ? 0 : this.costs[at]!;
  }

  /** What a column costs more than what it gives is worth. */
  private reduced(k: number): number {
    let reduced = this.costs[k]!;
    for (let e = this.starts[k]!; e < this.starts[k + 1]!; e++)
      reduced -= this.duals[this.entryRows[e]!]! * this.entryGives[e]!;
    return reduced;
  }

  private reckonDuals(): void {
    const { n, inverse, duals } = this;
    duals.fill(0);
    for (let i = 0; i < n; i++) {
      const cost = this.costOf(this.basis[i]!);
      if (cost === 0) continue;
      for (let j = 0, at = i * n; j < n; j++, at++) duals[j]! += cost * inverse[at]!;
    }
  }

  /** Reckons what each column costs more than it gives is worth; all count as equally long from here. */
  private reckonReduced(): boolean {
    const many = this.costs.length;
    if (this.over.length < many) {
      this.over = new Float64Array(2 * many);
      this.length = new Float64Array(2 * many);
    }
    for (let k = 0; k < many; k++) this.over[k] = this.reduced(k);
    this.length.fill(1);
    this.surplusLength.fill(1);
    return true;
  }

  /** The column or surplus whose taking up gains most for how long it is; undefined at the optimum. */
  private steepest(): number | undefined {
    const { over, length, duals, surplusLength } = this;
    let best = 0;
    let found: number | undefined;
    for (let i = 0; i < this.n; i++) {
      const d = duals[i]!;
      if (d < -NOISE && d * d > best * surplusLength[i]!) {
        best = (d * d) / surplusLength[i]!;
        found = -1 - i;
      }
    }
    for (let k = 0; k < this.costs.length; k++) {
      const d = over[k]!;
      if (d < -NOISE && d * d > best * length[k]!) {
        best = (d * d) / length[k]!;
        found = k;
      }
    }
    return found;
  }

  /** Before a column comes in for what stands in a row: what that changes of the others' worth and length. */
  private lengthen(entering: number, out: number, pivot: number): void {
    const { n, inverse, over, length, surplusLength, starts, entryRows, entryGives } = this;
    const reduced = entering < 0 ? this.duals[-1 - entering]! : over[entering]!;
    const its = entering < 0 ? surplusLength[-1 - entering]! : length[entering]!;
    const row = out * n;
    for (let k = 0, e = 0; k < this.costs.length; k++) {
      let alpha = 0;
      for (const end = starts[k + 1]!; e < end; e++) alpha += inverse[row + entryRows[e]!]! * entryGives[e]!;
      if (alpha === 0) continue;
      const by = alpha / pivot;
      over[k]! -= reduced * by;
      if (by * by * its > length[k]!) length[k] = by * by * its;
    }
    for (let i = 0; i < n; i++) {
      const by = inverse[row + i]! / pivot;
      if (by * by * its > surplusLength[i]!) surplusLength[i] = by * by * its;
    }
    const leaving = this.basis[out]!;
    const left = Math.max(1, its / (pivot * pivot));
    if (leaving < 0) surplusLength[-1 - leaving] = left;
    else if (leaving < STAND_IN) {
      length[leaving] = left;
      over[leaving] = -reduced / pivot;
    }
    if (entering >= 0) over[entering] = 0;
  }

  /** What a column or surplus takes of each that stands in the basis. */
  private along(entering: number): Float64Array {
    const { n, inverse } = this;
    const along = new Float64Array(n);
    if (entering < 0) for (let i = 0; i < n; i++) along[i] = -inverse[i * n - 1 - entering]!;
    else
      for (let e = this.starts[entering]!; e < this.starts[entering + 1]!; e++) {
        const gives = this.entryGives[e]!;
        for (let i = 0, at = this.entryRows[e]!; i < n; i++, at += n) along[i]! += inverse[at]! * gives;
      }
    return along;
  }

  /** Takes a column into the basis for what it drives out; false where the arithmetic no longer carries it. */
  private enter(entering: number): boolean {
    const along = this.along(entering);
    let out = -1;
    let least = Number.POSITIVE_INFINITY;
    for (let i = 0; i < this.n; i++) {
      if (along[i]! <= 1e-8) continue;
      const ratio = Math.max(0, this.amounts[i]!) / along[i]!;
      if (ratio < least - 1e-12 || (ratio < least + 1e-12 && along[i]! > along[out]!)) {
        least = ratio;
        out = i;
      }
    }
    if (out < 0) return false;
    this.lengthen(entering, out, along[out]!);
    return this.pivot(entering, out, along);
  }

  private pivot(entering: number, out: number, along: Float64Array): boolean {
    const { n, inverse, amounts, duals } = this;
    const pivot = along[out]!;
    const reduced = entering < 0 ? duals[-1 - entering]! : this.reduced(entering);
    const amount = amounts[out]! / pivot;
    for (let i = 0; i < n; i++) if (i !== out) amounts[i]! -= amount * along[i]!;
    amounts[out] = amount;
    for (let j = 0, at = out * n; j < n; j++, at++) inverse[at]! /= pivot;
    for (let i = 0; i < n; i++) {
      const by = along[i]!;
      if (i === out || by === 0) continue;
      for (let j = 0, to = i * n, from = out * n; j < n; j++, to++, from++) inverse[to]! -= by * inverse[from]!;
    }
    for (let j = 0, at = out * n; j < n; j++, at++) duals[j]! += reduced * inverse[at]!;
    this.basis[out] = entering;
    return ++this.pivots % RENEW_AFTER !== 0 || this.renew();
  }

  /** Makes the inverse and the amounts anew from the basis, against the drift of many pivots. */
  private renew(): boolean {
    const { n } = this;
    const from = new Float64Array(n * n);
    this.basis.forEach((at, col) => {
      if (at >= STAND_IN) from[(at - STAND_IN) * n + col] = 1;
      else if (at < 0) from[(-1 - at) * n + col] = -1;
      else {
        for (let e = this.starts[at]!; e < this.starts[at + 1]!; e++)
          from[this.entryRows[e]! * n + col] = this.entryGives[e]!;
      }
    });
    const inverse = invert(from, n);
    if (!inverse) return false;
    this.inverse.set(inverse);
    this.reckonAmounts();
    this.reckonDuals();
    return true;
  }

  private reckonAmounts(): void {
    const { n, inverse } = this;
    for (let i = 0; i < n; i++) {
      let sum = 0;
      for (let j = 0; j < n; j++) sum += inverse[i * n + j]! * this.asked[j]!;
      this.amounts[i] = sum;
    }
  }
}

/** Numbers from here on are stand-ins that cover one row each at the dear price. */
const STAND_IN = 1e9;
