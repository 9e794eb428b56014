import { set, setMm } from "../../ledgers/fix";
import type { Snag } from "../../ledgers/ledger";
import { ceil, under } from "../../units/tolerance";
import { sawToleranceMm } from "../../workshop/sawTolerance";
import { BINDS } from "../binds";
import { FREE_MM } from "../door/door";
import { airWords, climateEnds, SEASON_WORDS } from "../door/ends";
import { GLASS_CUT } from "../glassCut";
import type { Here } from "../kind";
import { closesMm, paneStuff, seasonsOf } from "../seasons";
import { SIDE_PLAY_MM } from "./groove";
import { type GroovedJob, runningPanes } from "./job";

/** Whether a pane still runs in its grooves, and shuts, at both ends of the climate. */
export function groovedBinds({ site, opening, path, own }: Here, { of, run, infill, groove }: GroovedJob): Snag[] {
  const { say } = site;
  const ends = climateEnds(site);
  const cutOf = (pane: GroovedJob["infill"]) =>
    pane.class === "glass" ? GLASS_CUT.value : sawToleranceMm(run.acrossMm);
  const playOf = (pane: GroovedJob["infill"]) => 2 * SIDE_PLAY_MM.value - cutOf(pane);
  const closing = (lengthMm: number, pane = infill) => closesMm(seasonsOf(site, opening, lengthMm, paneStuff(pane)));
  const common = { rule: BINDS, severity: "stop", stage: "front" } as const;
  const list: Snag[] = [];
  const across = closing(run.acrossMm);
  const playMm = playOf(infill);
  if (under(playMm - across.mm, FREE_MM)) {
    const stiller = runningPanes(site.book).filter(
      (pane) =>
        pane.id !== infill.id &&
        pane.thicknessMm < groove.grooveMm &&
        !under(playOf(pane) - closing(run.acrossMm, pane).mm, FREE_MM),
    );
    list.push({
      ...common,
      subject: own(`${of.one}-across`),
      title: `The ${of.one} jams in its grooves when it is ${SEASON_WORDS[across.at]}`,
      sentence: `At ${airWords(ends[across.at])} the opening closes on it by ${say(across.mm, "up")}, of ${say(Math.max(0, playMm), "down")} that it has to play in.`,
      reason: "Two grooves take what the pane grows by, less what saw and glazier may be off.",
      otherFixes: stiller.map((pane) => ({
        label: `Make it of ${pane.name.toLowerCase()}`,
        patch: [set(`${path}/pane`, pane.id)],
      })),
    });
  }
  const along = closing(opening.heightMm);
  const wantedMm = ceil(2 * (FREE_MM + cutOf(infill) + sawToleranceMm(opening.heightMm) + along.mm)) / 2;
  if (under(of.clearMm - along.mm, FREE_MM))
    list.push({
      ...common,
      subject: own(`${of.one}-along`),
      title: `The ${of.one} does not shut when it is ${SEASON_WORDS[along.at]}`,
      sentence: `At ${airWords(ends[along.at])} the opening closes on it by ${say(along.mm, "up")}; ${say(of.clearMm)} is clear ${of.near}.`,
      reason: "A pane that stands on the far groove has all of its growth at the near end.",
      fix: { label: `Leave ${say(wantedMm, "up")} clear`, patch: [setMm(`${path}/${of.clearPath}`, wantedMm)] },
    });
  return list;
}
