import { levelSlot, meshPorosity, type OpenMesh } from "../../escape/airPath";
import { type Known, memory } from "../../figures/figure";
import type { Checker } from "../../ledgers/checker";
import { set } from "../../ledgers/fix";
import { emptyLedger, type Snag, type TradeLedger } from "../../ledgers/ledger";
import { findMaterial, materialsOf } from "../../materials/find";
import type { Book } from "../../materials/schema";
import { formatNumber } from "../../units/format";
import { topCarriesKg } from "../carries";
import type { Rect } from "../faces";
import type { FoundGap, OwnHold } from "../shell";
import type { Site } from "../site";
import type { Size3 } from "../size";
import type { SurveyField } from "../survey";
import { slotOf } from "./doors";
import { checkPatch, type FoundMesh, foundMeshParts, foundMeshSteps, LAP_MM, meshGlue, meshSupplies } from "./mesh";
import type { Screen } from "./schema";
import { planCover } from "./screenCover";

/** A screen that does not lift off is held by its frame. */
export const FIXED_SCREEN: OwnHold = { words: "its fixed frame", firm: true };

/** Its clear size in the middle of the top. */
export function screenRect({ width, depth }: Screen, inside: Pick<Size3, "widthMm" | "depthMm">): Rect {
  const widthMm = width?.value ?? inside.widthMm;
  const heightMm = depth?.value ?? inside.depthMm;
  return { uMm: (inside.widthMm - widthMm) / 2, vMm: (inside.depthMm - heightMm) / 2, widthMm, heightMm };
}

/** What of it a sheet over it leaves open. */
const openShare = ({ covered }: Screen): number => 1 - (covered?.value ?? 0) / 100;

/** The mesh as it will be: the book's where it is replaced. */
function meshAs({ aperture, wire, fate, mesh }: Screen, book: Book): { aperture: [number, number]; open: OpenMesh } {
  const made = fate === "replaced" && mesh !== null ? findMaterial(book, mesh, "mesh") : undefined;
  const apertures = made ? made.apertureMm : ([aperture.value, aperture.value] as const);
  const wireMm = made ? made.wireMm : wire.value;
  return { aperture: [...apertures], open: { porosity: meshPorosity(apertures, wireMm), wireMm } };
}

/**
 * A screened top as ways out and for air: its mesh, a hole in it that nobody mends, and the gap under its lip.
 * @param opening the opening it closes
 * @param path of the screen in the variant
 */
export function screenGaps(screen: Screen, book: Book, inside: Size3, opening: string, path: string): FoundGap[] {
  const rect = screenRect(screen, inside);
  const { aperture, open } = meshAs(screen, book);
  const zMm = inside.heightMm;
  const roundMm = 2 * (rect.widthMm + rect.heightMm);
  const top = { face: "top", opening } as const;
  const patchOf = (screen.mesh !== null && findMaterial(book, screen.mesh, "mesh")) || materialsOf(book, "mesh")[0];
  const torn = (screen.fate ?? "kept") === "kept" ? (screen.hole?.value ?? 0) : 0;
  return [
    {
      ...{ id: "screen", label: "the screen", ...top, way: { kind: "mesh", apertureMm: aperture } },
      ...{ seat: "screen", lengthMm: rect.widthMm, acrossMm: rect.heightMm, at: [rect], vent: true },
      air: [{ grossMm2: rect.widthMm * rect.heightMm * openShare(screen), zMm, uprightMm: null, screens: [open] }],
      coverable: { path: `${path}/covered`, percent: screen.covered?.value ?? 0 },
      cover: "its mesh",
    },
    ...(torn > 0
      ? [
          {
            ...{ id: "screen-torn", label: "a hole in the screen", ...top },
            ...{ way: { kind: "round", diameterMm: torn } as const, seat: "hole" as const, lengthMm: torn, at: [] },
            ...{ air: [], cover: "nothing" },
            ...(patchOf && {
              mend: {
                label: "Patch the screen",
                sets: [
                  { path: `${path}/fate`, value: "mended" },
                  { path: `${path}/mesh`, value: patchOf.id },
                ],
              },
            }),
          },
        ]
      : []),
    {
      ...{ id: "screen-lip", label: "under the screen's lip", ...top },
      way: slotOf(screen.lip),
      ...{ seat: "rim", lengthMm: roundMm, at: [], air: levelSlot(screen.lip.value, roundMm, zMm) },
      cover: screen.fixed ? "its fixed frame" : "its own weight",
    },
  ];
}

