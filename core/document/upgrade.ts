import type { Measure } from "../design/basics";

type Plain = Record<string, unknown>;
const isPlain = (node: unknown): node is Plain => typeof node === "object" && node !== null && !Array.isArray(node);
const list = (node: unknown): Plain[] => (Array.isArray(node) ? node.filter(isPlain) : []);

/** Version 2: openings have a shape, and a tube is a port like any other rather than the round tub's own. */
function to2(build: Plain): Plain {
  return {
    ...build,
    version: 2,
    variants: list(build.variants).map((variant) => {
      const { tube, ...shell } = isPlain(variant.shell) ? variant.shell : {};
      const features = list(variant.features).map((feature) => ({
        ...feature,
        ...(feature.kind === "mesh" && { shape: "panel" }),
        ...(feature.kind === "port" && { tube: null }),
      }));
      return { ...variant, shell, features: isPlain(tube) ? [...features, tubePort(tube, shell, features)] : features };
    }),
  };
}

/** The round tub's tube as it was, in the middle of the right-hand quarter of its wall. */
function tubePort({ outer, height, bore, rise, run, bendRadius }: Plain, shell: Plain, others: Plain[]): Plain {
  let n = 1;
  while (others.some((f) => f.id === `tube-${n}`)) n++;
  const { found } = shell as { found?: { rimDiameter?: Measure } };
  const mm = Math.round((Math.PI * (found?.rimDiameter?.value ?? 0)) / 8);
  return {
    id: `tube-${n}`,
    name: "Tube",
    face: "right",
    kind: "port",
    use: "tube",
    u: { typed: `${mm}`, value: mm, how: "stated" },
    v: height,
    bore: outer,
    gap: { typed: "0", value: 0, how: "stated" },
    tube: { bore, rise, run, bendRadius },
  };
}

/** Version 3: parts are added by hand, and slips are laid out on faces. */
const to3 = (build: Plain): Plain => ({
  ...build,
  version: 3,
  variants: list(build.variants).map((variant) => ({ ...variant, oddParts: [], slips: [] })),
});

/** Version 4: faces have stacks of layers, floors dividers, and decisions of safety are kept. */
const to4 = (build: Plain): Plain => ({
  ...build,
  version: 4,
  variants: list(build.variants).map((variant) => ({
    ...variant,
    seal: { ...(isPlain(variant.seal) ? variant.seal : {}), stacks: [], dividers: [], decisions: [] },
  })),
});

/** Nothing inside, as version 5 wrote it: an upgrade stays as it was, whatever later versions begin with. */
const inside5 = (): Plain => ({
  background: { walls: [], zones: [], swatches: [] },
  ground: {
    ...{ front: null, drain: null, barrier: null, charcoal: null, litter: null, misting: null, lost: null },
    mix: { unit: "parts", parts: [] },
    outlet: "none",
    ...{ pool: null, dish: null, plants: [] },
    quarantineDays: { typed: "30", value: 30, how: "stated" },
    roots: "strip",
    wild: "bought",
    crew: "before",
    settleWeeks: { typed: "0", value: 0, how: "stated" },
  },
  service: [],
});

/** Version 5: walls have backgrounds, the ground its layers, and a keep-out reaches into the room. */
const to5 = (build: Plain): Plain => ({
  ...build,
  version: 5,
  variants: list(build.variants).map((variant) => ({
    ...variant,
    features: list(variant.features).map((f) => (f.kind === "keepOut" ? { ...f, deep: null } : f)),
    ...inside5(),
  })),
});

/** Which of its openings each shell of version 5 had. */
const OPENING_6: Record<string, string> = { tank: "top", tub: "top", roundTub: "top" };
/** What splits of safety were called, and are. */
const SPLIT_6: Record<string, string> = {
  A1: "aerosolInside",
  A9: "siliconeGrade",
  A17: "metalInTheWet",
  A18: "zinc",
  A20: "mineralAdditives",
  A26: "whichWater",
};

