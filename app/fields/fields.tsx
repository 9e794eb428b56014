import { NumberInput } from "@chakra-ui/react";
import { memo, useState } from "react";
import { useDecision } from "../state/context";
import { equal } from "../state/equal";
import { useDraft } from "../state/useDraft";
import { Labelled } from "../ui/Labelled";
import { Select } from "../ui/Select";
import { Tick } from "../ui/Tick";

interface ChoiceProps<T extends string> {
  label: string;
  path: string;
  options: readonly (readonly [T, string])[];
}

/** One of a few, each in plain words. */
function Choice<T extends string>({ label, path, options }: ChoiceProps<T>) {
  const { value, attempt } = useDecision<T>(path);
  const [error, setError] = useState<string | null>(null);
  return (
    <Select
      label={label}
      // What an older document does not say is the first of its choices.
      value={value ?? options[0]![0]}
      options={options}
      error={error}
      onChange={(next) => setError(attempt(next)[0]?.message ?? null)}
    />
  );
}

/** Options are compared by what they say: they are made anew wherever a stage is drawn. */
export const ChoiceField = memo(
  Choice,
  (a, b) => a.path === b.path && a.label === b.label && equal(a.options, b.options),
) as typeof Choice;

/** One of a few, or none of them. */
export function MaybeChoiceField({ label, path, options, none }: ChoiceProps<string> & { none: string }) {
  const { value, attempt } = useDecision<string | null>(path);
  const [error, setError] = useState<string | null>(null);
  return (
    <Select
      label={label}
      value={value ?? ""}
      options={[["", none], ...options]}
      error={error}
      onChange={(next) => setError(attempt(next === "" ? null : next)[0]?.message ?? null)}
    />
  );
}

/** Yes or no. */
export const TickField = memo(function TickField({ label, path }: { label: string; path: string }) {
  const { value, commit } = useDecision<boolean>(path);
  return <Tick label={label} on={value === true} onChange={commit} />;
});

/** A whole number with a lower and an upper end. */
export const CountField = memo(function CountField({
  label,
  path,
  min = 1,
  max,
}: {
  label: string;
  path: string;
  min?: number;
  max: number;
}) {
  const { value, attempt } = useDecision<number | undefined>(path);
  // What nobody has typed yet is the least.
  const draft = useDraft(String(value ?? min));
  const take = (typed: string): string | null => {
    const number = Number(typed);
    if (!Number.isInteger(number) || number < min || number > max) return `Type a whole number from ${min} to ${max}.`;
    return number === (value ?? min) ? null : (attempt(number)[0]?.message ?? null);
  };
  return (
    <Labelled label={label} error={draft.error}>
      <NumberInput.Root
        size="sm"
        value={draft.text}
        min={min}
        max={max}
        clampValueOnBlur={false}
        onValueChange={(d) => {
          if (d.value !== draft.text) draft.type(d.value, take(d.value));
        }}
      >
        <NumberInput.Control />
        <NumberInput.Input
          bg="sheet"
          borderColor="line"
          fontFamily="mono"
          onFocus={draft.focus}
          onBlur={() => draft.leave(draft.error)}
        />
      </NumberInput.Root>
    </Labelled>
  );
});
