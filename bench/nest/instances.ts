/**
 * Instances for `npm run bench:nest`, drawn from fixed seeds. The classical classes follow Berkey & Wang (1987) and
 * Martello & Vigo (1998), from memory; the shop sets are enclosures with their deductions, made up.
 */
import { xoroshiro128plus } from "pure-rand/generator/xoroshiro128plus";
import type { NestInstance } from "../../core/cuts/nest/format";

export interface Case {
  instance: NestInstance;
  /** Cost known to be least by construction; undefined where only a bound is known. */
  optimum?: number;
}
export interface CaseClass {
  name: string;
  cases: Case[];
}

function dice(seed: number) {
  const generator = xoroshiro128plus(seed);
  const share = () => (generator.next() >>> 0) / 2 ** 32;
  return {
    share,
    whole: (low: number, high: number) => low + Math.floor(share() * (high - low + 1)),
    pick: <T>(list: readonly T[]): T => list[Math.floor(share() * list.length)]!,
  };
}
type Dice = ReturnType<typeof dice>;

const blank = (id: string, seed: number): Omit<NestInstance, "stock" | "parts"> => ({
  format: "panel-nest/1",
  dim: 2,
  id,
  kerf: 3.2,
  trim: 5,
  offcutMinSide: 100,
  timeLimitMs: 2000,
  seed,
});
const tenth = (mm: number) => Math.round(mm * 10) / 10;

type Size = [w: number, h: number];

/** A sheet split at random by cuts that each eat one kerf, until it is `n` parts. */
function splitSheet(w: number, h: number, n: number, kerf: number, { share, pick }: Dice): Size[] {
  const parts: Size[] = [[w, h]];
  for (let tries = 0; parts.length < n && tries < 2000; tries++) {
    // Large pieces are split more often.
    const total = parts.reduce((sum, [a, b]) => sum + a * b, 0);
    let at = share() * total;
    const i = Math.max(
      0,
      parts.findIndex(([a, b]) => {
        at -= a * b;
        return at <= 0;
      }),
    );
    const [a, b] = parts[i]!;
    const across = pick([a > b, share() < 0.5]);
    const side = across ? a : b;
    if (side < 2 * 60 + kerf) continue;
    const cut = tenth(60 + share() * (side - kerf - 120));
    const rest = tenth(side - kerf - cut);
    parts.splice(
      i,
      1,
      ...(across
        ? ([
            [cut, b],
            [rest, b],
          ] as Size[])
        : ([
            [a, cut],
            [a, rest],
          ] as Size[])),
    );
  }
  return parts;
}

/** Sheets cut up at random, with a share of each part's area shaved off again. */
function knownOptimum(spare: number, seed: number, sheets: number, n: number): Case {
  const roll = dice(seed);
  const [w, h] = [2440, 1220];
  const per = Math.max(2, Math.round(n / sheets));
  const rotate = roll.share() < 0.6;
  const parts = Array.from({ length: sheets }, () => splitSheet(w - 10, h - 10, per, 3.2, roll)).flat();
  const shave = (size: Size): Size => {
    const by = spare === 0 ? 1 : 1 - spare;
    return roll.share() < 0.5 ? [tenth(size[0] * by - 0.05), size[1]] : [size[0], tenth(size[1] * by - 0.05)];
  };
  return {
    instance: {
      ...blank(`known-${spare}-${seed}`, seed),
      stock: [{ id: "L", w, h, price: 62, count: null }],
      parts: parts.map((size, i) => {
        const [a, b] = spare === 0 ? size : shave(size);
        const turned = rotate && roll.share() < 0.5;
        return { id: `P${i}`, w: turned ? b : a, h: turned ? a : b, qty: 1, rotate };
      }),
    },
    optimum: 62 * sheets,
  };
}

const BERKEY_WANG = [
  [10, 10],
  [10, 30],
  [35, 40],
  [35, 100],
  [100, 100],
  [100, 300],
] as const;
/** Side spans of the four kinds of Martello & Vigo's parts, as shares of the sheet: width low, high, height low, high. */
const VIGO = [
  [2 / 3, 1, 0, 1 / 2],
  [0, 1 / 2, 2 / 3, 1],
  [1 / 2, 1, 1 / 2, 1],
  [0, 1 / 2, 0, 1 / 2],
] as const;

