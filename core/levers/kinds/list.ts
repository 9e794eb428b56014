import type { Site } from "../../shell/site";
import type { Lever, LeverKind } from "../lever";
import { screenCover } from "./cover";
import { hoursOn, thermostatSet } from "./hours";
import { fixtureSettings, mistByHand } from "./mist";
import { newVent } from "./newVent";
import { ventHeight, ventMesh } from "./vents";

/** Every sort of lever, the ones that cost least first. */
const KINDS: readonly LeverKind[] = [
  hoursOn,
  thermostatSet,
  mistByHand,
  fixtureSettings,
  screenCover,
  ventHeight,
  ventMesh,
  newVent,
];

/** All levers of a design. */
export const leversOf = (site: Site): Lever[] => KINDS.flatMap((kind) => kind(site));
