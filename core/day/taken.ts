import { WATTS } from "../fixtures/kinds/label";
import { fixtureKind } from "../fixtures/kinds/list";
import { isThermostat } from "../fixtures/switched";
import type { Fill } from "../ground/mass";
import type { Site } from "../shell/site";
import { setToC } from "./heaters";
import { wetOf } from "./wet";

/** What had to be taken for the day that nobody has said, in words. */
export function takenFor(site: Pick<Site, "shell" | "variant" | "brief" | "book">, fills: readonly Fill[]): string[] {
  const { variant } = site;
  const named = (fixtures: readonly { name: string }[]) => fixtures.map((f) => f.name.toLowerCase()).join(", ");
  const unread = variant.fixtures.filter((f) => f.watts === null && fixtureKind(f).label?.includes(WATTS));
  const flowless = variant.fixtures.filter((f) => {
    const kind = fixtureKind(f);
    return kind.mistsMlADay?.(f) === null || kind.moves?.(f).m3PerHour === null;
  });
  const unset = variant.fixtures.filter((f) => isThermostat(f.control) && setToC(site, f) === null);
  const guessed = variant.fixtures.filter((f) => f.set == null && setToC(site, f) !== null);
  const { wet, because } = wetOf(site, fills);
  return [
    ...(wet.capacityMl > 0 && because ? [`the substrate is taken ${because}`] : []),
    ...(unread.length > 0 ? [`no watts are known of ${named(unread)}: no heat of it is counted`] : []),
    ...(flowless.length > 0 ? [`the flow of ${named(flowless)} is not known: it is not counted`] : []),
    ...(unset.length > 0 ? [`nobody has said what ${named(unset)} is set to: it is taken as always on`] : []),
    ...(guessed.length > 0 ? [`${named(guessed)} is taken as set to the middle of the residents’ warmth`] : []),
    ...(variant.ground.misting === null &&
    variant.ground.layers.length > 0 &&
    !variant.fixtures.some((f) => fixtureKind(f).mistsMlADay)
      ? ["nobody has typed how much is misted: none is"]
      : []),
  ];
}