/** A closure as one of a list; whether a lock on doors that were found was there already, nobody has said. */
function closures6({ closure, shell }: Plain): Plain[] {
  if (!isPlain(closure) || closure.kind === "open") return [];
  const { lock, ...rest } = closure;
  const opening = OPENING_6[String(isPlain(shell) ? shell.kind : "")] ?? "front";
  const origin = closure.kind === "found" ? "found" : "made";
  const held = lock === "wedge" || lock === "key";
  return [
    {
      ...{ id: opening, opening, origin },
      lock: held ? { kind: lock, origin: origin === "found" ? "unknown" : "made" } : null,
      ...rest,
    },
  ];
}

/** Version 6: openings are closed by a list, what can be found says whether it was, and splits are called by words. */
const to6 = (build: Plain): Plain => ({
  ...build,
  version: 6,
  variants: list(build.variants).map((variant) => {
    const { closure: _, ...rest } = variant;
    const seal = isPlain(variant.seal) ? variant.seal : {};
    const background = isPlain(variant.background) ? variant.background : {};
    return {
      ...rest,
      features: list(variant.features).map((f) => ({
        ...f,
        origin: "made",
        ...("mesh" in f && { meshOrigin: "made" }),
      })),
      closures: closures6(variant),
      seal: {
        ...seal,
        dividers: list(seal.dividers).map((d) => ({ ...d, origin: "made" })),
        decisions: list(seal.decisions).map(({ row, ...d }) => ({ split: SPLIT_6[String(row)] ?? row, ...d })),
      },
      background: { ...background, walls: list(background.walls).map((w) => ({ ...w, origin: "made" })) },
    };
  }),
});

const mm7 = (value: number): Plain => ({ typed: String(value), value, how: "stated" });
/** Glass of which nobody said where it comes from, and a screen nobody measured, as version 7 wrote them. */
const secondHand7 = (): Plain => ({ is: "unknown", chips: "unknown", beadYears: null, disinfect: false });
const screen7 = (): Plain => ({
  ...{ fixed: false, width: null, depth: null, aperture: mm7(1.2), wire: mm7(0.3), lip: mm7(1) },
  ...{ fate: "kept", hole: null, patch: null, mesh: null },
});

/** What each shell has had since: nothing of it is there in an older document. */
const SHELL_7: Record<string, (shell: Plain, found: Plain) => Plain> = {
  cabinet: (shell, found) => ({
    ...shell,
    ...{ dam: null, floor: null },
    found: {
      ...found,
      doors: { ...(isPlain(found.doors) ? found.doors : {}), opens: "swing" },
      below: { height: null, material: "chipboard", thickness: mm7(16) },
    },
  }),
  tank: (shell, found) => ({
    ...shell,
    lid: { there: false, ...screen7() },
    found: { ...found, secondHand: secondHand7() },
  }),
  tankOnEnd: (shell, found) => ({ ...shell, found: { ...found, secondHand: secondHand7() } }),
  tub: (shell, found) => ({
    ...shell,
    found: { ...found, holes: { count: 0, bore: mm7(6), where: "lid", height: mm7(100) } },
  }),
  roundTub: (shell) => ({ ...shell, mound: { height: null, across: mm7(120) }, riser: null }),
};

/** Version 7: what was found is kept, mended or replaced, open fronts have dams, and gaps and their cures are lists. */
const to7 = (build: Plain): Plain => ({
  ...build,
  version: 7,
  variants: list(build.variants).map((variant) => {
    const shell = isPlain(variant.shell) ? variant.shell : {};
    const grown = SHELL_7[String(shell.kind)];
    return {
      ...variant,
      shell: grown ? grown(shell, isPlain(shell.found) ? shell.found : {}) : shell,
      ...{ gaps: [], cures: [] },
    };
  }),
});

