import { FACES } from "../design/names";
import { fixtureKind } from "../fixtures/kinds/list";
import { fixtureRect } from "../fixtures/place";
import { powerOf } from "../fixtures/power";
import type { Fixture } from "../fixtures/schema";
import { formatNumber } from "../units/format";
import type { Thing, ThingKind } from "./thing";

const asFixture = (item: unknown) => item as Fixture;

/** A lamp, a mat, a nozzle, a probe: what hangs on the shell or stands in it. */
export const fixture: ThingKind = {
  rows: "hung",
  list: ({ site }) =>
    site.variant.fixtures.map((f, i): Thing => {
      const { word, inRoom } = fixtureKind(f);
      const where = inRoom ? "in the room" : `${f.face}, ${f.side}`;
      const watts = f.watts ? ` · ${formatNumber(f.watts.value)} W` : "";
      const hours = f.hours ? ` · ${f.hours.from}–${f.hours.to}` : "";
      return {
        ...{ kind: "fixture", id: f.id, name: f.name, what: word, stage: "fixtures" },
        ...(!inRoom && { face: f.face }),
        paths: [`/fixtures/${i}`],
        says: `${where}${watts}${hours}`,
      };
    }),
  off: (variant, id) => {
    variant.fixtures = variant.fixtures.filter((f) => f.id !== id);
  },
  placed: {
    items: ({ fixtures }) => fixtures.filter((f) => !fixtureKind(f).inRoom),
    nameOf: (item) => asFixture(item).name,
    rect: (item) => fixtureRect(asFixture(item)),
    size(item, widthMm, heightMm, put) {
      asFixture(item).width = put(widthMm);
      asFixture(item).length = put(heightMm);
    },
    faces: FACES,
  },
};

/** What it all hangs on. */
export const circuit: ThingKind = {
  rows: "power",
  list: ({ site }) => {
    if (site.variant.fixtures.length === 0) return [];
    const { amps } = powerOf(site);
    return [
      {
        ...{ kind: "circuit", id: "circuit", name: "Circuit", what: "mains", stage: "fixtures", paths: ["/circuit"] },
        says: `${formatNumber(amps, 1)} of ${formatNumber(site.variant.circuit.amps.value)} A`,
      },
    ];
  },
};
