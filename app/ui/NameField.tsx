import { Field, Input } from "@chakra-ui/react";
import { memo, useEffect, useState } from "react";
import { useDecision } from "../state/context";

/** A name or other words of the design, kept when the field is left. */
export const NameField = memo(function NameField({ label, path }: { label: string; path: string }) {
  const { value, commit } = useDecision<string>(path);
  const [text, setText] = useState(value);
  const [error, setError] = useState<string | null>(null);
  useEffect(() => setText(value), [value]);
  const leave = () => {
    if (text === value) return;
    setError(commit(text.trim())[0]?.message ?? null);
  };
  return (
    <Field.Root gap="1" invalid={error !== null}>
      <Field.Label fontSize="xs" color="muted" fontWeight="medium">
        {label}
      </Field.Label>
      <Input
        size="sm"
        bg="sheet"
        borderColor="line"
        autoComplete="off"
        maxLength={60}
        value={text}
        onChange={(event) => setText(event.target.value)}
        onBlur={leave}
        onKeyDown={(event) => {
          if (event.key === "Enter") event.currentTarget.blur();
        }}
      />
      <Field.ErrorText fontSize="xs" color="stop" mt="0">
        {error}
      </Field.ErrorText>
    </Field.Root>
  );
});
