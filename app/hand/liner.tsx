import { materialsOf } from "#core/materials/find";
import { ChoiceField } from "../fields/fields";
import { MeasureField } from "../fields/MeasureField";
import { FigureReading } from "../fields/Reading";
import { useBench } from "../state/context";
import { Fields } from "../ui/Panel";

/** A liner over the base, in one piece. */
export function LinerFields() {
  const { book } = useBench();
  return (
    <Fields>
      <ChoiceField
        label="Liner"
        path="/seal/liner/material"
        options={materialsOf(book, "cloth")
          .filter((m) => m.form === "liner")
          .map((m) => [m.id, m.name] as const)}
      />
      <MeasureField label="Up the walls" path="/seal/liner/upstand" hint="in front no higher than the dam" />
      <FigureReading id="seal/liner-folds" />
    </Fields>
  );
}
