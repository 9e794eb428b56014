import { CLOSURE_KINDS } from "../../core/closures/kinds/list";
import { statedMm } from "../../core/design/measure";
import { newBuild, newSheetVariant, newVariant } from "../../core/document/create";
import type { Build, Variant } from "../../core/document/schema";
import { plan } from "../../core/plan";
import type { TankShell } from "../../core/shell/kinds/tank/schema";
import { demoBook, demoWorkshop } from "../tern-street";
import { measured, starter } from "./measures";

/** The shells the doors and lids are tried on: a sheet box for what closes a front, a tank for lids, a tub for its own. */
function shellFor(kind: string): Variant {
  if (kind === "tubLid" || kind === "found") return newVariant("tub");
  const front = CLOSURE_KINDS.find((k) => k.kind === kind)!.suits({
    ...{ id: "front", face: "front", shutAsFound: false, mayStandOpen: true },
  });
  if (front) {
    const box = newSheetVariant({ width: statedMm(860), depth: statedMm(420), height: statedMm(540) }, "pvc-foam-10");
    box.shell.front.dam = statedMm(90);
    box.shell.front.headRail = statedMm(50);
    return box;
  }
  const tank = newVariant("tank");
  const shell = tank.shell as TankShell;
  shell.found = { ...shell.found, length: measured(760), width: measured(380), height: measured(410) };
  return tank;
}

/** One build with a variant for each kind of door and lid, for spiny mice: what each is cut, bought and judged as. */
export function doorsSideBySide(): Build {
  const input = { log: [], nestings: [], book: demoBook(), stock: { offcuts: [], onHand: [] } };
  const build = newBuild("Doors side by side", { unit: "mm" }, shellFor("slidingPair"));
  build.brief.residents = [{ ...starter("spiny-mouse"), count: 5, narrowestRigid: measured(12) }];
  build.variants = CLOSURE_KINDS.map(({ kind, label }): Variant => {
    const variant: Variant = { ...shellFor(kind), id: kind.toLowerCase(), name: label };
    variant.closures = [];
    const bare = { ...build, variants: [variant], chosen: variant.id };
    const { site, shell } = plan({ design: bare, ...input, workshop: demoWorkshop, now: "2026-01-05T17:00", seed: 1 });
    const closed = CLOSURE_KINDS.find((k) => k.kind === kind)!.start(site, shell.openings[0]);
    return { ...variant, closures: [{ ...closed, lock: { kind: "key", origin: closed.origin } }] };
  });
  build.chosen = build.variants[0]!.id;
  return build;
}
