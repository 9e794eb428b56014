import { Field, Input } from "@chakra-ui/react";
import { memo } from "react";
import { useDecision } from "../state/context";
import { useDraft } from "../state/useDraft";

/** A name or other words of the design, kept when the field is left. */
export const NameField = memo(function NameField({ label, path }: { label: string; path: string }) {
  const { value, attempt } = useDecision<string>(path);
  const draft = useDraft(value);
  const leave = () => {
    const text = draft.text.trim();
    draft.leave(text === value ? null : (attempt(text)[0]?.message ?? null));
  };
  return (
    <Field.Root gap="1" invalid={draft.error !== null}>
      <Field.Label fontSize="xs" color="muted" fontWeight="medium">
        {label}
      </Field.Label>
      <Input
        size="sm"
        bg="sheet"
        borderColor="line"
        autoComplete="off"
        maxLength={60}
        value={draft.text}
        onFocus={draft.focus}
        onChange={(event) => draft.type(event.target.value)}
        onBlur={leave}
        onKeyDown={(event) => {
          if (event.key === "Enter") event.currentTarget.blur();
        }}
      />
      <Field.ErrorText fontSize="xs" color="stop" mt="0">
        {draft.error}
      </Field.ErrorText>
    </Field.Root>
  );
});
