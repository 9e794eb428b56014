import type { Variant } from "../document/schema";

/** What stands on the top and hangs from it, kg: as typed, and every fixture whose weight is known. */
export const topCarriesKg = ({ shell, fixtures }: Pick<Variant, "shell" | "fixtures">): number =>
  fixtures.reduce(
    (kg, f) => (f.face === "top" && f.held !== "hung" ? kg + (f.mass?.value ?? 0) : kg),
    shell.topLoadKg.value,
  );
