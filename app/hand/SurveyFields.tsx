import { Box } from "@chakra-ui/react";
import { shellBoards, shellSheets } from "#core/materials/board";
import { materialsOf } from "#core/materials/find";
import type { SurveyField } from "#core/shell/survey";
import { ChoiceField, CountField, MaybeChoiceField, TickField } from "../fields/fields";
import { MeasureField } from "../fields/MeasureField";
import { useDecision, useShown } from "../state/context";
import { Fields } from "../ui/Panel";

/** A group of the survey's questions; the one in hand is told to the drawing. */
export function SurveyFields({ fields, onFocus }: { fields: readonly SurveyField[]; onFocus: (path: string) => void }) {
  return (
    <Fields>
      {fields.map((field) => (
        <Asked key={field.path} field={field} onFocus={onFocus} />
      ))}
    </Fields>
  );
}

function Asked({ field, onFocus }: { field: SurveyField; onFocus: (path: string) => void }) {
  // A place that is always there stands in where nothing decides.
  const { value } = useDecision<unknown>(field.when?.path ?? "/id");
  if (field.when && ![field.when.is].flat().includes(value)) return null;
  return (
    <Box onFocus={() => onFocus(field.path)}>
      <OneField field={field} />
    </Box>
  );
}

function OneField({ field }: { field: SurveyField }) {
  const sheets = useShown(({ bench }) => shellSheets(bench.book).map((s) => [s.id, s.name] as const));
  const boards = useShown(({ bench }) => shellBoards(bench.book).map((s) => [s.id, s.name] as const));
  const meshes = useShown(({ bench }) => materialsOf(bench.book, "mesh").map((m) => [m.id, m.name] as const));
  const { label, path } = field;
  switch (field.ask) {
    case "choice":
      return <ChoiceField label={label} path={path} options={field.options ?? []} />;
    case "sheet":
      return <ChoiceField label={label} path={path} options={sheets} />;
    case "board":
      return <ChoiceField label={label} path={path} options={boards} />;
    case "mesh":
      return <MaybeChoiceField label={label} path={path} options={meshes} none="none chosen" />;
    case "tick":
      return <TickField label={label} path={path} />;
    case "count":
      return <CountField label={label} path={path} min={field.min ?? 0} max={field.max ?? 100} />;
    default:
      return (
        <MeasureField
          label={label}
          path={path}
          kind={field.ask}
          {...(field.suffix && { suffix: field.suffix })}
          {...(field.optional && { optional: true })}
          {...(field.hint && { hint: field.hint })}
          {...(field.empty && { empty: field.empty })}
        />
      );
  }
}
