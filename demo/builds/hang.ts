import type { Variant } from "../../core/document/schema";
import { newFixture } from "../../core/fixtures/create";
import type { FixtureKindId } from "../../core/fixtures/names";
import type { Fixture } from "../../core/fixtures/schema";
import { buildShell } from "../../core/shell/buildShell";
import { demoBook } from "../tern-street";

/** Hangs a fixture on a variant whose shell is done, with what its label says. */
export function hang<K extends FixtureKindId>(
  variant: Variant,
  kind: K,
  id: string,
  name: string,
  own: Partial<Extract<Fixture, { kind: K }>>,
): void {
  variant.fixtures.push({ ...newFixture(kind, id, name, buildShell(variant, demoBook())), ...own } as Fixture);
}
