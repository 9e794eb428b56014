import { PORTS, type PortFact } from "../features/facts";
import { plugAtPort } from "../features/plug";
import { fact } from "../ledgers/facts";
import { set, setMm } from "../ledgers/fix";
import type { Severity } from "../ledgers/ledger";
import { emptyLedger, type Snag } from "../ledgers/ledger";
import { REACHED } from "../ledgers/reached";
import { UNCOUNTED } from "../ledgers/uncounted";
import type { Site } from "../shell/site";
import { throughWords } from "../shell/through";
import type { Trade } from "../trade/trade";
import type { Service } from "./schema";

/** Room left round a thing that is pulled through a way: from memory. */
const PULL_MM = 5;
/** Ways with a clear size of their own. */
const SIZED = ["box", "duct", "hatch"] as const;
const isSized = (way: Service["way"]) => SIZED.some((w) => w === way);

/** The way a serviced thing comes out, in words. */
const WAY_OUT: Record<Service["way"], (wide: string, high: string, through: string) => string> = {
  open: (_w, _h, through) => `${through}, in the open`,
  box: (wide, high, through) => `${through}, out of its box, ${wide} × ${high} clear`,
  duct: (wide, high) => `through its duct, ${wide} × ${high} clear`,
  hatch: (wide, high, through) => `${through}, the loose piece off, ${wide} × ${high} clear`,
  outside: () => "from outside; it must come off",
  none: () => "none: it is glued in",
};

/** What of it is bought with something else: a pump with what it moves, a drain with its port, a dish as a vessel. */
const COUNTED: Record<Service["kind"], boolean> = {
  ...{ pump: true, drain: true, dish: true },
  ...{ filter: false, nozzle: false, mat: false, lamp: false },
};

/** What must be reached, each with its way out past everything that is glued. */
export const serviceTrade: Trade = {
  id: "service",
  stage: { id: "ground", key: "3", label: "Water & substrate", group: "design" },
  reads: ["service"],
  needs: [PORTS],
  gives: [REACHED, UNCOUNTED],
  check({ service }, { between, add }) {
    service.forEach((item, i) => {
      const path = `/service/${i}`;
      if (service.findIndex((s) => s.id === item.id) !== i) add(`${path}/id`, "Two things to reach share this id.");
      between(`${path}/width`, item.width, 1, 1000, "Its width");
      between(`${path}/height`, item.height, 1, 1000, "Its height");
      between(`${path}/wayWidth`, item.wayWidth, 1, 2000, "Its way's width");
      between(`${path}/wayHeight`, item.wayHeight, 1, 2000, "Its way's height");
      between(`${path}/plug`, item.plug, 1, 100, "Its plug");
    });
  },
  plan: (site, { facts }) => ({
    ...emptyLedger(),
    snags: site.variant.service.flatMap((item, i) =>
      serviceSnags(site, item, site.at(`/service/${i}`), facts.one(PORTS) ?? []),
    ),
    facts: [
      ...site.variant.service
        .filter((item) => !COUNTED[item.kind])
        .map((item) => fact(UNCOUNTED, item.name.toLowerCase())),
      fact(
        REACHED,
        site.variant.service.map((item) => ({
          id: `service-${item.id}`,
          label: item.name,
          way: WAY_OUT[item.way](
            site.say(item.wayWidth.value),
            site.say(item.wayHeight.value),
            throughWords(site.shell),
          ),
        })),
      ),
    ],
  }),
};

function serviceSnags(site: Site, item: Service, path: string, ports: readonly PortFact[]): Snag[] {
  const { say } = site;
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
  const at = plugAtPort(ports, site, { port: item.port, plugMm: item.plug?.value ?? null, portPath: `${path}/port` });
  if (at.port === "gone")
    add("mind", `${item.id}-port`, {
      rule: "service/port-gone",
      title: `${item.name}’s port is gone`,
      sentence: "Its cable or hose names a port that is no longer on any face.",
      reason: "A cable is planned before the wall is closed: too short or shut in, it cannot be undone.",
      fix: { label: "It needs no port", patch: [set(`${path}/port`, null)] },
    });
  else if (at.fixes)
    add("mind", `${item.id}-plug`, {
      rule: "service/plug-too-large",
      title: `${item.name}’s plug does not pass`,
      sentence: `The plug is ${say(item.plug!.value)}, the port ${say(at.boreMm)}.`,
      reason:
        "To swap it the cable would be cut, and no joint belongs inside. Bore for the plug, close round the cable.",
      fix: at.fixes[0]!,
      otherFixes: at.fixes.slice(1),
    });
  return list;
}
