import { statedMm } from "../../core/design/measure";
import type { Build } from "../../core/document/schema";
import { flatPack } from "./flatPack";
import { haberdasher } from "./haberdasher";
import { hang } from "./hang";
import { measured } from "./measures";
import { nurseryTub } from "./nurseryTub";

/** The tub with its left rows alone: too damp for who lives at 70 to 90 %. */
export function dampTub(): Build {
  const build = nurseryTub();
  const [variant] = build.variants;
  build.name = "Tub, left rows alone";
  variant!.features = variant!.features.filter((f) => f.face === "left");
  build.brief.room = { ...build.brief.room, tempC: { low: 17, high: 20 }, rh: { low: 40, high: 50 } };
  for (const resident of build.brief.residents) resident.bands = { tempC: null, rh: { low: 70, high: 90 } };
  return build;
}

/** The cabinet a month without misting, in a room that is heated all winter. */
export function dryCabinet(): Build {
  const build = haberdasher();
  const [variant] = build.variants;
  build.name = "Cabinet, nobody mists";
  variant!.ground.misting = null;
  variant!.ground.store = measured(600);
  for (const fixture of variant!.fixtures) if ("times" in fixture) fixture.times = statedMm(0);
  build.brief.room = { ...build.brief.room, tempC: { low: 20, high: 22 }, rh: { low: 35, high: 45 } };
  return build;
}

/** The boas' box in a room of 18 °C, its heat off at night. */
export function coldBox(): Build {
  const build = flatPack();
  const [variant] = build.variants;
  build.name = "Boas, cold at night";
  hang(variant!, "heatMat", "panel", "Warm panel", {
    ...{ face: "back", watts: statedMm(60), control: "thermostat", cutOut: true, set: statedMm(25) },
    ...{ hours: { from: "08:00", to: "20:00" }, u: statedMm(1150), v: statedMm(300) },
  });
  build.brief.room = { ...build.brief.room, tempC: { low: 17.5, high: 18.5 }, rh: { low: 50, high: 60 } };
  return build;
}
