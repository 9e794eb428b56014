import * as v from "valibot";
import { bounded } from "../design/bounded";

const mm = (what: string, low = -20_000) => bounded(what, low, 20_000, " mm");
const share = (what: string) => bounded(what, 0, 1);
const place = (what: string) => v.tuple([mm(`${what}[0]`), mm(`${what}[1]`), mm(`${what}[2]`)]);
const id = v.pipe(v.string("Each needs an id."), v.nonEmpty("An id must not be empty."), v.maxLength(200));
const span = (what: string) =>
  v.pipe(
    v.tuple([mm(`${what}[0]`), mm(`${what}[1]`)]),
    v.check(([a, b]) => a <= b, `${what} must go from the lower to the higher.`),
  );

/** What the label or a meter says at a distance, bare or through what is always before it. */
const uv = v.optional(v.array(v.object({ mm: mm("uv.mm", 1), uvi: bounded("uv.uvi", 1e-6, 200) })), []);
const heat = v.optional(v.array(v.object({ mm: mm("heat.mm", 1), wPerM2: bounded("heat.wPerM2", 1e-6, 1e6) })), []);
const power = {
  ...{ uv, heat },
  watts: v.optional(bounded("watts", 0, 3000, " W")),
  /** Share of the watts that leaves as heat and light within the lobe. */
  radiantShare: v.optional(share("radiantShare")),
};

/** A lamp that shines from one place, in a lobe about its aim. */
const point = v.object({
  ...{ id, kind: v.literal("point"), at: place("at"), aim: place("aim") },
  /** Full angle between the directions of half its strength. */
  beamDeg: v.pipe(
    v.number("beamDeg must be a number."),
    v.gtValue(0, "beamDeg must be over 0."),
    v.ltValue(180, "beamDeg must be under 180; a lamp that shines all round has about 120."),
  ),
  ...power,
  /** Across its bright face, mm. */
  sourceMm: v.optional(mm("sourceMm", 1)),
});

/** A lamp that is an even line. */
const tube = v.object({ ...{ id, kind: v.literal("tube"), from: place("from"), to: place("to") }, ...power });

/** A level rectangle that takes a part of what passes it. */
const screen = v.object({ z: mm("z"), x: span("x"), y: span("y"), uv: share("uv"), heat: share("heat") });

/** Input of `hornwort light`: millimetres from the inside front left corner of the base, x right, y back, z up. */
export const LightSchema = v.object({
  lamps: v.pipe(v.array(v.variant("kind", [point, tube], "Each lamp's kind must be point or tube.")), v.maxLength(100)),
  screens: v.optional(v.pipe(v.array(screen), v.maxLength(100)), []),
  points: v.pipe(
    v.array(
      v.object({
        ...{ id, at: place("at") },
        /** A meter turned to each lamp in turn, or a level surface. */
        facing: v.picklist(["lamp", "up"], "facing must be lamp or up."),
      }),
    ),
    v.maxLength(20_000),
  ),
  air: v.optional(
    v.object({
      tempC: bounded("air.tempC", -50, 90, " °C"),
      surroundC: bounded("air.surroundC", -50, 90, " °C"),
      hcWPerM2K: bounded("air.hcWPerM2K", 0.1, 200),
    }),
  ),
  surface: v.optional(v.object({ absorptance: share("surface.absorptance"), emissivity: share("surface.emissivity") })),
});

export type LightInput = v.InferOutput<typeof LightSchema>;
export type Lamp = LightInput["lamps"][number];
export type PointLamp = Extract<Lamp, { kind: "point" }>;
export type TubeLamp = Extract<Lamp, { kind: "tube" }>;
export type Screen = LightInput["screens"][number];
export type Facing = LightInput["points"][number]["facing"];
export type Place = readonly [x: number, y: number, z: number];
export type Air = NonNullable<LightInput["air"]>;
export type Surface = NonNullable<LightInput["surface"]>;

/** What one lamp brings to a point. */
export interface FromLamp {
  id: string;
  uvi: number;
  wPerM2: number;
  /** To the lamp's centre, or to the nearest point of a tube, mm. */
  rMm: number;
}

/** A temperature with its two other cases. */
export interface SurfaceC {
  value: number;
  low: number;
  high: number;
}

/** What reaches one point. */
export interface LitPoint {
  id: string;
  uvi: number;
  wPerM2: number;
  /** Of a thin, dark, insulated surface there; null where the air or the surface was not told. */
  surfaceC: SurfaceC | null;
  /** Among Ferguson's mean exposures, 0 to 4. */
  zone: 0 | 1 | 2 | 3 | 4;
  byLamp: FromLamp[];
  /** False where a lamp is so near that its heat is only that of an even disc. */
  withinScope: boolean;
  /** What is assumed and what is to be minded, joined by semicolons; empty where nothing is. */
  why: string;
}
