import { clearanceOf, featureName, featureRect } from "../../features/feature";
import { featureKind } from "../../features/index";
import type { Clearance } from "../../features/kind";
import type { Feature } from "../../features/schema";
import { setMm } from "../../ledgers/fix";
import type { Fix, Snag } from "../../ledgers/ledger";
import { boxOf, reachInto } from "../../shell/boxes";
import type { Rect } from "../../shell/faces";
import { overlap } from "../../shell/faces";
import { contains } from "../../shell/outline";
import type { Site } from "../../shell/site";
import { over } from "../../units/tolerance";
import type { Zone } from "../schema";
import { isBare, zoneDepthMm, zoneName, zoneRect } from "../zones";

/** A zone has to stand this far off what must stay free: from memory. */
const CLEAR_MM = 5;

const inside = (value: number, low: number, high: number) => Math.min(Math.max(value, low), Math.max(low, high));

/** Moves of a zone that take it off a rectangle of its own wall, the shortest first, kept on the wall. */
function clearMoves(zone: Zone, taken: Rect, room: Rect, path: string): Fix[] {
  const own = zoneRect(zone);
  const [halfW, halfH] = [own.widthMm / 2, own.heightMm / 2];
  const { value: u } = zone.u;
  const { value: v } = zone.v;
  const to = [
    { u: taken.uMm - CLEAR_MM - halfW, v },
    { u: taken.uMm + taken.widthMm + CLEAR_MM + halfW, v },
    { u, v: taken.vMm + taken.heightMm + CLEAR_MM + halfH },
    { u, v: taken.vMm - CLEAR_MM - halfH },
  ].filter(
    (p) =>
      p.u - halfW >= room.uMm &&
      p.u + halfW <= room.uMm + room.widthMm &&
      p.v - halfH >= room.vMm &&
      p.v + halfH <= room.vMm + room.heightMm,
  );
  return to
    .sort((a, b) => Math.hypot(a.u - u, a.v - v) - Math.hypot(b.u - u, b.v - v))
    .map((p) => ({ label: "Move it clear", patch: [setMm(`${path}/u`, p.u), setMm(`${path}/v`, p.v)] }));
}

const takeOff = (path: string): Fix => ({ label: "Take it off", patch: [{ op: "remove", path }] });

/** Where a zone stands: on its wall, off what must stay free, out of the way of a door. */
export function placeSnags(site: Site, zone: Zone, path: string): Snag[] {
  const { shell, variant, say } = site;
  const face = shell.faces[zone.face];
  const name = zoneName(zone);
  const rect = zoneRect(zone);
  const add = (snag: Omit<Snag, "stage" | "subject">, other = ""): Snag => ({
    ...{ stage: "background", subject: `${zone.id}${other}` },
    ...snag,
  });
  if (face.open)
    return [
      add({
        rule: "background/no-wall",
        severity: "stop",
        title: `${name} has no wall`,
        sentence: `The ${zone.face} is open.`,
        reason: "A zone needs a wall to stand on.",
        fix: takeOff(path),
      }),
    ];
  if (!contains(face.outline, rect)) {
    const { room } = face;
    return [
      add({
        rule: "background/off-the-wall",
        severity: "stop",
        title: `${name} runs off its wall`,
        sentence: `It takes ${say(rect.widthMm)} × ${say(rect.heightMm)} about ${say(zone.u.value)} and ${say(zone.v.value)}; the ${zone.face} is ${say(room.widthMm)} × ${say(room.heightMm)}.`,
        reason: "What hangs past a wall hangs on nothing, and is in the way of the next.",
        fix: {
          label: "Move it onto its wall",
          patch: [
            setMm(
              `${path}/u`,
              inside(zone.u.value, room.uMm + rect.widthMm / 2, room.uMm + room.widthMm - rect.widthMm / 2),
            ),
            setMm(
              `${path}/v`,
              inside(zone.v.value, room.vMm + rect.heightMm / 2, room.vMm + room.heightMm - rect.heightMm / 2),
            ),
          ],
        },
        otherFixes: [takeOff(path)],
      }),
    ];
  }
  if (isBare(zone)) return [];
  const list: Snag[] = [];
  for (const feature of variant.features) {
    const own = featureRect(feature);
    if (feature.face === zone.face && overlap(rect, own)) {
      const [fix, ...otherFixes] = [...clearMoves(zone, own, face.room, path), takeOff(path)];
      list.push(
        add(
          {
            rule: "background/covers",
            severity: "stop",
            ...featureKind(feature).stayFree(feature),
            sentence: `${name} and ${featureName(feature)} take the same place on the ${zone.face}.`,
            fix: fix!,
            otherFixes,
          },
          `+${feature.id}`,
        ),
      );
      continue;
    }
    const clear = clearanceOf(feature);
    if (!clear || clear.depthMm <= 0) continue;
    if (
      over(
        reachInto(boxOf(shell, zone.face, rect, zoneDepthMm(zone)), boxOf(shell, feature.face, own, clear.depthMm)),
        0,
      )
    )
      list.push(add(clearanceSnag(site, zone, feature, clear, path), `+${feature.id}`));
  }
  return list;
}

/** Something of the wall reaches into a door's swing. */
function clearanceSnag(
  { say, shell }: Site,
  zone: Zone,
  feature: Feature,
  clear: Clearance,
  path: string,
): Omit<Snag, "stage" | "subject"> {
  const name = zoneName(zone);
  const own = boxOf(shell, zone.face, zoneRect(zone), zoneDepthMm(zone));
  const kept = boxOf(shell, feature.face, featureRect(feature), clear.depthMm);
  const intoMm = reachInto(own, kept);
  // Down past the foot of what is kept clear; back past its edge, from the tip.
  const down = own.high[2] - kept.low[2] + CLEAR_MM;
  const shorter =
    CLEAR_MM +
    (zone.face === "back"
      ? kept.high[1] - own.low[1]
      : zone.face === "left"
        ? own.high[0] - kept.low[0]
        : kept.high[0] - own.low[0]);
  const { room } = shell.faces[zone.face];
  const lowest = room.vMm + zone.height.value / 2;
  return {
    rule: "background/in-the-clearance",
    severity: "stop",
    title: `${name} is in the way of ${featureName(feature).toLowerCase()}`,
    sentence: `It reaches ${say(intoMm, "up")} into the ${say(clear.depthMm)} that must stay clear.`,
    reason: clear.reason,
    fix: {
      label: `Lower it by ${say(down, "up")}`,
      patch: [setMm(`${path}/v`, Math.max(lowest, zone.v.value - down))],
    },
    otherFixes: [
      ...(!("depth" in zone)
        ? []
        : [
            {
              label: `Shorten it by ${say(shorter, "up")}`,
              patch: [setMm(`${path}/depth`, Math.max(5, zone.depth.value - shorter))],
            },
          ]),
      takeOff(path),
    ],
  };
}
