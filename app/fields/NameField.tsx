import { Input, Textarea } from "@chakra-ui/react";
import { memo } from "react";
import { useDecision } from "../state/context";
import { useDraft } from "../state/useDraft";
import { Labelled } from "../ui/Labelled";

interface Props {
  label: string;
  path: string;
  /** A name is never empty; other words may be. */
  optional?: boolean;
  /** Words of several lines, which may be empty. */
  long?: boolean;
  /** The most letters it takes. */
  most?: number;
}

/** A name or other words of the design, kept when the field is left. */
export const NameField = memo(function NameField({ label, path, optional, long, most = 60 }: Props) {
  const { value, attempt } = useDecision<string>(path);
  const draft = useDraft(value);
  const take = (): string | null => {
    const text = long ? draft.text : draft.text.trim();
    if (!long && !optional && text === "") return "Give it a name. The last one is still in force.";
    return text === value ? null : (attempt(text)[0]?.message ?? null);
  };
  const props = {
    size: "sm",
    bg: "sheet",
    borderColor: "line",
    autoComplete: "off",
    value: draft.text,
    onFocus: draft.focus,
    onBlur: () => draft.leave(take()),
  } as const;
  return (
    <Labelled label={label} error={draft.error}>
      {long ? (
        <Textarea {...props} maxLength={4000} onChange={(event) => draft.type(event.target.value)} />
      ) : (
        <Input
          {...props}
          maxLength={most}
          onChange={(event) => draft.type(event.target.value)}
          onKeyDown={(event) => {
            if (event.key === "Enter") event.currentTarget.blur();
          }}
        />
      )}
    </Labelled>
  );
});