function classical(kind: number, n: number, seed: number, rotate: boolean): Case {
  const roll = dice(seed);
  const vigo = kind - BERKEY_WANG.length;
  const side = vigo < 0 ? BERKEY_WANG[kind]![1] : 100;
  const size = (): Size => {
    if (vigo < 0) {
      const most = BERKEY_WANG[kind]![0];
      return [roll.whole(1, most), roll.whole(1, most)];
    }
    const other = roll.pick([0, 1, 2, 3].filter((k) => k !== vigo));
    const [a, b, c, d] = VIGO[roll.share() < 0.7 ? vigo : other]!;
    return [
      roll.whole(Math.max(1, Math.ceil(a * side)), Math.floor(b * side)),
      roll.whole(Math.max(1, Math.ceil(c * side)), Math.floor(d * side)),
    ];
  };
  return {
    instance: {
      ...blank(`classical-${kind}-${n}-${seed}`, seed),
      kerf: 0,
      trim: 0,
      offcutMinSide: Math.ceil(side / 10),
      stock: [{ id: "B", w: side, h: side, price: 1, count: null }],
      parts: Array.from({ length: n }, (_, i) => {
        const [w, h] = size();
        return { id: `P${i}`, w, h, qty: 1, rotate };
      }),
    },
  };
}

/** The panels of an enclosure: top and base over the sides, inset back, dam, rails, shelves and drawers of odd strips. */
function enclosure({ whole, share }: Dice, nth: number, thickness: number): NestInstance["parts"] {
  const [w, d, h] = [whole(400, 1600), whole(300, 650), whole(300, 1100)];
  const grain = share() < 0.3;
  const part = (name: string, a: number, b: number, qty = 1, rotate = !grain) => ({
    id: `${name}-${nth}`,
    w: tenth(a),
    h: tenth(b),
    qty,
    rotate,
  });
  return [
    part("top", w + 2 * thickness, d, 2),
    part("side", h, d, 2),
    part("back", w, h),
    part("dam", w, whole(60, 160), 1, true),
    part("rail", w, whole(40, 90), whole(1, 3), true),
    ...(share() < 0.5 ? [part("shelf", d - 40, whole(150, 350), whole(1, 3), true)] : []),
    ...(share() < 0.4 ? [part("cleat", whole(100, 400), whole(40, 80), whole(2, 6), true)] : []),
  ].map((p) => ({ ...p, w: Math.min(p.w, 2400), h: Math.min(p.h, 1200) }));
}

function shop(seed: number, most: number): Case {
  const roll = dice(seed);
  const parts: NestInstance["parts"] = [];
  for (let n = 0; parts.reduce((sum, p) => sum + p.qty, 0) < most - 6; n++) parts.push(...enclosure(roll, n, 10));
  const offcuts = Array.from({ length: roll.pick([0, 0, 1, 2, 4]) }, (_, i) => ({
    id: `O${i}`,
    w: roll.whole(300, 1200),
    h: roll.whole(200, 800),
    price: 0,
    count: 1,
    trim: 0,
  }));
  return {
    instance: {
      ...blank(`shop-${most}-${seed}`, seed),
      stock: [
        { id: "L", w: 2440, h: 1220, price: 62, count: null },
        ...(roll.share() < 0.8
          ? [{ id: "S", w: 1220, h: 610, price: 18.5, count: roll.share() < 0.3 ? roll.whole(1, 3) : null }]
          : []),
        ...offcuts,
      ],
      parts,
    },
  };
}

const many = <T>(n: number, make: (i: number) => T): T[] => Array.from({ length: n }, (_, i) => make(i));

/** Every class; `size` is how many instances each has, about. */
export function caseClasses(size: number, seed = 1): CaseClass[] {
  const known = (spare: number) =>
    many(size, (i) => {
      const sheets = 1 + (i % 10);
      return knownOptimum(spare, seed * 1000 + i, sheets, Math.max(10, Math.min(200, sheets * (5 + ((i * 7) % 16)))));
    });
  // Each of the ten kinds comes with other numbers of parts from ten to ten, so that twenty instances span them all.
  const classic = (rotate: boolean) =>
    many(size, (i) => classical(i % 10, 20 * (1 + ((i + Math.floor(i / 10)) % 5)), seed * 2000 + i, rotate));
  return [
    { name: "known optimum, 8 % to spare", cases: known(0.08) },
    { name: "known optimum, 3 %", cases: known(0.03) },
    { name: "known optimum, 0 %", cases: known(0) },
    { name: "classical, rotation", cases: classic(true) },
    { name: "classical, fixed", cases: classic(false) },
    { name: "shop, 10 to 60 parts", cases: many(size, (i) => shop(seed * 3000 + i, 10 + ((i * 13) % 51))) },
    {
      name: "shop, 200 to 500 parts",
      cases: many(Math.ceil(size / 5), (i) => shop(seed * 4000 + i, 200 + ((i * 97) % 301))),
    },
  ];
}
