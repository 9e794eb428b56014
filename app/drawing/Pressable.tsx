import type { ReactNode } from "react";
import { openFields } from "../fields/openFields";
import { type Held, useBuildHandle, useIsHeld } from "../state/context";

/** Something of a drawing that is taken in hand by pressing it, and is not moved. */
export function Pressable({
  held,
  name,
  quiet = false,
  children,
}: {
  held: Held;
  name: string;
  /** Left out of the keys' round: it stands in a row as well, and there are many. */
  quiet?: boolean;
  children: ReactNode;
}) {
  const { take, letGo } = useBuildHandle();
  const selected = useIsHeld(held);
  return (
    <g
      data-mark
      role="button"
      tabIndex={quiet ? -1 : 0}
      aria-pressed={selected}
      aria-label={`${name}. Enter opens its fields.`}
      style={{ cursor: "pointer", outlineOffset: -3 }}
      onClick={() => take(held)}
      onFocus={(event) => {
        if (!selected && event.currentTarget.matches(":focus-visible")) take(held);
      }}
      onKeyDown={(event) => {
        if (event.key === "Escape") return letGo();
        if (event.key !== "Enter" && event.key !== " ") return;
        event.preventDefault();
        take(held);
        openFields(held);
      }}
    >
      <g opacity={selected && quiet ? 0.55 : 1}>{children}</g>
    </g>
  );
}