const guessed8 = (value: number): Plain => ({ typed: String(value), value, how: "guessed" });
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
  const common = { face: "base", wayOut: "none", ramp: mm7(40) };
  const deep = 30;
  // Its share of the box round it, as version 8 reckoned it.
  const across = isPlain(dish) ? Math.round(Math.sqrt((valueOf8(dish.volume) * 1000) / (deep * 0.8))) : 0;
  const wide = Math.max(20, across + 8);
  return [
    ...(isPlain(pool) ? [{ ...common, id: "pool", kind: "pool", name: "Pool", zone: null, ...pool }] : []),
    ...(isPlain(dish)
      ? [
          {
            ...{ ...common, id: "dish", kind: "dish", name: "Dish", round: false, wall: mm7(4), of: "plastic" },
            ...{ u: guessed8(wide / 2), v: guessed8(wide / 2), width: guessed8(wide), length: guessed8(wide) },
            ...{ depth: guessed8(deep), filled: guessed8(deep), rim: guessed8(deep + 4), coats: null },
            ...{ touches: dish.wicked === true, bathes: false, drunk: null, awayDays: guessed8(1) },
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
const to8 = (build: Plain): Plain => ({
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

/** A fixture of which only its place may be known, as version 9 had it. */
const fixture9 = (kind: string, own: Plain): Plain => ({
  ...{ kind, name: kind, face: "top", side: "inside", off: guessed8(0), height: guessed8(20) },
  ...{ u: guessed8(0), v: guessed8(0), width: guessed8(50), length: guessed8(50) },
  ...{ watts: null, mass: null, mains: false, control: "unknown", hours: null, plug: null, port: null, clear: null },
  ...{ held: "unknown", second: false, ip: null, got: "bought", way: null },
  ...OWN_9[kind],
  ...own,
});

/** What a kind had beside that, all of it unknown. */
const OWN_9: Record<string, Plain> = {
  spotLamp: {
    ...{ side: "outside", height: guessed8(150), mains: true, beam: null, source: null, uv: [], cutOut: false },
    ...{ holder: "unknown", guard: false, shade: false, reflector: "aluminised" },
  },
  heatMat: { side: "outside", height: guessed8(2), mains: true, held: "glued", cutOut: false },
  mistNozzle: { cone: null, flow: null, times: guessed8(3), seconds: guessed8(40) },
  probe: {},
  waterPump: { face: "base", height: guessed8(60), mains: true, flow: null, head: null },
};

/** Keep-outs that kept the place of something hung, and ports for the end of something, with what each was for. */
const KEPT_9: Record<string, string> = { lamp: "spotLamp", heatMat: "heatMat" };
const ENDS_9: Record<string, string> = { nozzle: "mistNozzle", probe: "probe" };
const REACHED_9: Record<string, string> = { lamp: "spotLamp", mat: "heatMat", nozzle: "mistNozzle", pump: "waterPump" };

/** What hung as something else, as fixtures: what was typed of each, and the id it was known by as something to reach. */
function fixtures9(variant: Plain, taken: Set<unknown>) {
  const freeId = (wanted: string) => {
    let id = wanted;
    for (let n = 2; taken.has(id); n++) id = `${wanted.slice(0, 36)}-${n}`;
    taken.add(id);
    return id;
  };
  const made: Plain[] = [];
  const named = (id: unknown) => freeId(String(id));
  for (const f of list(variant.features)) {
    const { id, name, face, u, v, width, height, use, origin } = f;
    const place = { name: name || String(id), face, u, v, got: origin === "found" ? "have" : "bought" };
    const kept = f.kind === "keepOut" && KEPT_9[String(use)];
    const end = f.kind === "port" && ENDS_9[String(use)];
    if (kept)
      made.push(
        fixture9(kept, {
          ...place,
          id: named(id),
          width,
          length: height,
          ...(kept === "spotLamp" && { clear: f.deep }),
        }),
      );
    if (end) made.push(fixture9(end, { ...place, id: named(`${id}-${use}`), port: id }));
  }
  const wasService = new Map<unknown, string>();
  for (const s of list(variant.service)) {
    const kind = REACHED_9[String(s.kind)];
    if (!kind) continue;
    const { plug, port } = s;
    const way = { by: s.way, width: s.wayWidth, height: s.wayHeight };
    // The same thing, kept free on a face and to be reached: one fixture, the first that has no way yet.
    const same = made.find((f) => f.kind === kind && f.way === null && (port === null || f.port === port || !f.port));
    if (same) {
      Object.assign(same, { way, plug, port: same.port ?? port });
      wasService.set(s.id, String(same.id));
      continue;
    }
    const id = named(s.id);
    wasService.set(s.id, id);
    const sides = kind === "waterPump" ? { width: s.width, length: s.width, height: s.height } : {};
    made.push(fixture9(kind, { ...{ id, name: s.name, way, plug, port, u: guessed8(60), v: guessed8(60) }, ...sides }));
  }
  return { made, wasService, named };
}

/** A wall of foam kept clear of a mat's place, and does so still: it is a bare strip of the wall's own. */
function keptBare9({ background, features }: Plain): unknown {
  if (!isPlain(background)) return background;
  const walled = new Set(list(background.walls).map((w) => w.face));
  const mats = list(features).filter((f) => f.kind === "keepOut" && f.use === "heatMat" && walled.has(f.face));
  const zones = list(background.zones);
  const bare = mats.map(({ id, name, face, u, v, width, height }) => ({
    ...{ id: zones.some((z) => z.id === id) ? `${id}-bare` : id, name: name || "Heat mat", face, kind: "bare" },
    ...{ u, v, width, height },
  }));
  return { ...background, zones: [...zones, ...bare] };
}

/** Version 9: lamps, mats, nozzles, probes and pumps are fixtures, whatever they were kept as; a stream runs off its pump's label. */
const to9 = (build: Plain): Plain => ({
  ...build,
  version: 9,
  variants: list(build.variants).map((variant) => {
    const fixtures = list(variant.fixtures).map((f) => ({ way: null, ...f }) as Plain);
    const { made, wasService, named } = fixtures9(variant, new Set(fixtures.map((f) => f.id)));
    const streams = list(variant.streams).map(({ flow, head, ...stream }) => {
      const known = wasService.get(stream.pump);
      const label = { ...(isPlain(flow) && { flow }), ...(isPlain(head) && { head }) };
      const own = made.find((f) => f.id === known);
      if (own) Object.assign(own, label);
      else if (Object.keys(label).length > 0) {
        const id = named(`${stream.id}-pump`);
        const place = { id, name: "Pump", u: guessed8(60), v: guessed8(60) };
        made.push(fixture9("waterPump", { ...place, ...label }));
        return { ...stream, pump: id };
      }
      return { ...stream, pump: known ?? null };
    });
    return {
      ...variant,
      background: keptBare9(variant),
      features: list(variant.features).filter((f) => f.kind !== "keepOut" || !KEPT_9[String(f.use)]),
      service: list(variant.service).filter((s) => !REACHED_9[String(s.kind)]),
      streams,
      fixtures: [...fixtures, ...made],
    };
  }),
});

/** One step each, in order: the first takes version 1 to 2. */
const STEPS = [to2, to3, to4, to5, to6, to7, to8, to9];

/**
 * Brings a Build document of any version ever written to the newest, without judging it.
 * @param data parsed JSON; what is no build, or of a version not known, is given back as it is
 */
export function upgradeBuild(data: unknown): unknown {
  if (!isPlain(data) || typeof data.version !== "number" || !Number.isInteger(data.version) || data.version < 1)
    return data;
  return STEPS.slice(data.version - 1).reduce((build, step) => step(build), data);
}
