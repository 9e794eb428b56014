import { useState } from "react";

/** What is typed in a field and not, or not yet, taken. */
interface Draft {
  text: string;
  error: string | null;
  /** The words it was typed over; null until the field is left, while they may follow what is typed. */
  over: string | null;
}

/**
 * The text of a field: its value's own words until something is typed, and again as soon as the value changes elsewhere, by
 * an undo or a drag, say. What could not be taken stays, with its message.
 * @param own the value in words
 */
export function useDraft(own: string) {
  const [draft, setDraft] = useState<Draft | null>(null);
  const [editing, setEditing] = useState(false);
  let shown = draft;
  if (shown && !editing) {
    // Left just now: from here on a change of the value counts.
    if (shown.over === null) shown = { ...shown, over: own };
    else if (shown.over !== own) shown = null;
    if (shown !== draft) setDraft(shown);
  }
  return {
    text: shown?.text ?? own,
    error: shown?.error ?? null,
    /** Whether something is typed that is not taken. */
    touched: shown !== null,
    focus: () => setEditing(true),
    /** Something was typed; with a message where it cannot be taken. */
    type: (text: string, error: string | null = null) => setDraft({ text, error, over: null }),
    /** The field is left: what was typed is taken, or stays with a message. */
    leave: (error: string | null) => {
      setEditing(false);
      setDraft(error === null || shown === null ? null : { ...shown, error, over: null });
    },
  };
}
