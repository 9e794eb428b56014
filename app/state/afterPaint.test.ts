import { afterEach, beforeEach, expect, it, vi } from "vitest";
import { afterPaint } from "./afterPaint";

const frames: (() => void)[] = [];
let clockMs = 1000;
const paint = async () => {
  for (const frame of frames.splice(0)) frame();
  // Tasks of their own: one takes the work up, the next measures it.
  for (let i = 0; i < 4; i++) await new Promise((done) => setImmediate(done));
};

beforeEach(() => {
  vi.stubGlobal("requestAnimationFrame", (frame: () => void) => frames.push(frame));
  vi.spyOn(performance, "now").mockImplementation(() => clockMs);
});
afterEach(() => {
  vi.unstubAllGlobals();
  vi.restoreAllMocks();
});

it("is done once the frame is painted, and again only after a rest thirty times as long as it took", async () => {
  const done: string[] = [];
  afterPaint(() => {
    done.push("first");
    clockMs += 2;
  });
  expect(done).toEqual([]);
  await paint();
  expect(done).toEqual(["first"]);
  vi.useFakeTimers({ toFake: ["setTimeout"] });
  afterPaint(() => done.push("second"));
  afterPaint(() => done.push("third"));
  // Two milliseconds of work are followed by sixty of rest, and no frame is asked for till then.
  vi.advanceTimersByTime(59);
  expect(frames).toEqual([]);
  vi.advanceTimersByTime(2);
  expect(frames).toHaveLength(1);
  vi.useRealTimers();
  await paint();
  expect(done).toEqual(["first", "second", "third"]);
});
