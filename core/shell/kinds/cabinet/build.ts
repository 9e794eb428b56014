import { FACES, type FaceId } from "../../../design/names";
import type { Variant } from "../../../document/schema";
import { stackLevels } from "../../../levels/levels";
import { FOUND_MATERIALS, foundFace } from "../../../materials/face";
import { boxFaces, FACE_WORDS, faceSolid } from "../../boxFaces";
import { boxProfile, volumeBelowMl } from "../../profile";
import type { FoundGap, Shell, Solid } from "../../shell";
import { boxSeams } from "../boxSeams";
import type { CabinetShell } from "./schema";
import { cutShelves, layTray } from "./tray";

/** Ways out a cabinet comes with: between and round its doors, and through holes nobody plugged. */
function foundGaps({ doors, holes }: CabinetShell["found"]): FoundGap[] {
  return [
    ...(doors.leaves === 2
      ? [{ id: "doors-meet", label: "where the doors meet", kind: "slot" as const, mm: doors.meetingGap.value }]
      : []),
    { id: "doors-edge", label: "round the doors", kind: "slot", mm: doors.edgeGap.value },
    ...(holes.count > 0 && !holes.plugged
      ? [
          {
            id: "hardware",
            label: "hardware holes",
            kind: "round" as const,
            mm: holes.dia.value,
            cover: "nothing yet: plug them",
            mend: { label: "Plug the holes", path: "/shell/found/holes/plugged", value: true },
          },
        ]
      : []),
  ];
}

/** A cabinet as it will stand, with its tray. */
export function buildCabinet({ shell: anyShell, seal, ground }: Variant): Shell {
  const shell = anyShell as CabinetShell;
  const { found } = shell;
  const t = (face: FaceId) => found.faces[face].thickness.value;
  const inside = {
    widthMm: found.width.value - t("left") - t("right"),
    depthMm: found.depth.value - t("front") - t("back"),
    heightMm: found.height.value - t("top") - t("base"),
  };
  const profile = boxProfile(inside);
  const tray = layTray(shell, inside);
  const levels = stackLevels({
    insideHeightMm: inside.heightMm,
    groundMm: shell.groundDepth?.value,
    ground,
    waterMm: seal.standingWater?.value,
    damMm: tray?.heightMm ?? 0,
  });
  const faces = boxFaces(inside, (face) => foundFace(found.faces[face].material, t(face)), []);
  const frame = found.frame.value;
  const kept: Solid[] = found.shelves
    .filter((s) => s.use === "keep")
    .map((s, i) => ({
      id: `shelf/${i}`,
      label: s.name,
      kg:
        (s.width.value * s.depth.value * s.thickness.value * s.count * FOUND_MATERIALS[s.material].density.value) / 1e9,
      at: [inside.widthMm / 2, inside.depthMm / 2, inside.heightMm / 2],
    }));
  const trayKg = tray
    ? (tray.panes.reduce((sum, p) => sum + p.lengthMm * p.widthMm * p.qty, 0) * tray.glassMm * tray.densityKgPerM3) /
      1e9
    : 0;
  return {
    kind: "cabinet",
    words: "cabinet",
    inside,
    outside: { widthMm: found.width.value, depthMm: found.depth.value, heightMm: found.height.value },
    legsMm: found.legs?.value ?? 0,
    profile,
    volumeMl: volumeBelowMl(profile, inside.heightMm),
    volumeWorking: {
      formula: "(width − sides) × (depth − back − doors) × (height − base − top)",
      inputs: [
        { name: "width outside", value: found.width.value, unit: "mm" },
        { name: "depth outside", value: found.depth.value, unit: "mm" },
        { name: "height outside", value: found.height.value, unit: "mm" },
        ...FACES.map((face) => ({ name: FACE_WORDS[face].toLowerCase(), value: t(face), unit: "mm" })),
      ],
    },
    faces,
    strips: [],
    openings: [
      {
        id: "front",
        face: "front",
        uMm: frame,
        vMm: frame,
        widthMm: inside.widthMm - 2 * frame,
        heightMm: inside.heightMm - 2 * frame,
      },
    ],
    panels: [],
    joints: [],
    // The doors' edges are gaps, not seams: the front takes no bead.
    seams: [
      ...(tray?.seams ?? []),
      ...boxSeams(inside, ["front"], [], { ...levels, damTopMm: 0 }).map((s) => (tray ? { ...s, wet: false } : s)),
    ],
    solids: [
      ...Object.values(faces).map((f) => faceSolid(f, FACE_WORDS[f.id])),
      ...kept,
      ...(tray
        ? [
            {
              id: "tray",
              label: "Tray",
              kg: trayKg,
              at: [inside.widthMm / 2, inside.depthMm / 2, tray.heightMm / 4] as const,
            },
          ]
        : []),
    ],
    gaps: foundGaps(found),
    doorLeaves: found.doors.leaves,
    heldWalls: ["left", "right", "back"],
    tray: tray && {
      widthMm: tray.widthMm,
      depthMm: tray.depthMm,
      heightMm: tray.heightMm,
      glassMm: tray.glassMm,
    },
    reusable: cutShelves(shell).map((s) => ({
      id: `shelf-${found.shelves.indexOf(s)}`,
      label: s.name,
      family: FOUND_MATERIALS[s.material].family,
      thicknessMm: s.thickness.value,
      widthMm: s.width.value,
      heightMm: s.depth.value,
      count: s.count,
    })),
    ownPanes: tray?.panes ?? [],
    levels,
    damPath: shell.tray ? "/shell/tray/height" : null,
    insidePaths: null,
  };
}
