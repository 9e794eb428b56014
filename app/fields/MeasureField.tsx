import { Field, Input } from "@chakra-ui/react";
import { type KeyboardEvent, memo } from "react";
import type { Measure } from "#core/design/basics";
import { parseMeasure } from "#core/design/guess";
import { typedWords } from "#core/design/typed";
import { formatLengthWithUnit, formatNumber } from "#core/units/format";
import { parseDecimal } from "#core/units/number";
import { parseVolumeMl } from "#core/units/quantity";
import { fail, ok, type Result } from "#core/units/result";
import { useDecision, useUnits } from "../state/context";
import { useDraft } from "../state/useDraft";

interface Props {
  label: string;
  /** Place of the measure in the variant; see `useDecision`. */
  path: string;
  /** `length` is typed in any unit and kept in mm, `volume` in mL; `plain` is a bare number in the unit `suffix` names. */
  kind?: "length" | "plain" | "volume";
  suffix?: string;
  optional?: boolean;
  hint?: string;
  /** What an empty optional field says. */
  empty?: string;
  how?: Measure["how"];
}

/** A measure as typed: planned on every readable keystroke, kept when the field is left. */
export const MeasureField = memo(function MeasureField({
  label,
  path,
  kind = "length",
  suffix,
  optional,
  hint,
  empty = "none",
  how = "stated",
}: Props) {
  const { units } = useUnits();
  const { value, attempt, show, drop } = useDecision<Measure | null>(path);
  const own = value ? (kind === "length" ? typedWords(value, units.unit) : value.typed) : undefined;
  const draft = useDraft(own ?? "");
  const { error } = draft;

  const read = (typed: string): Result<Measure | null> => {
    if (typed.trim() === "") return optional ? ok(null) : fail("This is needed. The last value is still in force.");
    if (kind === "length") return parseMeasure(typed, units.unit, how);
    const number = kind === "volume" ? parseVolumeMl(typed) : plainNumber(typed);
    return number.ok ? ok({ typed: typed.trim(), value: number.value, how }) : number;
  };
  const take = (typed: string, put: (measure: Measure | null) => { message: string }[]) => {
    const measure = read(typed);
    const message = measure.ok ? put(measure.value)[0]?.message : measure.message;
    // What cannot be planned is not half kept: the last committed value is in force again.
    if (message) drop();
    return message ?? null;
  };
  const keep = (measure: Measure | null) => attempt(measure, (problems) => draft.leave(problems[0]?.message ?? null));
  const leave = () => draft.leave(draft.touched ? take(draft.text, keep) : null);
  const onKeyDown = (event: KeyboardEvent<HTMLInputElement>) => {
    if (event.key === "Enter") event.currentTarget.blur();
  };
  const inUnits = value && kind === "length" ? formatLengthWithUnit(value.value, units) : null;
  // The same number with or without its unit says nothing new.
  const bare = (words: string) => words.replace(/\s*(mm|"|″|in)\s*$/, "").trim();
  const differs = inUnits !== null && bare(inUnits) !== bare(own ?? "");
  const guessed =
    kind === "length" && value?.how === "guessed" && value.low !== undefined && value.high !== undefined
      ? `a guess, ${formatLengthWithUnit(value.low, units)} to ${formatLengthWithUnit(value.high, units)}`
      : null;
  const litres = kind === "volume" && value ? `= ${formatNumber(value.value / 1000, 2)} L` : null;
  return (
    <Field.Root invalid={error !== null} gap="1">
      <Field.Label fontSize="xs" color="muted" fontWeight="medium">
        {label}
        {suffix ? `, ${suffix}` : ""}
      </Field.Label>
      <Input
        size="sm"
        bg="sheet"
        borderColor="line"
        fontFamily="mono"
        value={draft.text}
        placeholder={optional ? empty : undefined}
        inputMode={kind === "plain" ? "decimal" : "text"}
        autoComplete="off"
        onFocus={draft.focus}
        onChange={(event) => draft.type(event.target.value, take(event.target.value, show))}
        onBlur={leave}
        onKeyDown={onKeyDown}
      />
      {error === null && (differs || guessed || litres || hint) && (
        <Field.HelperText fontSize="xs" color="muted" mt="0">
          {[guessed ?? (differs ? `= ${inUnits}` : null), litres, hint].filter(Boolean).join(" · ")}
        </Field.HelperText>
      )}
      <Field.ErrorText fontSize="xs" color="stop" mt="0">
        {error}
      </Field.ErrorText>
    </Field.Root>
  );
});

function plainNumber(typed: string): Result<number> {
  const number = parseDecimal(typed);
  return number === undefined ? fail(`“${typed.trim()}” is not a number. Type for example 7 or 2.5.`) : ok(number);
}
