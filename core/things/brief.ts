import { formatLength } from "../units/format";
import type { Thing, ThingKind } from "./thing";

export const resident: ThingKind = {
  rows: "residents",
  list: ({ site: { brief } }) =>
    brief.residents.map(
      (r, i): Thing => ({
        ...{ kind: "resident", id: r.id, name: r.name, what: "resident", stage: "brief" },
        paths: [`build:/brief/residents/${i}`],
        says: `${r.count} · ${r.narrowestRigid ? `narrowest ${formatLength(r.narrowestRigid.value, brief.units)}` : "not measured"}`,
      }),
    ),
};

export const room: ThingKind = {
  rows: "home",
  list: ({ site: { brief } }) => [
    {
      ...{ kind: "room", id: "room", name: "Room and home", what: "brief", stage: "brief" },
      paths: ["build:/brief/room", "build:/brief/childrenAtHome"],
      says: `${brief.room.tempC.low}–${brief.room.tempC.high} °C · ${brief.room.rh.low}–${brief.room.rh.high} % rh`,
    },
  ],
};

export const size: ThingKind = {
  rows: "home",
  list: ({ site: { brief } }) => [
    {
      ...{ kind: "size", id: "old-home", name: "Size", what: "brief", stage: "brief" },
      paths: ["build:/brief/sizeSchool", "build:/brief/sizeReason", "build:/brief/oldHome"],
      says: { undecided: "school not decided", minimum: "a community's minimum", stepUp: "stepping up as it copes" }[
        brief.sizeSchool
      ],
    },
  ],
};
