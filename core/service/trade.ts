import { PORTS, type PortFact } from "../features/facts";
import { plugAtPort } from "../features/plug";
import { fact } from "../ledgers/facts";
import { set } from "../ledgers/fix";
import { emptyLedger, type Severity, type Snag } from "../ledgers/ledger";
import { REACHED } from "../ledgers/reached";
import { TO_REACH } from "../ledgers/toReach";
import { UNCOUNTED } from "../ledgers/uncounted";
import type { Site } from "../shell/site";
import type { Trade } from "../trade/trade";
import type { Service } from "./schema";
import { waySnags, wayWords } from "./way";

/** What of it is bought with something else: a drain with its port, a dish as a vessel. */
const COUNTED: Record<Service["kind"], boolean> = { drain: true, dish: true, filter: false };

/** What must be reached, each with its way out past everything that is glued. */
export const serviceTrade: Trade = {
  id: "service",
  stage: { id: "ground", key: "3", label: "Water & substrate", group: "design" },
  reads: ["service"],
  needs: [PORTS],
  gives: [REACHED, UNCOUNTED, TO_REACH],
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
          way: wayWords(site, item),
        })),
      ),
      fact(
        TO_REACH,
        site.variant.service.map(({ name, port, way }) => ({ name, routed: port !== null || way === "duct" })),
      ),
    ],
  }),
};

function serviceSnags(site: Site, item: Service, path: string, ports: readonly PortFact[]): Snag[] {
  const { say } = site;
  const list: Snag[] = waySnags(site, "ground", {
    ...{ id: item.id, name: item.name, sidesMm: [item.width.value, item.height.value], way: item },
    paths: { way: `${path}/way`, wide: `${path}/wayWidth`, high: `${path}/wayHeight` },
  });
  const add = (severity: Severity, subject: string, snag: Omit<Snag, "stage" | "subject" | "severity">) =>
    list.push({ stage: "ground", subject, severity, ...snag });
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
