import { guessed, isPlain, list, type Plain, stated } from "./plain";

const valueOf8 = (measure: unknown): number =>
  isPlain(measure) && typeof measure.value === "number" && Number.isFinite(measure.value) ? measure.value : 0;

/** The layers of a ground that had one of each, from the base up. */
function layers8(ground: Plain): Plain[] {
  const layer = (id: string, kind: string, own: Plain): Plain => ({ id, kind, zone: null, ...own });
  const { drain, barrier, charcoal, mix, litter } = ground;
  return [
    ...(isPlain(drain) ? [layer("drain", "drain", drain)] : []),
    ...(isPlain(barrier) ? [layer("barrier", "barrier", { cloth: barrier.kind, curl: barrier.curl })] : []),
    ...(isPlain(charcoal) ? [layer("charcoal", "charcoal", { depth: charcoal })] : []),
    ...(isPlain(mix) && list(mix.parts).length > 0 ? [layer("mix", "mix", { depth: null, ...mix })] : []),
    ...(isPlain(litter) ? [layer("litter", "leaves", { depth: litter })] : []),
  ];
}

/** A pool, as it was; and a dish as it holds, in a corner: nobody said where it stands, or how wide it is. */
function vessels8({ pool, dish }: Plain): Plain[] {
  const common = { face: "base", wayOut: "none", ramp: stated(40) };
  const deep = 30;
  // Its share of the box round it, as version 8 reckoned it.
  const across = isPlain(dish) ? Math.round(Math.sqrt((valueOf8(dish.volume) * 1000) / (deep * 0.8))) : 0;
  const wide = Math.max(20, across + 8);
  return [
    ...(isPlain(pool) ? [{ ...common, id: "pool", kind: "pool", name: "Pool", zone: null, ...pool }] : []),
    ...(isPlain(dish)
      ? [
          {
            ...{ ...common, id: "dish", kind: "dish", name: "Dish", round: false, wall: stated(4), of: "plastic" },
            ...{ u: guessed(wide / 2), v: guessed(wide / 2), width: guessed(wide), length: guessed(wide) },
            ...{ depth: guessed(deep), filled: guessed(deep), rim: guessed(deep + 4), coats: null },
            ...{ touches: dish.wicked === true, bathes: false, drunk: null, awayDays: guessed(1) },
          },
        ]
      : []),
  ];
}

/** A divider's stuff as a list of layers; where it stood, nobody had said. */
const divider8 = ({ made, ...d }: Plain): Plain => ({
  ...d,
  line: null,
  layers: [{ id: "layer-1", of: made, material: null }],
});

/** Rules that moved with what they judge, so that what was waived stays waived. */
const RULE_8: Record<string, string> = {
  ...{ "seal/divider-not-tight": "dividers/not-tight", "seal/divider-too-low": "dividers/too-low" },
  ...{ "ground/dish-wicks": "vessels/wicks", "ground/dry-pool": "vessels/dry-pool" },
  ...{ "ground/pool-off-the-floor": "vessels/pool-off-the-floor", "ground/no-way-out": "vessels/no-way-out" },
  ...{ "ground/steep-ramp": "vessels/steep-ramp", "ground/long-ramp": "vessels/long-ramp" },
  ...{ "ground/divider-gone": "vessels/divider-gone" },
};

/** Version 8: the substrate is a list of layers, dividers have lines and layers, and what holds water is a list. */
export const to8 = (build: Plain): Plain => ({
  ...build,
  version: 8,
  waivers: list(build.waivers).map((w) => ({ ...w, rule: RULE_8[String(w.rule)] ?? w.rule })),
  variants: list(build.variants).map((variant) => {
    const old = isPlain(variant.ground) ? variant.ground : {};
    const { drain: _a, barrier: _b, charcoal: _c, mix: _d, litter: _e, pool: _f, dish: _g, ...ground } = old;
    const { dividers, ...seal } = isPlain(variant.seal) ? variant.seal : {};
    return {
      ...variant,
      seal,
      ground: {
        ...ground,
        layers: layers8(old),
        plants: list(ground.plants).map((p) => ({ ...p, by: "planted", got: "bought" })),
      },
      // A variant has had wood and stone since version 7: none said whether it was bought.
      ...(Array.isArray(variant.hardscape) && {
        hardscape: list(variant.hardscape).map((p) => ({ got: "found", ...p })),
      }),
      dividers: list(dividers).map(divider8),
      vessels: vessels8(old),
      ...{ boxes: [], streams: [] },
    };
  }),
});
