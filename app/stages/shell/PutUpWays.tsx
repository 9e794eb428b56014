import { Text } from "@chakra-ui/react";
import { useMemo } from "react";
import { writeAt } from "#core/design/pointer";
import { chosenVariant } from "#core/document/variant";
import { type PutUpWay, putUpWays } from "#core/putUpWays";
import { formatMinutes, formatNumber } from "#core/units/format";
import { useBuildHandle, useSettled, useUnits } from "../../state/context";
import { Sortable, type SortColumn } from "../../ui/Sortable";
import { UseThis } from "../../ui/UseThis";

const NAMES = { flat: "Flat, before it is put up", standing: "Once it stands" } as const;
const MIND = {
  flat: "Joints masked; every panel from above, all cure side by side.",
  standing: "Lighter to put up; each face lies down in turn while it sets.",
} as const;

/** The two schools of a kit side by side; taking one changes the diary. */
export default function PutUpWays() {
  const { api } = useBuildHandle();
  const { say } = useUnits();
  const { design, bench, plan } = useSettled();
  const { putUp } = plan.shell;
  const rows = useMemo(() => (putUp ? putUpWays({ design, ...bench }, putUp) : []), [design, bench, putUp]);
  if (!putUp) return null;
  const columns: SortColumn<PutUpWay>[] = [
    {
      ...{ id: "name", head: "Coats, slips, foam", by: ({ id }) => NAMES[id] },
      cell: ({ id }) => (
        <>
          {NAMES[id]}
          <Text as="span" display="block" fontSize="xs" color="muted">
            {MIND[id]}
          </Text>
        </>
      ),
    },
    {
      ...{ id: "hands", head: "Hands on", end: true, by: (w) => w.handsOnMinutes },
      cell: (w) => formatMinutes(w.handsOnMinutes),
    },
    { ...{ id: "days", head: "Days", end: true, by: (w) => w.days }, cell: (w) => formatNumber(w.days) },
    {
      ...{ id: "kg", head: "Put up", end: true, by: (w) => w.kg, title: "mass, and its heaviest panel" },
      cell: (w) => `${formatNumber(w.kg, 0)} kg, ${formatNumber(w.heaviestKg, 0)} at once`,
    },
    {
      ...{ id: "turns", head: "Turned", end: true, by: (w) => w.turns, title: "laid on another side" },
      cell: (w) => (w.turns === 1 ? "once" : `${w.turns} times`),
    },
    {
      ...{ id: "reach", head: "Reached" },
      cell: ({ through }) =>
        through
          ? `through ${say(through.widthMm)} × ${say(through.heightMm)}, ${say(through.deepMm)} deep`
          : "from above, on the bench",
    },
    {
      ...{ id: "use", head: "" },
      cell: ({ id }) => (
        <UseThis
          name={NAMES[id]}
          chosen={putUp.school === id}
          onUse={() => api.commit((draft) => writeAt(chosenVariant(draft), putUp.schoolAt, id))}
        />
      ),
    },
  ];
  return (
    <>
      <Sortable columns={columns} rows={rows} />
      <Text fontSize="xs" color="muted" mt="1">
        The whole diary is laid out again for each. Flat, the water test comes after the walls: it finds a leak late.
      </Text>
    </>
  );
}
