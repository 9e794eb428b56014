import { expect, it } from "vitest";
import type { LogEntry } from "../log/schema";
import { photosOf } from "./photos";

const photo = (id: string, of: { kind: "face" | "thing" | "step"; id: string }): LogEntry => ({
  id: `e-${id}`,
  at: "2026-01-05T17:00",
  event: { ...{ kind: "photo", photo: id, view: "face", widthPx: 1, heightPx: 1, words: "" }, of },
});
const steps = [
  { id: "background/left/carve", about: { thing: "left", short: "carve" } },
  { id: "background/right/carve", about: { thing: "right", short: "carve" } },
];

it("are of a thing itself, of its face, and of the steps done to it, the newest first; none taken back", () => {
  const log = [
    photo("a", { kind: "thing", id: "ledge-1" }),
    photo("b", { kind: "face", id: "left" }),
    photo("c", { kind: "step", id: "background/left/carve" }),
    photo("d", { kind: "step", id: "background/right/carve" }),
    photo("e", { kind: "thing", id: "ledge-2" }),
  ];
  const of = (id: string, face?: string, all = log) => photosOf(all, steps, { id, face }).map((p) => p.photo);
  expect(of("ledge-1")).toEqual(["a"]);
  expect(of("ledge-1", "left")).toEqual(["b", "a"]);
  // The wall itself is known by its face.
  expect(of("left", "left")).toEqual(["c", "b"]);
  expect(of("right", "right")).toEqual(["d"]);
  const back: LogEntry = { id: "t", at: "2026-01-05T18:00", event: { kind: "taken-back", entry: "e-a" } };
  expect(of("ledge-1", undefined, [...log, back])).toEqual([]);
});
