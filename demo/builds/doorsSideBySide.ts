import type { ClosureKind } from "../../core/closures/kind";
import { CLOSURE_KINDS } from "../../core/closures/kinds/list";
import { statedMm } from "../../core/design/measure";
import { newBuild, newSheetVariant, newVariant } from "../../core/document/create";
import type { Build, Variant } from "../../core/document/schema";
import { plan } from "../../core/plan";
import type { TankShell } from "../../core/shell/kinds/tank/schema";
import { DEMO_NOW, demoBook, demoWorkshop } from "../tern-street";
import { measured, starter } from "./measures";

/** The shell a kind is tried on: a sheet box for what closes a front, a tank for lids, a tub for what came with it. */
function shellFor(kind: ClosureKind): Variant {
  const bare = { shutAsFound: false, mayStandOpen: true };
  if (kind.suits({ id: "front", face: "front", ...bare })) {
    const box = newSheetVariant({ width: statedMm(860), depth: statedMm(420), height: statedMm(540) }, "pvc-foam-10");
    box.shell.front.dam = statedMm(90);
    box.shell.front.headRail = statedMm(50);
    box.shell.groundDepth = statedMm(60);
    return box;
  }
  if (!kind.suits({ id: "top", face: "top", ...bare })) return newVariant("tub");
  const tank = newVariant("tank");
  const shell = tank.shell as TankShell;
  shell.found = { ...shell.found, length: measured(760), width: measured(380), height: measured(410) };
  return tank;
}

/** One build with a variant for each kind of door and lid, for spiny mice: what each is cut, bought and judged as. */
export function doorsSideBySide(): Build {
  const input = { log: [], nestings: [], book: demoBook(), stock: { offcuts: [], onHand: [] } };
  const build = newBuild("Doors side by side", { unit: "mm" }, shellFor(CLOSURE_KINDS[0]!));
  build.brief.residents = [{ ...starter("spiny-mouse"), count: 5, narrowestRigid: measured(12) }];
  build.variants = CLOSURE_KINDS.map((kind): Variant => {
    const variant: Variant = { ...shellFor(kind), id: kind.kind.toLowerCase(), name: kind.label, closures: [] };
    const bare = { ...build, variants: [variant], chosen: variant.id };
    const { site, shell } = plan({ design: bare, ...input, workshop: demoWorkshop, now: DEMO_NOW, seed: 1 });
    const closed = kind.start(site, shell.openings[0]);
    return { ...variant, closures: [{ ...closed, lock: { kind: "key", origin: closed.origin } }] };
  });
  build.chosen = build.variants[0]!.id;
  return build;
}
