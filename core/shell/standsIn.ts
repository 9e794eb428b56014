import { setMm } from "../ledgers/fix";
import type { Snag } from "../ledgers/ledger";
import { over } from "../units/tolerance";
import type { Rect } from "./faces";
import type { Site } from "./site";

/** Something with a foot on the base, told by its middle. */
interface Standing {
  /** The folder whose rule it is: `vessels` makes `vessels/outside`. */
  trade: string;
  subject: string;
  name: string;
  rect: Rect;
  /** Where it stands in the build; its middle is `u` and `v` of that. */
  path: string;
}

/** Something that stands through a wall of the shell, or is larger than its floor. */
export function outsideSnags({ shell, say }: Site, { trade, subject, name, rect, path }: Standing): Snag[] {
  const { widthMm: roomU, depthMm: roomV } = shell.inside;
  const { uMm, vMm, widthMm, heightMm } = rect;
  const past = Math.max(-uMm, -vMm, uMm + widthMm - roomU, vMm + heightMm - roomV);
  if (!over(past, 0)) return [];
  const fits = !over(widthMm, roomU) && !over(heightMm, roomV);
  const middle = (at: number, size: number, room: number) =>
    size > room ? room / 2 : Math.min(room - size / 2, Math.max(size / 2, at + size / 2));
  return [
    {
      ...{ rule: `${trade}/outside`, subject, severity: "stop", stage: "ground" },
      title: `${name} does not stand in the shell`,
      sentence: fits
        ? `It passes a wall by ${say(past, "up")}.`
        : `${say(widthMm)} × ${say(heightMm)} on a floor of ${say(roomU)} × ${say(roomV)}.`,
      reason: "What stands through a wall is drawn, weighed and displaced wrongly.",
      ...(fits && {
        fix: {
          label: "Move it in",
          patch: [setMm(`${path}/u`, middle(uMm, widthMm, roomU)), setMm(`${path}/v`, middle(vMm, heightMm, roomV))],
        },
      }),
    },
  ];
}
