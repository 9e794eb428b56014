import { produce } from "immer";
import { statedMm } from "../core/design/measure";
import type { Build } from "../core/document/schema";
import { chosenVariant } from "../core/document/variant";
import { newFixture } from "../core/fixtures/create";
import type { FixtureKindId } from "../core/fixtures/names";
import type { Fixture } from "../core/fixtures/schema";
import type { Book } from "../core/materials/schema";
import { buildShell } from "../core/shell/buildShell";

const KINDS: readonly FixtureKindId[] = [
  "uvTube",
  "spotLamp",
  "plantLight",
  "spotLamp",
  "ceramicEmitter",
  "mistNozzle",
];
const KNOWN = { watts: statedMm(20), mass: statedMm(0.5), clear: statedMm(60), second: true };
const OF: Partial<Record<FixtureKindId, object>> = {
  uvTube: { width: statedMm(300), uv: [{ mm: statedMm(250), uvi: statedMm(1.2) }] },
  plantLight: { width: statedMm(250) },
  spotLamp: {
    ...{ beam: statedMm(40), source: statedMm(60), holder: "ceramic", cutOut: true, width: statedMm(70) },
    ...{
      length: statedMm(70),
      uv: [
        { mm: statedMm(200), uvi: statedMm(3) },
        { mm: statedMm(400), uvi: statedMm(0.9) },
      ],
    },
  },
};

/** A build with twelve fixtures, lamps of every kind among them, in rows along its top. */
export const withTwelve = (build: Build, book: Book): Build =>
  produce(build, (draft) => {
    const variant = chosenVariant(draft);
    const shell = buildShell(chosenVariant(build), book);
    const { room } = shell.faces.top;
    for (let i = variant.fixtures.length; i < 12; i++) {
      const kind = KINDS[i % KINDS.length]!;
      const begun = newFixture(kind, `bench-${i}`, `Fixture ${i}`, shell);
      const [u, v] = [
        room.uMm + room.widthMm * (0.12 + 0.15 * (i % 6)),
        room.vMm + room.heightMm * (i < 6 ? 0.3 : 0.7),
      ];
      variant.fixtures.push({ ...begun, ...KNOWN, ...OF[kind], u: statedMm(u), v: statedMm(v) } as Fixture);
    }
  });
