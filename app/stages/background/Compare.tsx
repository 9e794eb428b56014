import { Box, Text } from "@chakra-ui/react";
import { useMemo } from "react";
import { BUILD_UP } from "#core/background/buildUps";
import { FINISH } from "#core/background/finishes";
import type { WallId } from "#core/background/names";
import type { Wall } from "#core/background/schema";
import { atAGoM2 } from "#core/background/works/finish";
import { buildUpsOf, finished, finishesOf, type WayOfWall } from "#core/compare/backgrounds";
import { parseLocal } from "#core/design/localTime";
import { chosenVariant } from "#core/document/variant";
import { formatMinutes, formatNumber } from "#core/units/format";
import { formatWholeMoney } from "#core/units/money";
import { RowSheet } from "../../frame/Rows";
import { useBench, useBuildHandle, useSettled, useUnits } from "../../state/context";
import type { Shown } from "../../state/store";
import { HOLDING } from "../../ui/holding";
import { Sortable, type SortColumn } from "../../ui/Sortable";
import { UseThis } from "../../ui/UseThis";

/** The ways of one wall as it stands in the plan; none once it is taken off. */
function waysOf({ plan, bench, design }: Shown, face: Wall["face"]) {
  const now = parseLocal(bench.now) ?? 0;
  const wall = chosenVariant(design).background.walls.find((w) => w.face === face);
  return {
    ups: wall ? buildUpsOf(plan.site, wall, now) : [],
    ends: wall && BUILD_UP[wall.buildUp].carved ? finishesOf(plan.site, wall, now) : [],
  };
}

/** Ways to build a wall up, and schools of finishing it, side by side for the same area. */
export function Compare({ face }: { face: WallId }) {
  const { api } = useBuildHandle();
  const settled = useSettled();
  const index = chosenVariant(settled.design).background.walls.findIndex((w) => w.face === face);
  const wall = chosenVariant(settled.design).background.walls[index];
  // Worked out once a drag has ended, not at each move.
  const { ups, ends } = useMemo(() => waysOf(settled, face), [settled, face]);
  if (!wall) return null;
  const put = (next: (wall: Wall) => Wall) =>
    api.commit((draft) => {
      const { walls } = chosenVariant(draft).background;
      walls[index] = next(wall);
    });
  return (
    <>
      {ends.length > 0 && (
        <RowSheet title="Finish">
          <Ways
            rows={ends.map((way) => ({
              ...{ way, id: way.id, name: FINISH[way.id].name, chosen: way.id === wall.finish },
              more: `${FINISH[way.id].mind}${atAGo(way.id)} Tone: ${FINISH[way.id].tones}. Mending: ${FINISH[way.id].repair}.`,
              take: () => put((w) => finished(w, way.id)),
            }))}
          />
        </RowSheet>
      )}
      <RowSheet title="Build-up">
        <Ways
          rows={ups.map((way) => ({
            ...{ way, id: way.id, name: BUILD_UP[way.id].name, chosen: way.id === wall.buildUp },
            more: BUILD_UP[way.id].mind,
            take: () => put((w) => ({ ...w, buildUp: way.id })),
          }))}
        />
      </RowSheet>
    </>
  );
}

/** How much wall is taken at a go, where something is pressed into a wet coat. */
function atAGo(id: Wall["finish"]): string {
  const m2 = atAGoM2(id);
  const open = FINISH[id].openMinutes;
  return m2 && open ? ` Open ${formatNumber(open.value)} min: about ${formatNumber(m2, 2, "down")} m² at a go.` : "";
}

interface Row {
  id: string;
  way: WayOfWall;
  name: string;
  more: string;
  chosen: boolean;
  take: () => void;
}

function Ways({ rows }: { rows: Row[] }) {
  const { currency } = useBench().workshop;
  const { say, units } = useUnits();
  const unit = units.unit === "mm" ? " mm" : "";
  const columns: SortColumn<Row>[] = [
    {
      ...{ id: "name", head: "Way", by: (r) => r.name },
      cell: ({ way, name, more, chosen }) => (
        <>
          <Text as="span" fontWeight={chosen ? "bold" : "medium"}>
            {name}
          </Text>
          <Text as="span" display="block" fontSize="xs" color="muted">
            {more}
          </Text>
          {way.holds !== "holds" && (
            <Text as="span" display="block" fontSize="xs" color={HOLDING[way.holds].tone}>
              {HOLDING[way.holds].words}
            </Text>
          )}
        </>
      ),
    },
    {
      ...{ id: "cost", head: "Takes", end: true, title: "what is used, at the cheapest pack's price" },
      by: ({ way }) => way.costMinor ?? undefined,
      cell: ({ way }) => (way.costMinor === null ? "no price" : formatWholeMoney(way.costMinor, currency)),
    },
    {
      ...{ id: "hands", head: "Hands on", end: true, by: ({ way }) => way.handsOnMinutes },
      cell: ({ way }) => formatMinutes(Math.round(way.handsOnMinutes / 5) * 5),
    },
    {
      ...{ id: "days", head: "Days", end: true, title: "in your own hours, until its last coat has set" },
      by: ({ way }) => way.days,
      cell: ({ way }) => formatNumber(way.days),
    },
    {
      ...{ id: "airs", head: "Then airs", end: true, by: ({ way }) => way.airsDays },
      cell: ({ way }) => (way.airsDays > 0 ? `${formatNumber(way.airsDays)} d` : "–"),
    },
    {
      ...{ id: "kg", head: "Adds", end: true, by: ({ way }) => way.kg },
      cell: ({ way }) => `${formatNumber(way.kg)} kg`,
    },
    {
      ...{ id: "room", head: "Left of the room", end: true, by: ({ way }) => way.netMm },
      cell: ({ way }) => `${say(way.netMm, "down")}${unit}`,
    },
    { ...{ id: "grip", head: "Grip", by: ({ way }) => way.grip }, cell: ({ way }) => way.grip },
    {
      ...{ id: "use", head: "" },
      cell: ({ name, chosen, take }) => <UseThis name={name} chosen={chosen} onUse={take} />,
    },
  ];
  return (
    <>
      <Sortable columns={columns} rows={rows} />
      <Box fontSize="xs" color="muted" mt="1">
        For this wall alone, in your own hours; rates are starting values from memory, your log replaces them.
      </Box>
    </>
  );
}
