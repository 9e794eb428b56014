import { guessed, isPlain, list, type Plain } from "./plain";

/** A fixture of which only its place may be known, as version 9 had it. */
const fixture9 = (kind: string, own: Plain): Plain => ({
  ...{ kind, name: kind, face: "top", side: "inside", off: guessed(0), height: guessed(20) },
  ...{ u: guessed(0), v: guessed(0), width: guessed(50), length: guessed(50) },
  ...{ watts: null, mass: null, mains: false, control: "unknown", hours: null, plug: null, port: null, clear: null },
  ...{ held: "unknown", second: false, ip: null, got: "bought", way: null },
  ...OWN_9[kind],
  ...own,
});

/** What a kind had beside that, all of it unknown. */
const OWN_9: Record<string, Plain> = {
  spotLamp: {
    ...{ side: "outside", height: guessed(150), mains: true, beam: null, source: null, uv: [], cutOut: false },
    ...{ holder: "unknown", guard: false, shade: false, reflector: "aluminised" },
  },
  heatMat: { side: "outside", height: guessed(2), mains: true, held: "glued", cutOut: false },
  mistNozzle: { cone: null, flow: null, times: guessed(3), seconds: guessed(40) },
  probe: {},
  waterPump: { face: "base", height: guessed(60), mains: true, flow: null, head: null },
};

/** Keep-outs that kept the place of something hung, ports for the end of something, and things to reach: what each was. */
const KEPT_9: Record<string, string> = { lamp: "spotLamp", heatMat: "heatMat" };
const ENDS_9: Record<string, string> = { nozzle: "mistNozzle", probe: "probe" };
const REACHED_9: Record<string, string> = { lamp: "spotLamp", mat: "heatMat", nozzle: "mistNozzle", pump: "waterPump" };

/** Ids are no longer than this. */
const ID_LENGTH = 64;

/** An id that nothing has yet, the one wanted where it is free. */
function free9(taken: Set<unknown>, wanted: string): string {
  let id = wanted.slice(0, ID_LENGTH);
  for (let n = 2; taken.has(id); n++) id = `${wanted.slice(0, ID_LENGTH - 4)}-${n}`;
  taken.add(id);
  return id;
}

const mm9 = (measure: unknown): number =>
  isPlain(measure) && typeof measure.value === "number" ? measure.value : Number.NaN;

/** Whether a fixture hangs with its middle in what was kept free on its face. */
const within9 = (fixture: Plain, { face, u, v, width, height }: Plain): boolean =>
  fixture.face === face &&
  Math.abs(mm9(fixture.u) - mm9(u)) <= mm9(width) / 2 &&
  Math.abs(mm9(fixture.v) - mm9(v)) <= mm9(height) / 2;

/** The fixtures of a variant of version 8, and those that were kept as something else. */
class Fixtures9 {
  readonly all: Plain[];
  private readonly taken: Set<unknown>;
  /** Which fixture something to reach has become. */
  readonly reached = new Map<unknown, Plain>();

  constructor(fixtures: readonly Plain[]) {
    this.all = fixtures.map((f) => ({ way: null, ...f }));
    this.taken = new Set(this.all.map((f) => f.id));
  }

  add(kind: string, wantedId: string, own: Plain): Plain {
    const made = fixture9(kind, { ...own, id: free9(this.taken, wantedId) });
    this.all.push(made);
    return made;
  }

  /** Room that was kept for something hung: its own, where it hangs there already. */
  fromKeepOut(kind: string, { id, name, face, u, v, width, height, deep, origin }: Plain): void {
    const clears = kind === "spotLamp" && isPlain(deep);
    const there = this.all.find((f) => f.kind === kind && within9(f, { face, u, v, width, height }));
    if (there) {
      if (clears) there.clear ??= deep;
      return;
    }
    const got = origin === "found" ? "have" : "bought";
    const own = { name: name || String(id), face, u, v, width, length: height, got };
    this.add(kind, String(id), { ...own, ...(clears && { clear: deep }) });
  }

  /** The end of something in a port. */
  fromPort(kind: string, { id, name, face, u, v, use, origin }: Plain): void {
    if (this.all.some((f) => f.kind === kind && f.port === id)) return;
    const got = origin === "found" ? "have" : "bought";
    this.add(kind, `${id}-${use}`, { name: name || String(id), face, u, v, got, port: id });
  }

  /** Something to reach: the first of its kind that has no way yet, or one whose place nobody had said. */
  fromService(kind: string, { id, name, width, height, way, wayWidth, wayHeight, plug, port }: Plain): void {
    const out = { way: { by: way, width: wayWidth, height: wayHeight }, plug };
    const same = this.all.find(
      (f) => f.kind === kind && f.way === null && (port === null || !f.port || f.port === port),
    );
    if (same) Object.assign(same, out, { plug: plug ?? same.plug, port: same.port ?? port });
    const sides = kind === "waterPump" ? { width, length: width, height } : {};
    const place = { u: guessed(60), v: guessed(60) };
    this.reached.set(id, same ?? this.add(kind, String(id), { name, ...out, port, ...place, ...sides }));
  }

  /** A stream without the label of its pump, which the pump has now. */
  stream({ flow, head, pump, ...stream }: Plain): Plain {
    const label = { ...(isPlain(flow) && { flow }), ...(isPlain(head) && { head }) };
    const known = this.reached.get(pump);
    const place = { name: "Pump", u: guessed(60), v: guessed(60) };
    const own =
      known ?? (Object.keys(label).length > 0 ? this.add("waterPump", `${stream.id}-pump`, place) : undefined);
    if (own) Object.assign(own, label);
    return { ...stream, pump: own?.id ?? null };
  }
}

/** A wall of foam kept clear of a mat's place, and does so still: it is a bare strip of the wall's own. */
function keptBare9({ background, features }: Plain): unknown {
  if (!isPlain(background)) return background;
  const walled = new Set(list(background.walls).map((w) => w.face));
  const mats = list(features).filter((f) => f.kind === "keepOut" && f.use === "heatMat" && walled.has(f.face));
  const zones = list(background.zones);
  const taken = new Set(zones.map((z) => z.id));
  const bare = mats.map(({ id, name, face, u, v, width, height }) => ({
    ...{ id: free9(taken, String(id)), name: name || "Heat mat", face, kind: "bare", u, v, width, height },
  }));
  return { ...background, zones: [...zones, ...bare] };
}

/**
 * Version 9: lamps, mats, nozzles, probes and pumps are fixtures, whatever they were kept as; a stream runs off its pump's
 * label.
 */
export const to9 = (build: Plain): Plain => ({
  ...build,
  version: 9,
  variants: list(build.variants).map((variant) => {
    const fixtures = new Fixtures9(list(variant.fixtures));
    for (const f of list(variant.features)) {
      const [kept, end] = [KEPT_9[String(f.use)], ENDS_9[String(f.use)]];
      if (f.kind === "keepOut" && kept) fixtures.fromKeepOut(kept, f);
      if (f.kind === "port" && end) fixtures.fromPort(end, f);
    }
    for (const s of list(variant.service)) {
      const kind = REACHED_9[String(s.kind)];
      if (kind) fixtures.fromService(kind, s);
    }
    return {
      ...variant,
      background: keptBare9(variant),
      features: list(variant.features).filter((f) => f.kind !== "keepOut" || !KEPT_9[String(f.use)]),
      service: list(variant.service).filter((s) => !REACHED_9[String(s.kind)]),
      streams: list(variant.streams).map((s) => fixtures.stream(s)),
      fixtures: fixtures.all,
    };
  }),
});
