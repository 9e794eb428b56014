import type { Operation } from "fast-json-patch";
import { statedMm } from "../design/measure";
import { isVent } from "../features/vents";
import { set, setMm } from "../ledgers/fix";
import type { Snag } from "../ledgers/ledger";
import { materialsOf } from "../materials/find";
import { kindOf } from "../shell/kinds/index";
import { railFixes } from "../shell/kinds/sheet/snags";
import type { Site } from "../shell/site";
import { formatNumber } from "../units/format";
import { sawToleranceMm } from "../workshop/sawTolerance";
import type { Audit, JudgedWay } from "./escape";
import { newSlidingPair } from "./kinds/slidingPair/create";
import { type Slides, THIN_GLASS_M2 } from "./sliding";

/** Panes pass one another by this much (source: doors-and-gaps). */
const OVERLAP_MM = { low: 20, high: 30 } as const;

/** What doors, gaps and locks are judged by. */
export function closureSnags(
  site: Site,
  slides: Slides | undefined,
  audits: Audit[],
  railSagMm: number | undefined,
): Snag[] {
  return [
    ...(slides ? slideSnags(site, slides, railSagMm) : openSnags(site)),
    ...lidSnags(site),
    ...auditSnags(site, audits),
    ...lockSnags(site),
  ];
}

/** Screen lids are held by a clip this often along the rim (source: doors-and-gaps). */
const CLIP_EVERY_MM = 300;

function lidSnags(site: Site): Snag[] {
  const { closure } = site.variant;
  if (closure.kind !== "lid") return [];
  const { opening } = site.shell;
  const roundMm = 2 * (opening.widthMm + opening.heightMm);
  const wanted = Math.ceil(roundMm / CLIP_EVERY_MM);
  if (closure.clips >= wanted) return [];
  return [
    {
      rule: "front/few-clips",
      subject: "lid",
      severity: "mind",
      stage: "front",
      title: "Too few clips on the lid",
      sentence: `${closure.clips} along ${site.say(roundMm)} of rim; one each ${site.say(CLIP_EVERY_MM)} makes ${wanted}.`,
      reason: "Between clips a frame bows and a nose lifts it (trade practice, no source).",
      fix: { label: `Use ${wanted} clips`, patch: [set(site.at("/closure/clips"), wanted)] },
    },
  ];
}

/** Mesh in the middle of a new lid, half as long and wide as its opening, where the shell has no other vent. */
function lidMesh(site: Site): Operation[] {
  const mesh = materialsOf(site.book, "mesh")[0];
  if (!mesh || site.variant.features.some(isVent)) return [];
  const { uMm, vMm, widthMm, heightMm } = site.shell.opening;
  const whole = (mm: number) => statedMm(Math.round(mm));
  let n = 1;
  while (site.variant.features.some((f) => f.id === `lid-mesh-${n}`)) n++;
  return [
    set(site.at("/features/-"), {
      ...{ id: `lid-mesh-${n}`, name: "Mesh in the lid", face: "top", kind: "mesh", shape: "panel", mesh: mesh.id },
      ...{ u: whole(uMm + widthMm / 2), v: whole(vMm + heightMm / 2), lap: whole(20) },
      ...{ width: whole(widthMm / 2), height: whole(heightMm / 2) },
    }),
  ];
}

/** A wall must top what an animal reaches by this much. From memory. */
const REACH_SPARE = 1.2;

function openSnags(site: Site): Snag[] {
  if (site.variant.closure.kind !== "open") return [];
  const { opening } = site.shell;
  const wallMm = site.shell.levels.topMm - site.shell.levels.groundMm;
  const { residents } = site.brief;
  const walled =
    residents.length > 0 &&
    residents.every(
      (r) => r.reach !== null && !r.traits.climbs && (r.reach.high ?? r.reach.value) * REACH_SPARE < wallMm,
    );
  const mesh = lidMesh(site);
  const airs = mesh.length > 0 ? ", with mesh in it" : "";
  if (opening.face === "top")
    return [
      {
        rule: "front/no-door",
        subject: "front",
        severity: walled ? "mind" : "stop",
        stage: "front",
        title: "The top is open",
        sentence: `An opening of ${site.say(opening.widthMm)} × ${site.say(opening.heightMm)} has no lid yet.`,
        reason: walled
          ? "The walls are higher than anything here reaches; a lid keeps hands, cats and draughts out."
          : "Nothing that climbs or jumps is kept in.",
        otherFixes: kindOf(site.shell).closures.flatMap((kind) =>
          kind === "found"
            ? [
                {
                  label: `Put its own lid on${airs}`,
                  patch: [set(site.at("/closure"), { kind, lock: "none" }), ...mesh],
                },
              ]
            : kind === "lid"
              ? (["none", "key"] as const).map((lock) => ({
                  label: `Put a lid on${airs}`,
                  patch: [set(site.at("/closure"), { kind, gap: statedMm(1), clips: 4, lock }), ...mesh],
                }))
              : [],
        ),
      },
    ];
  return [
    {
      rule: "front/no-door",
      subject: "front",
      severity: "stop",
      stage: "front",
      title: "The front is open",
      sentence: `An opening of ${site.say(opening.widthMm)} × ${site.say(opening.heightMm)} has no door yet.`,
      reason: "Nothing is kept in, and no glass can be ordered.",
      otherFixes: [
        { lock: "none" as const, brushStrip: false },
        { lock: "wedge" as const, brushStrip: false },
        { lock: "key" as const, brushStrip: false },
        { lock: "key" as const, brushStrip: true },
      ].map((how) => ({
        label: `Put a sliding pair in${how.lock === "key" ? ", with a key lock" : ""}`,
        patch: [
          set(site.at("/closure"), {
            ...newSlidingPair(opening.widthMm * opening.heightMm > 2e6 * THIN_GLASS_M2 ? 6 : 4),
            ...how,
          }),
        ],
      })),
    },
  ];
}

