import { Text } from "@chakra-ui/react";
import { type DrainWay, drainsOf } from "#core/compare/drains";
import { freeId } from "#core/design/freeId";
import { statedMm } from "#core/design/measure";
import { chosenVariant } from "#core/document/variant";
import { DRAINS } from "#core/ground/drain";
import { drain } from "#core/ground/layers/drain";
import { formatNumber } from "#core/units/format";
import { formatMoney } from "#core/units/money";
import { useBench, useBuildHandle, useShown, useUnits, useVariant } from "../../state/context";
import { Sortable, type SortColumn } from "../../ui/Sortable";
import { UseThis } from "../../ui/UseThis";

/** Ways to drain the floor side by side, each as deep as the layer that is planned. */
export function Drains() {
  const { api } = useBuildHandle();
  const { currency } = useBench().workshop;
  const { say, units } = useUnits();
  const rows = useShown(({ plan }) => drainsOf(plan.site));
  const now = useVariant((v) => v.ground.layers.find((l) => l.kind === "drain")?.body);
  const take = ({ id, depthMm }: DrainWay) =>
    api.commit((draft) => {
      const { layers } = chosenVariant(draft).ground;
      const own = layers.find((l) => l.kind === "drain");
      if (own) own.body = id;
      else layers.unshift({ ...drain.begin(freeId(layers, "drain")), body: id, depth: statedMm(depthMm) });
    });
  const columns: SortColumn<DrainWay>[] = [
    {
      ...{ id: "name", head: "Way", by: ({ id }) => DRAINS[id].name },
      cell: ({ id }) => (
        <>
          {DRAINS[id].name}
          <Text as="span" display="block" fontSize="xs" color="muted">
            {DRAINS[id].mind}
          </Text>
        </>
      ),
    },
    {
      ...{ id: "holds", head: "Takes up", end: true, by: (w) => w.holdsLitres, title: "water in its voids" },
      cell: (w) => `${formatNumber(w.holdsLitres, 1)} L`,
    },
    { ...{ id: "kg", head: "Weighs dry", end: true, by: (w) => w.kg }, cell: (w) => `${formatNumber(w.kg)} kg` },
    {
      ...{ id: "cost", head: "Takes", end: true, by: (w) => w.costMinor ?? undefined },
      cell: (w) => (w.costMinor === null ? "no price" : formatMoney(w.costMinor, currency)),
    },
    {
      ...{ id: "use", head: "" },
      cell: (w) => <UseThis name={DRAINS[w.id].name} chosen={w.id === now} onUse={() => take(w)} />,
    },
  ];
  return (
    <>
      <Sortable columns={columns} rows={rows} />
      <Text fontSize="xs" color="muted" mt="1">
        {`Each ${say(rows[0]?.depthMm ?? 0)}${units.unit === "mm" ? " mm" : ""} deep, as it is planned; voids and masses from practice and labels.`}
      </Text>
    </>
  );
}
