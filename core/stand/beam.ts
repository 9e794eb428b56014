import { solve } from "../panes/solve";

/** An even load on a stretch of a board, N/mm. */
export interface Stretch {
  fromMm: number;
  toMm: number;
  nPerMm: number;
}

/** What a board on supports does: how far it goes down at the most, and what each support bears. */
export interface Bent {
  sagMm: number;
  /** Where that is, from the left end, mm. */
  atMm: number;
  /** Upward, by the supports in their order, N. */
  reactionsN: number[];
}

/** Places looked at between two nodes. */
const LOOKS = 8;

/**
 * A straight board over two or more supports, its ends free, by the stiffness method: exact for even loads on stretches
 * (source: strength-of-materials).
 * @param lengthMm of the board
 * @param supportsMm where it is borne, from its left end, in order; two at least
 * @param stiffness E·I, N·mm²
 */
export function bend(
  lengthMm: number,
  supportsMm: readonly number[],
  stiffness: number,
  loads: readonly Stretch[],
): Bent {
  const places = [0, lengthMm, ...supportsMm, ...loads.flatMap((l) => [l.fromMm, l.toMm])].filter(
    (x) => x >= 0 && x <= lengthMm,
  );
  const nodes = [...new Set(places.map((x) => Math.round(x * 1e6) / 1e6))].sort((a, b) => a - b);
  const n = nodes.length;
  const free = 2 * n;
  const rows = Array.from({ length: free }, () => new Array<number>(free + 1).fill(0));
  const held = new Set(supportsMm.map((s) => nodes.findIndex((x) => Math.abs(x - s) < 1e-5)));
  const on = (a: number, b: number) =>
    loads.reduce((q, l) => (l.fromMm <= a + 1e-6 && l.toMm >= b - 1e-6 ? q + l.nPerMm : q), 0);
  const spans = nodes.slice(1).map((b, i) => ({ a: nodes[i]!, b, long: b - nodes[i]!, q: on(nodes[i]!, b) }));
  // Each span's stiffness and fixed-end loads; two freedoms a node: downward, and slope.
  const own = ({ long: l }: { long: number }) =>
    [
      [12, 6 * l, -12, 6 * l],
      [6 * l, 4 * l * l, -6 * l, 2 * l * l],
      [-12, -6 * l, 12, -6 * l],
      [6 * l, 2 * l * l, -6 * l, 4 * l * l],
    ].map((row) => row.map((k) => (k * stiffness) / l ** 3));
  const ends = ({ long: l, q }: { long: number; q: number }) => [
    (q * l) / 2,
    (q * l * l) / 12,
    (q * l) / 2,
    (-q * l * l) / 12,
  ];
  spans.forEach((span, i) => {
    const k = own(span);
    const f = ends(span);
    for (let r = 0; r < 4; r++) {
      for (let c = 0; c < 4; c++) rows[2 * i + r]![2 * i + c]! += k[r]![c]!;
      rows[2 * i + r]![free]! += f[r]!;
    }
  });
  const whole = rows.map((row) => [...row]);
  for (const node of held) {
    rows[2 * node]!.fill(0);
    rows[2 * node]![2 * node] = 1;
  }
  const moved = solve(rows);
  let [sagMm, atMm] = [0, 0];
  spans.forEach(({ a, long: l, q }, i) => {
    const [w1, t1, w2, t2] = moved.slice(2 * i, 2 * i + 4) as [number, number, number, number];
    for (let j = 0; j <= LOOKS; j++) {
      const s = j / LOOKS;
      const w =
        w1 * (1 - 3 * s * s + 2 * s ** 3) +
        t1 * l * (s - 2 * s * s + s ** 3) +
        w2 * (3 * s * s - 2 * s ** 3) +
        t2 * l * (s ** 3 - s * s) +
        (q * l ** 4 * s * s * (1 - s) ** 2) / (24 * stiffness);
      if (w > sagMm) [sagMm, atMm] = [w, a + s * l];
    }
  });
  const reactionsN = supportsMm.map((s) => {
    const row = whole[2 * nodes.findIndex((x) => Math.abs(x - s) < 1e-5)]!;
    return row[free]! - moved.reduce((sum, w, c) => sum + row[c]! * w, 0);
  });
  return { sagMm, atMm, reactionsN };
}
