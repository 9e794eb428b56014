import type { Operation } from "fast-json-patch";
import { set, setMm } from "../../ledgers/fix";
import type { Site } from "../site";

/** What makes the dam so high, or puts one in; none where nothing of the kind can be made. */
export function raiseDam({ shell, at }: Pick<Site, "shell" | "at">, heightMm: number): Operation[] {
  const { damPath, damStart } = shell;
  if (damPath === null) return [];
  return [...(damStart ? [set(at(damStart.path), damStart.value)] : []), setMm(at(damPath), heightMm)];
}
