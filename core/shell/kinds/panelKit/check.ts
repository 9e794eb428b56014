import type { Checker } from "../../../ledgers/checker";
import { capital } from "../../../units/capital";
import { checkDam } from "../../dam/check";
import { SIZE_LIMIT_MM } from "../../limits";
import { checkOutside } from "../outside";
import { FASTENER } from "./fasteners";
import { footMm, headMm, insideOf } from "./measure";
import { PLACE } from "./places";
import type { PanelKitShell } from "./schema";

/** Left behind a groove, mm: less breaks out. From memory. */
const BEHIND_GROOVE_MM = 2;

/** Limits of the list, each with the number that would be right. */
export function checkPanelKit(shell: PanelKitShell, _: unknown, checker: Checker): void {
  const { found, putUp } = shell;
  const { between, add, say } = checker;
  between("/shell/found/thickness", found.thickness, 2, 60, "A panel");
  checkPanels(shell, checker);
  checkFasteners(shell, checker);
  const inside = insideOf(found);
  checkOutside(found, inside, { leastMm: SIZE_LIMIT_MM.low - 10, again: "the panels" }, checker);
  const front = footMm(found) + headMm(found);
  if (front > Math.max(0, inside.heightMm - 40))
    add(
      "/shell/found/height",
      `Foot and head of the front take ${say(front)} of ${say(Math.max(0, inside.heightMm))}; no opening is left. Type a height of ${say(found.height.value + front + 40 - inside.heightMm)} or more, or measure them again.`,
    );
  between("/shell/found/doors/meetingGap", found.doors.meetingGap, 0, 60, "The gap where doors meet");
  between("/shell/found/doors/edgeGap", found.doors.edgeGap, 0, 60, "The gap round the doors");
  between("/shell/found/bars/kg", found.bars.kg, 0, 50, "A bar, in kg,");
  for (const way of ["rising", "falling"] as const)
    between(`/shell/found/diagonals/${way}`, found.diagonals[way], 50, 6000, "A diagonal");
  between("/shell/putUp/margin", putUp.margin, 0, 200, "What is masked at a joint");
  checkDam(shell, [], inside, checker);
  between("/shell/groundDepth", shell.groundDepth, 1, Math.max(1, inside.heightMm), "Substrate");
}

function checkPanels({ found }: PanelKitShell, { between, add, say }: Checker): void {
  found.panels.forEach((panel, i) => {
    const path = `/shell/found/panels/${i}`;
    const { words, single } = PLACE[panel.place];
    between(`${path}/length`, panel.length, 10, SIZE_LIMIT_MM.high, "A panel");
    between(`${path}/width`, panel.width, 10, SIZE_LIMIT_MM.high, "A panel");
    between(`${path}/thickness`, panel.thickness, 1, 60, "A panel");
    between(`${path}/holes/bore`, panel.holes.bore, 0.5, 200, "A hole");
    const deepest = Math.max(0, panel.thickness.value - BEHIND_GROOVE_MM);
    if (panel.groove && (panel.groove.value > deepest || panel.groove.value < 0.5))
      add(
        `${path}/groove`,
        panel.groove.value < 0.5
          ? `A groove of ${say(panel.groove.value)} holds nothing. Type ${say(0.5)} or more, or leave it empty.`
          : `A groove of ${say(panel.groove.value)} is deeper than its panel of ${say(panel.thickness.value)} bears. Type ${say(deepest)} or less.`,
      );
    if (single && found.panels.findIndex((p) => p.place === panel.place) !== i)
      add(
        `${path}/place`,
        `Two panels want to be the ${words}. Say where this one goes; ${capital(PLACE.spare.words)} is for what is left over.`,
      );
  });
}

function checkFasteners({ found }: PanelKitShell, { between, add, say }: Checker): void {
  const { kind, length, spacing } = found.fasteners;
  between("/shell/found/fasteners/spacing", spacing, 30, 600, "Their spacing");
  between("/shell/found/fasteners/length", length, 4, 150, "A fastener");
  const box = found.panels.filter((p) => PLACE[p.place].wanted).map((p) => p.thickness.value);
  const all = box.length > 0 ? box : [found.thickness.value];
  const most = Math.min(...all.map(FASTENER[kind].mostMm));
  const least = Math.max(...all.map(FASTENER[kind].leastMm));
  const path = "/shell/found/fasteners/length";
  if (length.value > most)
    add(
      path,
      `${capital(FASTENER[kind].many)} of ${say(length.value)} are too long for a panel of ${say(Math.min(...all))}: ${FASTENER[kind].tooLong}. Type ${say(Math.max(0, most))} or less, or measure the panel again.`,
    );
  else if (length.value < least && least <= most)
    add(
      path,
      `${capital(FASTENER[kind].many)} of ${say(length.value)} do not reach through a panel of ${say(Math.max(...all))}. Type ${say(least)} or more.`,
    );
}
