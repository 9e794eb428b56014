import { expect, it } from "vitest";
import { jobBuild, jobInput } from "../../../tests/job";
import type { Log } from "../../log/schema";
import { plan } from "../../plan";
import { SHUTTING } from "./facts";

const tried = (held: boolean, hour: number): Log[number] => ({
  id: `e${hour}`,
  at: `2026-01-05T0${hour}:00`,
  event: { kind: "catch-tried", opening: "front", held },
});
const after = (log: Log) => {
  const p = plan({ ...jobInput(jobBuild()), log });
  const told = p.snags.filter((s) => s.rule === "front/came-open");
  return { last: p.facts.one(SHUTTING)!.map(({ what, last }) => [what, last?.held ?? null]), told };
};

it("a door that came open when pulled at stops the build until it held, or the entry is taken back", () => {
  expect(after([])).toEqual({ last: [["slides", null]], told: [] });
  const open = after([tried(true, 1), tried(false, 2)]);
  expect(open.last).toEqual([["slides", false]]);
  expect(open.told).toMatchObject([{ severity: "stop", subject: "front" }]);
  expect(after([tried(false, 1), tried(true, 2)]).told).toEqual([]);
  const back: Log[number] = { id: "e9", at: "2026-01-05T09:00", event: { kind: "taken-back", entry: "e2" } };
  expect(after([tried(true, 1), tried(false, 2), back]).told).toEqual([]);
});
