import { featureRect } from "../features/feature";
import { fieldSize } from "../features/holes/pattern";
import type { Feature } from "../features/schema";
import { set, setMm } from "../ledgers/fix";
import type { Snag } from "../ledgers/ledger";
import type { Site } from "../shell/site";

import { roomFor } from "./room";

/** Within two ends; their middle where they have crossed. */
export const clamp = (value: number, low: number, high: number) =>
  low > high ? (low + high) / 2 : Math.min(high, Math.max(low, value));

/** A feature as large as its face allows, as near as may be to where it was. */
export function fitFix(site: Site, feature: Feature, index: number): Snag["fix"] {
  const room = roomFor(site, feature);
  const path = (rest: string) => site.at(`/features/${index}${rest}`);
  /** Puts a feature of this size as near to where it was as the room allows. */
  const centre = (size: { widthMm: number; heightMm: number }) => [
    setMm(path("/u"), clamp(feature.u.value, room.uMm + size.widthMm / 2, room.uMm + room.widthMm - size.widthMm / 2)),
    setMm(
      path("/v"),
      clamp(feature.v.value, room.vMm + size.heightMm / 2, room.vMm + room.heightMm - size.heightMm / 2),
    ),
  ];
  if (feature.kind === "port") return { label: "Move it onto the face", patch: centre(featureRect(feature)) };
  if (feature.kind !== "holes") {
    const widthMm = Math.floor(Math.min(feature.width.value, room.widthMm));
    const heightMm = Math.floor(Math.min(feature.height.value, room.heightMm));
    if (widthMm < 5 || heightMm < 5) return undefined;
    return {
      label: "Make it fit the face",
      patch: [setMm(path("/width"), widthMm), setMm(path("/height"), heightMm), ...centre({ widthMm, heightMm })],
    };
  }
  let { columns, rows } = feature;
  while (columns > 1 && fieldSize({ ...feature, columns, rows }).widthMm > room.widthMm) columns--;
  while (rows > 1 && fieldSize({ ...feature, columns, rows }).heightMm > room.heightMm) rows--;
  const fitted = fieldSize({ ...feature, columns, rows });
  if (fitted.widthMm > room.widthMm || fitted.heightMm > room.heightMm) return undefined;
  if (columns === feature.columns && rows === feature.rows)
    return { label: "Move it onto the face", patch: centre(fitted) };
  return {
    label: `Make it ${columns} × ${rows} holes`,
    patch: [set(path("/columns"), columns), set(path("/rows"), rows), ...centre(fitted)],
  };
}
