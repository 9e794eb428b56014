import { CARE } from "./care/list";
import { CLOSING } from "./closing/list";

/** What a check is called, by the key the log keeps it under; the key itself where this version has not that check. */
export function checkTitle(key: string): string {
  const [list, id] = key.split("/");
  const checks: readonly { id: string; title: string }[] = list === "care" ? CARE : CLOSING;
  return checks.find((c) => c.id === id)?.title ?? key;
}
