import type { ClimateInput } from "../climate/format";
import { fixtureKind } from "../fixtures/kinds/list";
import { STANDS } from "../fixtures/kinds/warms";
import type { Lights } from "../fixtures/lit";
import { inSpace } from "../fixtures/place";
import type { Fixture } from "../fixtures/schema";
import { isThermostat } from "../fixtures/switched";
import { throughAll } from "../light/screens";
import type { Site } from "../shell/site";
import { leastC, mostC } from "./steady";

type Heat = ClimateInput["heat"][number];

/** When something is on by its clock; all day where nobody has said. */
export const onOf = ({ hours }: Pick<Fixture, "hours">): [string, string][] =>
  hours ? [[hours.from, hours.to]] : [["00:00", "24:00"]];

/** The middle of what all residents bear, °C; null where nobody has said. */
function middleC(site: Pick<Site, "brief">): number | null {
  const [low, high] = [leastC(site), mostC(site)];
  return low === null || high === null ? null : (low + high) / 2;
}

/** What a thermostat is set to, °C: as typed, else the middle of what the residents bear; null where there is none, or nobody knows. */
export const setToC = (site: Pick<Site, "brief">, fixture: Fixture): number | null =>
  isThermostat(fixture.control) ? (fixture.set?.value ?? middleC(site)) : null;

/** What of its watts comes in: all of one inside; of one outside its rays, through what is under it. */
function comesIn({ shell }: Pick<Site, "shell">, fixture: Fixture, lights: Lights | undefined): number {
  const kind = fixtureKind(fixture);
  if (fixture.side === "inside") return 1;
  const { fromOutside } = kind.warms ?? STANDS;
  if (!kind.lamp) return fromOutside.value;
  const { at } = inSpace(shell, fixture);
  return fromOutside.value * throughAll(lights?.screens ?? [], at, [at[0], at[1], 0]).heat;
}

/** All that draws watts on the shell, as heat in it. One whose watts nobody has read is left out, and told. */
export const heatOf = (site: Pick<Site, "shell" | "variant" | "brief">, lights: Lights | undefined): Heat[] =>
  site.variant.fixtures.flatMap((f): Heat[] => {
    const kind = fixtureKind(f);
    if (!f.watts || kind.inRoom) return [];
    const watts = f.watts.value * comesIn(site, f, lights);
    if (watts <= 0) return [];
    const { toAir } = kind.warms ?? STANDS;
    return [{ watts, on: onOf(f), thermostatC: setToC(site, f), toAir: toAir.value }];
  });
