import { useDecision } from "../state/context";
import { Tick } from "../ui/Tick";

/** Found or had, and free; or to be bought. */
export function GotTick({ path }: { path: string }) {
  const { value, commit } = useDecision<"bought" | "found">(path);
  return <Tick label="Found, or had" on={value === "found"} onChange={(on) => commit(on ? "found" : "bought")} />;
}
