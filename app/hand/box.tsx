import { Box } from "@chakra-ui/react";
import type { ServiceBox } from "#core/boxes/schema";
import { statedMm } from "#core/design/measure";
import { materialsFor, STUFFS } from "#core/dividers/stuffs";
import { materialsOf } from "#core/materials/find";
import { ChoiceField } from "../fields/fields";
import { MeasureField } from "../fields/MeasureField";
import { NameField } from "../fields/NameField";
import { FigureReading } from "../fields/Reading";
import { useBench, useDecision, useVariant } from "../state/context";
import { Fields } from "../ui/Panel";
import { Select } from "../ui/Select";
import { Tick } from "../ui/Tick";
import { useIndex } from "./useIndex";

/** A box on the floor for what must be reached. */
export function BoxFields({ id }: { id: string }) {
  const i = useIndex((v) => v.boxes, id);
  const box = useVariant((v) => v.boxes.find((b) => b.id === id));
  const { book } = useBench();
  const { commit: setFoot } = useDecision<ServiceBox["foot"]>(`/boxes/${i}/foot`);
  if (i < 0 || !box) return null;
  const path = `/boxes/${i}`;
  const meshes = materialsOf(book, "mesh");
  return (
    <>
      <Fields>
        <NameField label="Name" path={`${path}/name`} />
        <ChoiceField
          label="Of"
          path={`${path}/of`}
          options={(["twinWall", "acrylic", "glass"] as const).map((s) => [s, STUFFS[s].words] as const)}
        />
        <MeasureField label="Its middle, from the left" path={`${path}/u`} />
        <MeasureField label="Its middle, from the front" path={`${path}/v`} />
        <MeasureField label="Wide, outside" path={`${path}/width`} />
        <MeasureField label="Deep, outside" path={`${path}/length`} />
        <MeasureField label="High" path={`${path}/height`} optional empty="flush under the lid" />
        <ChoiceField
          label="Held by"
          path={`${path}/held`}
          options={[
            ["hotGlue", "hot glue on keyed edges"],
            ["silicone", "silicone"],
          ]}
        />
        <MaterialField of={box.of} path={`${path}/material`} />
        <ChoiceField
          label="Its cover"
          path={`${path}/cover`}
          options={[
            ["lifts", "lifts off"],
            ["glued", "is glued"],
            ["none", "none"],
          ]}
        />
        <MeasureField label="Hole for its hose" path={`${path}/hose`} optional empty="none" />
        {box.foot && (
          <>
            <MeasureField label="Window at its foot, high" path={`${path}/foot/height`} />
            <ChoiceField
              label="Screened with"
              path={`${path}/foot/mesh`}
              options={meshes.map((m) => [m.id, m.name] as const)}
            />
          </>
        )}
      </Fields>
      <Box mt="2">
        <Tick
          label="Water comes in at its foot, through a screen"
          on={box.foot !== null}
          onChange={(on) => setFoot(on ? { mesh: meshes[0]?.id ?? "fly-screen", height: statedMm(30) } : null)}
        />
      </Box>
      <Fields>
        <FigureReading id={`boxes/${id}/high`} />
        <FigureReading id={`boxes/${id}/litres`} />
      </Fields>
    </>
  );
}

function MaterialField({ of, path }: { of: "twinWall" | "acrylic" | "glass"; path: string }) {
  const { book } = useBench();
  const { value, commit } = useDecision<string | null>(path);
  return (
    <Select
      label="Cut from"
      value={value ?? ""}
      options={[
        ["", "nobody said"] as [string, string],
        ...materialsFor(book, of).map((m) => [m.id, m.name] as [string, string]),
      ]}
      onChange={(m) => commit(m === "" ? null : m)}
    />
  );
}
