import fc from "fast-check";
import { statedMm } from "../core/design/measure";
import { FACES } from "../core/design/names";
import { fixtureKind } from "../core/fixtures/kinds/list";
import { CONTROLS, FIXTURE_KINDS, HELD_BY, HOLDERS, SIDES } from "../core/fixtures/names";
import type { Fixture } from "../core/fixtures/schema";
import { SERVICE_WAYS } from "../core/service/names";
import { maybe, mm } from "./anyMeasure";

const plain = (min: number, max: number) => fc.integer({ min: min * 10, max: max * 10 }).map((n) => statedMm(n / 10));
const readings = fc.array(fc.record({ mm: mm(50, 600), uvi: plain(0.1, 12) }), { maxLength: 3 });

/** Any fixtures, wherever they hang, with any part of their labels known. */
export const anyFixtures: fc.Arbitrary<Fixture[]> = fc
  .array(
    fc.record({
      kind: fc.constantFrom(...FIXTURE_KINDS),
      own: fc.record({
        ...{ face: fc.constantFrom(...FACES), side: fc.constantFrom(...SIDES), u: mm(0, 900), v: mm(0, 700) },
        ...{ width: mm(5, 700), length: mm(5, 400), height: mm(1, 200), off: mm(0, 300) },
        ...{
          watts: maybe(plain(1, 150)),
          mass: maybe(plain(0.1, 5)),
          plug: maybe(mm(5, 50)),
          clear: maybe(mm(0, 300)),
        },
        ...{ mains: fc.boolean(), second: fc.boolean(), port: fc.constantFrom(null, "f0", "gone") },
        ...{
          control: fc.constantFrom(...CONTROLS),
          held: fc.constantFrom(...HELD_BY),
          got: fc.constantFrom("bought" as const, "have" as const),
        },
        way: maybe(fc.record({ by: fc.constantFrom(...SERVICE_WAYS), width: mm(5, 120), height: mm(5, 120) })),
        hours: fc.constantFrom(null, { from: "08:00", to: "20:00" }),
        ip: fc.constantFrom(null, 20, 44, 67),
      }),
      label: fc.record({
        ...{
          beam: maybe(plain(5, 170)),
          source: maybe(mm(10, 150)),
          cone: maybe(plain(20, 120)),
          flow: maybe(plain(1, 200)),
          head: maybe(mm(50, 2000)),
        },
        ...{
          uv: readings,
          holder: fc.constantFrom(...HOLDERS),
          guard: fc.boolean(),
          shade: fc.boolean(),
          cutOut: fc.boolean(),
        },
      }),
    }),
    { maxLength: 4 },
  )
  .map((list) =>
    list.map(({ kind, own, label }, i): Fixture => {
      const begun = fixtureKind({ kind }).begin({ ...own, id: `fixture-${i}`, name: `Fixture ${i}` });
      // Of a label only what its kind has.
      const has = Object.fromEntries(Object.entries(label).filter(([key]) => key in begun));
      return { ...begun, ...own, ...has } as Fixture;
    }),
  );
