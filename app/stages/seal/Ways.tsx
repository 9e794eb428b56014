import { Text } from "@chakra-ui/react";
import type { LayerId } from "#core/design/names";
import { chosenVariant } from "#core/document/variant";
import { facesToCoat, layersOf, waysFor } from "#core/seal/stack/schools";
import { formatMinutes, formatNumber } from "#core/units/format";
import { formatMoney } from "#core/units/money";
import { useBench, useBuildHandle, useShown } from "../../state/context";
import { Sortable, type SortColumn } from "../../ui/Sortable";
import { UseThis } from "../../ui/UseThis";

const KEEPS = { standing: "standing water", splash: "splashes only", nothing: "nothing" } as const;
const HAZARD: Partial<Record<string, string>> = {
  solventFumes: "solvent fumes: outdoors or a fan, gloves, no flame",
  alkaline: "alkaline: gloves, eyes",
};

/** Ways to keep water off the walls side by side for this build; taking one changes steps, supplies and cost. */
export function Ways({ onTaken }: { onTaken: () => void }) {
  const { api } = useBuildHandle();
  const bench = useBench();
  const faces = useShown(({ plan }) => facesToCoat(plan.site));
  const ways = useShown(({ plan }) => waysFor(plan.site));
  if (faces.length === 0) return null;
  const take = (layer: LayerId) => {
    api.commit((draft) => {
      const { seal } = chosenVariant(draft);
      seal.stacks = [
        ...seal.stacks.filter((s) => !faces.includes(s.face)),
        ...faces.map((face) => ({ face, layers: layersOf(layer) })),
      ];
    });
    onTaken();
  };
  const { currency } = bench.workshop;
  const rows = ways.map((way) => ({ ...way, id: way.layer }));
  const columns: SortColumn<(typeof rows)[number]>[] = [
    {
      ...{ id: "name", head: "Way", by: (w) => w.kind.name },
      cell: (way) => (
        <>
          {way.kind.name}
          <Text as="span" display="block" fontSize="xs" color="muted">
            {`${formatNumber(way.coats)} coats, ${formatNumber(way.litres)} L${way.kind.caution && HAZARD[way.kind.caution] ? `; ${HAZARD[way.kind.caution]}` : ""}`}
          </Text>
          {way.failsOn.length > 0 && (
            <Text as="span" display="block" fontSize="xs" color="stop">
              {`does not hold on ${way.failsOn.join(", ")}`}
            </Text>
          )}
        </>
      ),
    },
    {
      ...{ id: "cost", head: "Likely cost", end: true, by: (w) => w.costMinor ?? undefined },
      cell: (w) => (w.costMinor === null ? "no price" : formatMoney(w.costMinor, currency)),
    },
    {
      ...{ id: "hands", head: "Hands on", end: true, by: (w) => w.handsOnMinutes },
      cell: (w) => formatMinutes(w.handsOnMinutes),
    },
    { ...{ id: "days", head: "Days", end: true, by: (w) => w.days }, cell: (w) => formatNumber(w.days) },
    { ...{ id: "kg", head: "Mass", end: true, by: (w) => w.kg }, cell: (w) => `${formatNumber(w.kg)} kg` },
    { ...{ id: "keeps", head: "Keeps out", by: (w) => w.kind.keeps }, cell: (w) => KEEPS[w.kind.keeps] },
    { ...{ id: "mended", head: "Mended by" }, cell: (w) => w.kind.repair },
    {
      ...{ id: "use", head: "" },
      cell: (w) => (
        <UseThis name={w.kind.name} chosen={false} onUse={w.failsOn.length > 0 ? undefined : () => take(w.layer)} />
      ),
    },
  ];
  return (
    <>
      <Text fontSize="xs" color="muted" mb="2">
        {`For ${faces.join(", ")}. Days are for faces done in turn, each lying down while it sets; hours and yields are starting values, yours replace them.`}
      </Text>
      <Sortable columns={columns} rows={rows} />
    </>
  );
}
