import { statedMm } from "../design/measure";
import { firstMaterial, STUFFS, sheetMaterial } from "../dividers/stuffs";
import { set } from "../ledgers/fix";
import type { Severity, Snag } from "../ledgers/ledger";
import type { ToReach } from "../ledgers/toReach";
import { findMaterial, materialsOf } from "../materials/find";
import type { Site } from "../shell/site";
import { outsideSnags } from "../shell/standsIn";
import { over } from "../units/tolerance";
import { holdsOn } from "./parts";
import type { ServiceBox } from "./schema";
import { boxHighMm, boxRect } from "./sizes";

/** A way in for water at the foot begins so high, mm. From memory. */
const FOOT_MM = 30;

/** Where a box stands, what holds it, how water gets in and hands do. */
export function boxSnags(site: Site, box: ServiceBox, path: string, toReach: readonly ToReach[]): Snag[] {
  const list: Snag[] = [];
  const add = (own: string, severity: Severity, snag: Omit<Snag, "stage" | "subject" | "severity">) =>
    list.push({ stage: "ground", subject: own ? `${box.id}-${own}` : box.id, severity, ...snag });
  list.push(
    ...outsideSnags(site, { trade: "boxes", subject: `${box.id}-place`, name: box.name, rect: boxRect(box), path }),
  );
  heightSnags(site, box, path, add);
  madeSnags(site, box, path, add);
  usageSnags(site, box, path, add, toReach.length > 0);
  return list;
}
type Add = (own: string, severity: Severity, snag: Omit<Snag, "stage" | "subject" | "severity">) => void;

function heightSnags({ shell, say }: Site, box: ServiceBox, path: string, add: Add): void {
  const { levels } = shell;
  if (over(boxHighMm(shell, box), levels.topMm))
    add("high", "stop", {
      rule: "boxes/over-the-lid",
      title: `${box.name} stands out of the shell`,
      sentence: `${say(boxHighMm(shell, box))} high; the lid's underside is ${say(levels.topMm, "down")} over the base.`,
      reason: "A box is flush under the lid, or has its own cover below it: over it nothing shuts.",
      fix: { label: "Cut it flush under the lid", patch: [set(`${path}/height`, null)] },
    });
}

function madeSnags({ book }: Site, box: ServiceBox, path: string, add: Add): void {
  if (box.held === "silicone" && !holdsOn(box))
    add("held", "stop", {
      rule: "boxes/silicone-lets-go",
      title: `Silicone lets go of ${box.name.toLowerCase()}`,
      sentence: `It is ${STUFFS[box.of].words}, said to be siliconed in.`,
      reason: "Nothing bonds to polypropylene for long but hot glue on a keyed edge (common practice, no source).",
      fix: { label: "Key it, and glue it hot", patch: [set(`${path}/held`, "hotGlue")] },
      otherFixes: [
        {
          label: "Make it of glass",
          patch: [set(`${path}/of`, "glass"), set(`${path}/material`, firstMaterial(book, "glass"))],
        },
      ],
    });
  const first = firstMaterial(book, box.of);
  if (box.origin === "made" && first && !sheetMaterial(book, box))
    add("of", "note", {
      rule: "boxes/no-material",
      title: `Of which sheet is ${box.name.toLowerCase()}?`,
      sentence: "Nobody said, so it is neither cut nor bought.",
      reason: "How thick it is decides the cut of its sides.",
      fix: {
        label: `Cut it from “${book.materials.find((m) => m.id === first)!.name}”`,
        patch: [set(`${path}/material`, first)],
      },
    });
}

function usageSnags({ shell, say, book, brief }: Site, box: ServiceBox, path: string, add: Add, holds: boolean): void {
  const wet = shell.levels.waterMm > 0;
  const mesh = box.foot && findMaterial(book, box.foot.mesh, "mesh");
  const meshes = materialsOf(book, "mesh");
  if (!box.foot && wet && holds)
    add("foot", "mind", {
      rule: "boxes/no-way-in",
      title: `Water finds no way into ${box.name.toLowerCase()}`,
      sentence: "It has no opening at its foot.",
      reason: "What pumps in it runs dry: a window at the foot, behind a screen that keeps animals and clay out.",
      ...(meshes[0] && {
        fix: {
          label: `Cut a window ${say(FOOT_MM)} high, behind “${meshes[0].name}”`,
          patch: [
            set(`${path}/foot`, {
              mesh: meshes[0].id,
              height: statedMm(FOOT_MM),
            }),
          ],
        },
      }),
    });
  if (mesh) {
    const least = Math.min(
      ...brief.residents.flatMap((r) => (r.narrowestRigid ? [r.narrowestRigid.low ?? r.narrowestRigid.value] : [])),
    );
    const lets = Math.max(...mesh.apertureMm) > least;
    const finer = meshes
      .filter((m) => Math.max(...m.apertureMm) <= least)
      .sort((a, b) => Math.max(...b.apertureMm) - Math.max(...a.apertureMm))[0];
    if (lets)
      add("screen", "mind", {
        rule: "boxes/screen-lets-in",
        title: `Animals get into ${box.name.toLowerCase()}`,
        sentence: `Its foot screen has openings of ${say(Math.max(...mesh.apertureMm))}; ${say(least)} passes.`,
        reason: "What gets into a box with a pump does not come out by itself.",
        ...(finer && {
          fix: { label: `Screen it with “${finer.name}”`, patch: [set(`${path}/foot/mesh`, finer.id)] },
        }),
      });
  }
  if (box.cover === "glued")
    add("cover", "mind", {
      rule: "boxes/cover-glued",
      title: `${box.name} cannot be opened`,
      sentence: "Its cover is glued.",
      reason: "What fails is taken out: without a cover that lifts the box is broken for it.",
      fix: { label: "Let its cover lift", patch: [set(`${path}/cover`, "lifts")] },
    });
  if (
    box.cover === "none" &&
    brief.residents.some((r) => r.traits.climbs) &&
    boxHighMm(shell, box) < shell.levels.topMm
  )
    add("cover", "mind", {
      rule: "boxes/open-top",
      title: `Animals climb into ${box.name.toLowerCase()}`,
      sentence: "It is open at the top, below the lid.",
      reason: "What climbs in among pump and cable is caught there.",
      fix: { label: "Give it a cover that lifts", patch: [set(`${path}/cover`, "lifts")] },
    });
}
