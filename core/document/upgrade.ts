import { isPlain } from "./upgrades/plain";
import { to2 } from "./upgrades/to2";
import { to3 } from "./upgrades/to3";
import { to4 } from "./upgrades/to4";
import { to5 } from "./upgrades/to5";
import { to6 } from "./upgrades/to6";
import { to7 } from "./upgrades/to7";
import { to8 } from "./upgrades/to8";
import { to9 } from "./upgrades/to9";

/** One step each, in order: the first takes version 1 to 2. */
const STEPS = [to2, to3, to4, to5, to6, to7, to8, to9];

/**
 * Brings a Build document of any version ever written to the newest, without judging it.
 * @param data parsed JSON; what is no build, or of a version not known, is given back as it is
 */
export function upgradeBuild(data: unknown): unknown {
  if (!isPlain(data) || typeof data.version !== "number" || !Number.isInteger(data.version) || data.version < 1)
    return data;
  return STEPS.slice(data.version - 1).reduce((build, step) => step(build), data);
}
