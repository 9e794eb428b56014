import { FACES } from "../../../design/names";
import type { Checker } from "../../../ledgers/checker";
import { capital } from "../../../units/capital";
import { FACE_WORDS } from "../../boxFaces";
import { checkDam } from "../../dam/check";
import { SIZE_LIMIT_MM } from "../../limits";

import type { CabinetShell } from "./schema";
import { cutShelves } from "./tray";

/** Limits of the survey, each with the number that would be right. */
export function checkCabinet(shell: CabinetShell, _: unknown, checker: Checker): void {
  const { between, add, say } = checker;
  const { found, tray } = shell;
  const walls = { width: ["left", "right"], depth: ["front", "back"], height: ["base", "top"] } as const;
  for (const [key, [a, b]] of Object.entries(walls) as [keyof typeof walls, (typeof walls)["width"]][]) {
    const name = capital(key);
    const path = `/shell/found/${key}`;
    between(path, found[key], SIZE_LIMIT_MM.low, SIZE_LIMIT_MM.high, name);
    const taken = found.faces[a].thickness.value + found.faces[b].thickness.value;
    if (found[key].value >= SIZE_LIMIT_MM.low && found[key].value < taken + SIZE_LIMIT_MM.low)
      add(
        path,
        `${name} of ${say(found[key].value)} leaves no inside between faces of ${say(taken)} together. Type ${say(taken + SIZE_LIMIT_MM.low)} or more.`,
      );
  }
  for (const face of FACES)
    between(`/shell/found/faces/${face}/thickness`, found.faces[face].thickness, 0.4, 60, FACE_WORDS[face]);
  between("/shell/found/doors/meetingGap", found.doors.meetingGap, 0, 60, "The gap where doors meet");
  between("/shell/found/doors/edgeGap", found.doors.edgeGap, 0, 60, "The gap round the doors");
  const narrowest = Math.min(found.width.value, found.height.value);
  between("/shell/found/frame", found.frame, 0, Math.max(0, narrowest / 2 - 40), "The frame");
  between("/shell/found/holes/dia", found.holes.dia, 0.5, 200, "A hole");
  between("/shell/found/legs", found.legs, 5, 1500, "Legs");
  found.shelves.forEach((shelf, i) => {
    const path = `/shell/found/shelves/${i}`;
    between(`${path}/width`, shelf.width, 30, found.width.value, "A shelf's width");
    between(`${path}/depth`, shelf.depth, 30, found.depth.value, "A shelf's depth");
    between(`${path}/thickness`, shelf.thickness, 2, 60, "A shelf");
  });
  const insideMm = (key: keyof typeof walls) =>
    found[key].value - walls[key].reduce((sum, face) => sum + found.faces[face].thickness.value, 0);
  between(
    "/shell/found/below/height",
    found.below.height,
    5,
    Math.max(5, insideMm("height") - 60),
    "The board below the doors",
  );
  between("/shell/found/below/thickness", found.below.thickness, 2, 60, "The board below the doors");
  checkDam(
    shell,
    found.shelves,
    { widthMm: insideMm("width"), depthMm: insideMm("depth"), heightMm: insideMm("height") },
    checker,
  );
  if (tray) {
    const glass = cutShelves(shell)[0]?.thickness.value ?? 4;
    between("/shell/tray/height", tray.height, glass + 10, Math.max(glass + 10, insideMm("height") / 2), "The tray");
  }
  between("/shell/groundDepth", shell.groundDepth, 1, Math.max(1, found.height.value / 2), "Substrate");
}
