import type { Service } from "../ground/schema";
import { set, setMm } from "../ledgers/fix";
import type { Severity } from "../ledgers/ledger";
import { emptyLedger, type Snag, type TradeLedger } from "../ledgers/ledger";
import type { Site } from "../shell/site";

/** Room left round a thing that is pulled through a way: from memory. */
const PULL_MM = 5;
/** Ways with a clear size of their own. */
const SIZED = ["box", "duct", "hatch"] as const;
const isSized = (way: Service["way"]) => SIZED.some((w) => w === way);

/** What must be reached, each with its way out past everything that is glued. */
export const planService = (site: Site): TradeLedger => ({
  ...emptyLedger(),
  snags: site.variant.service.flatMap((item, i) => serviceSnags(site, item, site.at(`/service/${i}`))),
});

function serviceSnags(site: Site, item: Service, path: string): Snag[] {
  const { say, variant } = site;
  const list: Snag[] = [];
  const add = (severity: Severity, subject: string, snag: Omit<Snag, "stage" | "subject" | "severity">) =>
    list.push({ stage: "ground", subject, severity, ...snag });
  const [narrow, wide] = [item.width.value, item.height.value].sort((a, b) => a - b) as [number, number];
  const sizes = [
    setMm(`${path}/wayWidth`, Math.max(item.wayWidth.value, item.width.value + PULL_MM)),
    setMm(`${path}/wayHeight`, Math.max(item.wayHeight.value, item.height.value + PULL_MM)),
  ];
  if (item.way === "none")
    add("stop", item.id, {
      rule: "service/no-way-out",
      title: `${item.name} has no way out`,
      sentence: "It is behind something glued, with no box, duct or hatch.",
      reason: `What fails is taken out: without a way the background is torn for it.`,
      fix: { label: "Stand it in a box with a lid", patch: [set(`${path}/way`, "box"), ...sizes] },
    });
  else if (isSized(item.way)) {
    const [wayNarrow, wayWide] = [item.wayWidth.value, item.wayHeight.value].sort((a, b) => a - b) as [number, number];
    if (wayNarrow < narrow + PULL_MM || wayWide < wide + PULL_MM)
      add("stop", item.id, {
        rule: "service/way-too-small",
        title: `${item.name} does not pass its way`,
        sentence: `It is ${say(item.width.value)} × ${say(item.height.value)}; its ${item.way} leaves ${say(wayNarrow)} × ${say(wayWide)} clear.`,
        reason: `${say(PULL_MM)} all told is left to pull it through.`,
        fix: { label: `Leave ${say(narrow + PULL_MM)} × ${say(wide + PULL_MM)}`, patch: sizes },
      });
  }
  if (item.port === null) return list;
  const at = variant.features.findIndex((f) => f.id === item.port);
  const port = variant.features[at];
  if (port?.kind !== "port") {
    add("mind", `${item.id}-port`, {
      rule: "service/port-gone",
      title: `${item.name}’s port is gone`,
      sentence: "Its cable or hose names a port that is no longer on any face.",
      reason: "A cable is planned before the wall is closed: too short or shut in, it cannot be undone.",
      fix: { label: "It needs no port", patch: [set(`${path}/port`, null)] },
    });
    return list;
  }
  if (item.plug && item.plug.value > port.bore.value)
    add("mind", `${item.id}-plug`, {
      rule: "service/plug-too-large",
      title: `${item.name}’s plug does not pass`,
      sentence: `The plug is ${say(item.plug.value)}, the port ${say(port.bore.value)}.`,
      reason:
        "To swap it the cable would be cut, and no joint belongs inside. Bore for the plug, close round the cable.",
      fix: {
        label: `Bore the port ${say(item.plug.value + 1)}`,
        patch: [setMm(site.at(`/features/${at}/bore`), item.plug.value + 1)],
      },
    });
  return list;
}