/** Limits of a screened top. */
export function checkScreen(screen: Screen, path: string, inside: Size3, checker: Checker): void {
  const { between, add, say, book } = checker;
  for (const [key, insideMm, words] of [
    ["width", inside.widthMm, "wide"],
    ["depth", inside.depthMm, "deep"],
  ] as const) {
    const measure = screen[key];
    between(`${path}/${key}`, measure, 20, 4000, "The screen");
    if (measure && measure.value > insideMm)
      add(
        `${path}/${key}`,
        `A screen ${say(measure.value)} ${words} is larger than the top it lies in, ${say(insideMm)}. Type ${say(insideMm)} or less.`,
      );
  }
  between(`${path}/aperture`, screen.aperture, 0.1, 30, "The mesh, clear between its wires");
  between(`${path}/wire`, screen.wire, 0.05, 5, "The wire");
  between(`${path}/lip`, screen.lip, 0, 30, "The gap under the screen's lip");
  const percent = screen.covered?.value ?? 0;
  if (percent < 0 || percent > 95)
    add(
      `${path}/covered`,
      `A sheet covers ${percent} % of the screen: between 0 and 95 % is taken, for all breathe through the rest.`,
    );
  checkPatch(screen, path, checker);
  if (screen.mesh !== null && !findMaterial(book, screen.mesh, "mesh"))
    add(`${path}/mesh`, `The book has no mesh “${screen.mesh}”. Choose another.`);
  if (screen.fate !== undefined && screen.fate !== "kept" && screen.mesh === null)
    add(`${path}/mesh`, "Choose the mesh it is mended or covered with.");
  if (screen.fate === "mended" && !screen.hole) add(`${path}/hole`, "Type how wide the hole in the mesh is.");
}

/** What a survey asks of a screened top. @param path of the screen in the variant */
export const screenFields = (path: string, notes: { aperture?: string; lip?: string } = {}): SurveyField[] => [
  { path: `${path}/fixed`, label: "The screen is fixed: it does not lift off", ask: "tick" },
  { path: `${path}/width`, label: "Clear, wide", ask: "length", optional: true, empty: "whole inside" },
  { path: `${path}/depth`, label: "Clear, deep", ask: "length", optional: true, empty: "whole inside" },
  {
    path: `${path}/aperture`,
    label: "Mesh, clear between wires",
    ask: "length",
    ...(notes.aperture && { arrow: notes.aperture }),
  },
  { path: `${path}/wire`, label: "Mesh, wire", ask: "length" },
  { path: `${path}/lip`, label: "Gap under its lip", ask: "length", ...(notes.lip && { arrow: notes.lip }) },
  {
    ...{ path: `${path}/covered`, label: "A sheet over it covers, %", ask: "plain" as const },
    ...{ optional: true, empty: "none of it", suffix: "%" },
  },
  { path: `${path}/hole`, label: "Torn, how wide", ask: "length", optional: true, empty: "whole" },
  {
    path: `${path}/fate`,
    label: "Its mesh is",
    ask: "choice",
    options: [
      ["kept", "kept as it is"],
      ["mended", "patched"],
      ["replaced", "replaced"],
    ],
  },
  { path: `${path}/mesh`, label: "New mesh, or a patch of", ask: "mesh" },
  {
    path: `${path}/patch`,
    label: "Patch, how wide",
    ask: "length",
    optional: true,
    empty: "least that laps",
    when: { path: `${path}/fate`, is: "mended" },
  },
];

/** Its mesh and what becomes of it. */
const asMesh = (screen: Screen, inside: Size3): FoundMesh => {
  const { widthMm, heightMm } = screenRect(screen, inside);
  const { fate = "kept", hole = null, patch = null, mesh } = screen;
  return {
    ...{ id: "shell/screen", name: "the screen", fate, hole, patch, materialId: mesh },
    ...{ widthMm, heightMm, lapMm: LAP_MM },
  };
};

/** Mesh bears this much in its middle, kg. */
const SCREEN_BEARS_KG: Known = { value: 0.5, basis: memory };

/** What stands on a screen. */
function loadSnags({ variant, at }: Site): Snag[] {
  const kg = topCarriesKg(variant);
  if (kg <= SCREEN_BEARS_KG.value) return [];
  return [
    {
      rule: "shell/screen-load",
      subject: "screen",
      severity: "mind",
      stage: "shell",
      title: "Too heavy for the screen",
      sentence: `${formatNumber(kg)} kg stands on it; mesh bears ${formatNumber(SCREEN_BEARS_KG.value)} kg in its middle (from memory).`,
      reason: "It sags, opens at its lip, and drops what is hot. Hang it from a bar across the frame, or from above.",
      fix: {
        label: "Hang it from above",
        patch: [
          set(at("/shell/topLoadKg"), { ...variant.shell.topLoadKg, typed: "0", value: 0 }),
          ...variant.fixtures.flatMap((f, i) => (f.face === "top" ? [set(at(`/fixtures/${i}/held`), "hung")] : [])),
        ],
      },
    },
  ];
}

/** Parts, supplies and steps of a screen that is mended, gets new mesh, or a sheet laid over part of it. */
export function planScreen(site: Site, screen: Screen): TradeLedger {
  const mesh = asMesh(screen, site.shell.inside);
  const parts = foundMeshParts(site, mesh);
  const cover = planCover(site, screen);
  return {
    ...emptyLedger(),
    snags: loadSnags(site),
    parts: [...parts, ...cover.parts],
    supplies: [...meshSupplies(site, parts, "shell"), ...meshGlue(site, parts, "shell")],
    steps: [...foundMeshSteps(mesh, "shell"), ...cover.steps],
  };
}
