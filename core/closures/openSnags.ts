import type { Operation } from "fast-json-patch";
import { statedMm } from "../design/measure";
import { isVent } from "../features/vents";
import { set } from "../ledgers/fix";
import type { Snag } from "../ledgers/ledger";
import { materialsOf } from "../materials/find";
import type { Opening } from "../shell/shell";
import type { Site } from "../shell/site";
import type { Here } from "./kind";
import { kindsFor } from "./kinds/index";

/** Mesh in the middle of a new lid, half as long and wide as its opening, where the shell has no other vent. */
function lidMesh(site: Site, opening: Opening): Operation[] {
  const mesh = materialsOf(site.book, "mesh")[0];
  if (!mesh || site.variant.features.some(isVent)) return [];
  const { uMm, vMm, widthMm, heightMm } = opening;
  const whole = (mm: number) => statedMm(Math.round(mm));
  let n = 1;
  while (site.variant.features.some((f) => f.id === `lid-mesh-${n}`)) n++;
  return [
    set(site.at("/features/-"), {
      ...{
        id: `lid-mesh-${n}`,
        name: "Mesh in the lid",
        face: "top",
        kind: "mesh",
        shape: "panel",
        mesh: mesh.id,
      },
      ...{ origin: "made", meshOrigin: "made" },
      ...{ u: whole(uMm + widthMm / 2), v: whole(vMm + heightMm / 2), lap: whole(20) },
      ...{ width: whole(widthMm / 2), height: whole(heightMm / 2) },
    }),
  ];
}

/** A wall must top what an animal reaches by this much. From memory. */
const REACH_SPARE = 1.2;

/** Whether nobody who lives there gets out over the walls. */
function walledIn({ shell, brief }: Site): boolean {
  const wallMm = shell.levels.topMm - shell.levels.groundMm;
  const { residents } = brief;
  return (
    residents.length > 0 &&
    residents.every(
      (r) => r.reach !== null && !r.traits.climbs && (r.reach.high ?? r.reach.value) * REACH_SPARE < wallMm,
    )
  );
}

/** An opening that nothing closes, with what could. */
export function openSnags({ site, opening, own }: Here): Snag[] {
  const top = opening.face === "top";
  const walled = top && walledIn(site);
  const mesh = top ? lidMesh(site, opening) : [];
  const beside = { patch: mesh, words: mesh.length > 0 ? ", with mesh in it" : "" };
  const size = `${site.say(opening.widthMm)} × ${site.say(opening.heightMm)}`;
  return [
    {
      rule: "front/no-door",
      subject: own("front"),
      severity: walled ? "mind" : "stop",
      stage: "front",
      title: top ? "The top is open" : "The front is open",
      sentence: `An opening of ${size} has no ${top ? "lid" : "door"} yet.`,
      reason: !top
        ? "Nothing is kept in, and no glass can be ordered."
        : walled
          ? "The walls are higher than anything here reaches; a lid keeps hands, cats and draughts out."
          : "Nothing that climbs or jumps is kept in.",
      otherFixes: kindsFor(site.variant.shell, opening.id).flatMap((k) => k.offers(site, opening, beside)),
    },
  ];
}
