import type { Variant } from "../../../document/schema";
import type { Checker } from "../../../ledgers/checker";
import { checkDam } from "../../dam/check";
import { checkScreen } from "../../found/screen";
import { checkSecondHand } from "../../found/secondHand";
import { SIZE_LIMIT_MM } from "../../limits";
import { checkOutside } from "../outside";
import { doorOpening, insideOf, leafRoom, sillMm, stripMm } from "./measure";
import type { FrontGlassShell } from "./schema";

/** The least the doors may be high, mm: under it a slip of the tape is likelier, from memory. */
const LEAST_DOOR_MM = 60;

/** Share of a strip that round holes can leave open at the very densest, π/(2√3) (perforated-plate geometry). */
const DENSEST = Math.PI / (2 * Math.sqrt(3));

/** Limits of the survey, each with the number that would be right. */
export function checkFrontGlass(shell: FrontGlassShell, _: Variant, checker: Checker): void {
  const { found } = shell;
  const { between } = checker;
  between("/shell/found/glass", found.glass, 2, 25, "The glass");
  between("/shell/found/basePane", found.basePane, 2, 25, "The base pane");
  between("/shell/found/recess", found.recess, 0, 300, "The recess under the base");
  const inside = insideOf(found);
  checkOutside(found, inside, { leastMm: SIZE_LIMIT_MM.low, again: "the glass" }, checker);
  checkSill(found, inside.heightMm, checker);
  checkDoors(found, checker);
  checkStrip(found, inside.widthMm, checker);
  checkScreen(found.top, "/shell/found/top", inside, checker);
  between("/shell/found/notches/width", found.notches.width, 1, 100, "A notch");
  between("/shell/found/notches/shut", found.notches.shut, 0, found.notches.width.value, "What stays open of a notch");
  between("/shell/found/background/thickness", found.background.thickness, 3, 200, "The background");
  between("/shell/found/background/gap", found.background.gap, 0, 100, "The gap behind the background");
  checkSecondHand(found.secondHand, "/shell/found/secondHand", checker);
  checkDam(shell, [], inside, checker);
  between("/shell/groundDepth", shell.groundDepth, 1, Math.max(1, inside.heightMm / 2), "Substrate");
}

function checkSill(found: FrontGlassShell["found"], insideHeightMm: number, { add, between, say }: Checker): void {
  const path = "/shell/found/sill/height";
  between(path, found.sill.height, 5, 1500, "The sill");
  const mm = sillMm(found);
  const under = found.recess.value + found.basePane.value;
  if (found.sill.from === "stand" && mm < 5)
    add(
      path,
      `A sill ${say(found.sill.height.value)} from the stand ends under the inside of the base, ${say(under)} up. Type ${say(under + 5)} or more, or say that it is measured inside.`,
    );
  const doors = found.doors.height
    ? found.doors.height.value + found.doors.head.value + found.doors.foot.value
    : LEAST_DOOR_MM;
  const most = insideHeightMm - stripMm(found) - doors;
  if (mm > most)
    add(
      path,
      `A sill of ${say(mm)} with ${say(stripMm(found))} of strip on it comes over the foot of the doors, which begin ${say(Math.max(0, insideHeightMm - doors))} up. Type ${say(Math.max(5, most + (found.sill.from === "stand" ? under : 0)))} or less.`,
    );
}

function checkDoors(found: FrontGlassShell["found"], { add, between, say }: Checker): void {
  const path = "/shell/found/doors";
  const { doors } = found;
  for (const [key, words] of [
    ["hinge", "The gap at the hinges"],
    ["meeting", "The gap where the doors meet"],
    ["head", "The gap over the doors"],
    ["foot", "The gap under the doors"],
    ["corner", "The gap at the doors' corners"],
  ] as const)
    between(`${path}/${key}`, doors[key], 0, 60, words);
  between(`${path}/width`, doors.width, 20, 3000, "A door leaf");
  between(`${path}/height`, doors.height, 20, 3000, "A door leaf");
  const room = leafRoom(found);
  if (doors.width && doors.width.value > room.widthMm)
    add(
      `${path}/width`,
      `${doors.leaves === 2 ? "Two leaves" : "A leaf"} of ${say(doors.width.value)} with their gaps are wider than their opening, ${say(doorOpening(found).widthMm)}. Type ${say(Math.max(0, room.widthMm))} or less.`,
    );
}

function checkStrip({ strip }: FrontGlassShell["found"], insideWidthMm: number, checker: Checker): void {
  const { between, add, say } = checker;
  const path = "/shell/found/strip";
  between(`${path}/height`, strip.height, 3, 300, "The strip");
  between(`${path}/length`, strip.length, 10, Math.max(10, insideWidthMm), "The strip's length");
  between(`${path}/bore`, strip.bore, 0.3, 50, "Its holes or slots");
  between(`${path}/slot`, strip.slot, 1, 500, "A slot's length");
  if (!strip.height || insideWidthMm <= 0) return;
  const long = strip.length?.value ?? insideWidthMm;
  const each = strip.openings === "holes" ? (Math.PI / 4) * strip.bore.value ** 2 : strip.bore.value * strip.slot.value;
  const most = Math.floor((long * strip.height.value * DENSEST) / each);
  if (strip.count > most)
    add(
      `${path}/count`,
      `${strip.count} ${strip.openings} of ${say(strip.bore.value)} do not go into a strip of ${say(long)} × ${say(strip.height.value)}. Type ${most} or fewer.`,
    );
}
