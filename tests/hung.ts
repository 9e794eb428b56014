import { statedMm } from "../core/design/measure";
import type { Build, Variant } from "../core/document/schema";
import { newFixture } from "../core/fixtures/create";
import type { FixtureKindId } from "../core/fixtures/names";
import type { Fixture, FixtureOf } from "../core/fixtures/schema";
import { newBlock } from "../core/hardscape/create";
import type { Resident } from "../core/residents/schema";
import { STARTER_RESIDENTS } from "../core/residents/starters";
import { buildShell } from "../core/shell/buildShell";
import { bareTank } from "./bareTank";
import { jobInput } from "./job";

export type Own<K extends FixtureKindId> = Partial<FixtureOf<K>>;

/** Puts a fixture on, with a second hold, and what else is given of it. */
export function put<K extends FixtureKindId>(v: Variant, kind: K, id: string, own: Own<K> = {}): void {
  const begun = newFixture(kind, id, id, buildShell(v, jobInput().book));
  v.fixtures.push({ ...begun, second: true, ...own } as Fixture);
}

/** A spot lamp of which all is known, and nothing wrong. */
export const SOUND: Own<"spotLamp"> = {
  ...{ watts: statedMm(50), beam: statedMm(30), source: statedMm(95), clear: statedMm(200), mass: statedMm(0.8) },
  ...{ holder: "ceramic", cutOut: true, held: "rests" },
};

/** An animal whose back is 25 mm over what it lies on. */
export const RESIDENT: Resident = { ...structuredClone(STARTER_RESIDENTS[0]!), back: statedMm(25) };

/** A stone 250 high in the middle of a tank whose rim is at 600, and a lamp 20 over the rim straight above it. */
export function lampOverStone(own: Own<"spotLamp">, resident: Partial<Resident> = {}): Build {
  const build = bareTank((v) => {
    put(v, "spotLamp", "spot", { ...SOUND, clear: statedMm(50), ...own });
    v.hardscape.push({ ...newBlock("stone", "stone", 450, 225), height: statedMm(250) });
  });
  build.brief.residents = [{ ...structuredClone(RESIDENT), ...resident }];
  return build;
}