function slideSnags(site: Site, { fit, track, glass }: Slides, railSagMm: number | undefined): Snag[] {
  const { closure } = site.variant;
  const { say, at } = site;
  if (closure.kind !== "slidingPair") return [];
  const list: Snag[] = [];
  const add = (snag: Omit<Snag, "stage" | "subject"> & { subject?: string }) =>
    list.push({ stage: "front", subject: "slides", ...snag });
  const matching = materialsOf(site.book, "track").find((t) => t.glassMm === glass.thicknessMm);
  if (glass.thicknessMm >= track.grooveMm.value)
    add({
      rule: "front/glass-too-thick-for-track",
      severity: "stop",
      title: "The glass does not go into the groove",
      sentence: `Glass of ${say(glass.thicknessMm)} in a groove ${say(track.grooveMm.value, "down")} wide.`,
      reason: `A pane needs about ${site.say(0.5)} of play on each side to run.`,
      ...(matching && {
        fix: { label: `Use ${matching.name}`, patch: [set(at("/closure/track"), matching.id)] },
      }),
    });
  else if (glass.thicknessMm < track.glassMm)
    add({
      rule: "front/glass-loose-in-track",
      severity: "mind",
      title: "The glass is loose in its groove",
      sentence: `${say(glass.thicknessMm)} glass in a track for ${say(track.glassMm)}: it rattles ${say(track.grooveMm.value - glass.thicknessMm, "up")}.`,
      reason: "Play in the grooves adds to the gap between the panes.",
      ...(matching && {
        fix: { label: `Use ${matching.name}`, patch: [set(at("/closure/track"), matching.id)] },
      }),
    });
  if (!fit.liftsIn)
    add({
      rule: "front/cannot-lift-in",
      severity: "stop",
      title: "The panes cannot be lifted in",
      sentence: `To hold, a pane needs ${say(fit.leastPaneMm, "up")}; to lift over the lip it may have ${say(fit.mostPaneMm, "down")}.`,
      reason: `The top groove must be at least ${site.say(5)} deeper than the bottom one.`,
      ...(matching &&
        matching.id !== track.id && {
          fix: { label: `Use ${matching.name}`, patch: [set(at("/closure/track"), matching.id)] },
        }),
      figure: "front/pane-height",
    });
  const windowMm = fit.mostPaneMm - fit.leastPaneMm;
  const toleranceMm = sawToleranceMm(site.shell.opening.heightMm);
  if (fit.liftsIn && windowMm < 2 * toleranceMm)
    add({
      rule: "front/measure-before-glass",
      severity: "note",
      title: "Measure the opening before the glass is cut",
      sentence: `The pane's height has ${say(windowMm, "down")} to choose in; the opening may come out ± ${say(toleranceMm, "up")}.`,
      reason: "Saw tolerance by ISO 2768-1 medium. The diary orders the glass after the frame stands.",
      figure: "front/pane-height",
    });
  const paneM2 = (fit.pane.widthMm * fit.pane.heightMm) / 1e6;
  const thick = materialsOf(site.book, "glass").find((g) => g.thicknessMm >= 6);
  const thickTrack = thick && materialsOf(site.book, "track").find((t) => t.glassMm === thick.thicknessMm);
  if (paneM2 > THIN_GLASS_M2 && glass.thicknessMm < 6)
    add({
      rule: "front/glass-too-thin",
      severity: "mind",
      title: "Thin glass for a large pane",
      sentence: `${formatNumber(paneM2, 2)} m² of ${say(glass.thicknessMm)} glass; over ${THIN_GLASS_M2} m² take ${say(6)}.`,
      reason: `Door glass ${say(4)} to half a square metre, ${say(6)} above (trade practice, no source). A glazier decides.`,
      ...(thick &&
        thickTrack && {
          fix: {
            label: `Use ${say(6)} glass and its track`,
            patch: [set(at("/closure/glass"), thick.id), set(at("/closure/track"), thickTrack.id)],
          },
        }),
    });
  if (closure.overlap.value < OVERLAP_MM.low || closure.overlap.value > OVERLAP_MM.high + 20)
    add({
      rule: "front/overlap",
      severity: "mind",
      title: "Unusual overlap",
      sentence: `The panes pass one another by ${say(closure.overlap.value)}; ${say(OVERLAP_MM.low)} to ${say(OVERLAP_MM.high)} is usual.`,
      reason: "Too little opens a straight gap when a pane is not quite home; too much is only weight.",
      fix: { label: `Overlap by ${say(25)}`, patch: [setMm(at("/closure/overlap"), 25)] },
    });
  const topRoomMm = track.topDepthMm.value - fit.holdMm;
  if (railSagMm !== undefined && railSagMm >= topRoomMm)
    add({
      rule: "front/rail-sag-binds",
      severity: "stop",
      title: "The sagging rail will pinch the panes",
      sentence: `The rail comes down ${say(railSagMm, "up")} in years; ${say(topRoomMm, "down")} is free above the panes.`,
      reason: "Once the groove's floor touches the glass the doors are stuck, and glass carries the top.",
      otherFixes: railFixes(site, site.shell.strips.find((s) => s.id === "head-rail")?.heightMm ?? 0),
      figure: "shell/rail-sag",
    });
  return list;
}

