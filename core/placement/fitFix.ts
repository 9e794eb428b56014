import { featureKind } from "../features/index";
import type { Feature } from "../features/schema";
import { set, setMm } from "../ledgers/fix";
import type { Fix } from "../ledgers/ledger";
import type { Site } from "../shell/site";
import { roomFor } from "./room";

/** Within two ends; their middle where they have crossed. */
export const clamp = (value: number, low: number, high: number) =>
  low > high ? (low + high) / 2 : Math.min(high, Math.max(low, value));

/** A feature as large as its face allows, as near as may be to where it was. */
export function fitFix(site: Site, feature: Feature, path: string): Fix | undefined {
  const room = roomFor(site, feature);
  const fitted = featureKind(feature).fitted(feature, room);
  if (!fitted) return undefined;
  const { widthMm, heightMm, label, sizes } = fitted;
  return {
    label,
    patch: [
      ...sizes.map(({ path: own, mm, value }) => (mm === undefined ? set(path + own, value) : setMm(path + own, mm))),
      setMm(`${path}/u`, clamp(feature.u.value, room.uMm + widthMm / 2, room.uMm + room.widthMm - widthMm / 2)),
      setMm(`${path}/v`, clamp(feature.v.value, room.vMm + heightMm / 2, room.vMm + room.heightMm - heightMm / 2)),
    ],
  };
}