function fixFor(site: Site, way: JudgedWay & { id: string }): Snag["fix"] {
  const { at, book, variant } = site;
  if (way.id === "between") return { label: "Add a brush strip", patch: [set(at("/closure/brushStrip"), true)] };
  if (way.id === "hardware") return { label: "Plug the holes", patch: [set(at("/shell/found/holes/plugged"), true)] };
  if (way.id === "beside" && variant.closure.kind === "slidingPair" && variant.closure.lock === "none")
    return { label: "Lock the panes home", patch: [set(at("/closure/lock"), "key")] };
  const index = variant.features.findIndex((f) => f.id === way.id);
  const feature = variant.features[index];
  if (feature?.kind === "port")
    return {
      label: `Fit a grommet that leaves ${site.say(Math.floor(way.allowedMm), "down")} at most`,
      patch: [setMm(at(`/features/${index}/gap`), Math.floor(way.allowedMm))],
    };
  const mesh = materialsOf(book, "mesh").find((m) => Math.max(...m.apertureMm) <= way.allowedMm);
  if (index < 0 || !mesh) return undefined;
  return {
    label: `${variant.features[index]!.kind === "holes" ? "Put" : "Change to"} ${mesh.name.toLowerCase()}`,
    patch: [set(at(`/features/${index}/mesh`), mesh.id)],
  };
}

/** One stop for each way a resident passes, told for the resident that passes it most easily. */
function auditSnags(site: Site, audits: Audit[]): Snag[] {
  const worst = new Map<string, { audit: Audit; way: Audit["ways"][number] }>();
  for (const audit of audits)
    for (const way of audit.ways)
      if (!way.passes && way.id !== "front" && (worst.get(way.id)?.way.allowedMm ?? Infinity) > way.allowedMm)
        worst.set(way.id, { audit, way });
  return [...worst.values()].map(({ audit, way }): Snag => {
    const fix = fixFor(site, way);
    return {
      rule: "front/way-out",
      subject: way.id,
      severity: "stop",
      stage: site.variant.features.some((f) => f.id === way.id && isVent(f)) ? "air" : "front",
      title: `${audit.name}: a way out ${way.kind === "slot" ? way.name : `through ${way.name}`}`,
      sentence: `${site.say(way.worstMm, "up")} at worst fit; ${site.say(way.allowedMm, "down")} allowed.`,
      reason: `Allowed is a share of the narrowest rigid measure of the smallest stage. Here ${way.why}.`,
      ...(fix && { fix }),
      figure: "front/audit",
    };
  });
}

function lockSnags(site: Site): Snag[] {
  const { closure } = site.variant;
  if (closure.kind === "open" || closure.lock === "key") return [];
  const what = closure.kind === "slidingPair" ? "slides" : site.shell.opening.face === "top" ? "lid" : "doors";
  const needsKey = site.brief.residents.filter((r) => r.strong || r.dangerous).map((r) => r.name);
  const must = needsKey.length > 0 || site.brief.childrenAtHome;
  if (!must && closure.lock === "wedge") return [];
  return [
    {
      rule: "front/no-lock",
      subject: what,
      severity: must && closure.lock === "none" ? "stop" : "mind",
      stage: "front",
      title: must ? "A key lock is wanted" : `Nothing locks the ${what}`,
      sentence: must
        ? `${needsKey.length > 0 ? needsKey.join(", ") : "Children at home"}: ${closure.lock === "none" ? "no lock" : "only a wedge"} on the ${what}.`
        : what === "slides"
          ? "An animal that leans on a pane slides it."
          : `What leans on the ${what} opens ${what === "lid" ? "it" : "them"} in the end.`,
      reason:
        "Strong or dangerous animals and homes with children get a key lock and a label; local law may ask for more.",
      fix: must
        ? { label: "Fit a key lock", patch: [set(site.at("/closure/lock"), "key")] }
        : { label: "Fit a wedge", patch: [set(site.at("/closure/lock"), "wedge")] },
    },
  ];
}
