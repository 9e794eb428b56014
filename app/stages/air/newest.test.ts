import { describe, expect, it } from "vitest";
import { newestFirst } from "./newest";

describe("what is asked faster than it is answered", () => {
  it("is answered one at a time, the newest of what waits next, and shown each time", async () => {
    const asked: number[] = [];
    const shown: number[] = [];
    const open: (() => void)[] = [];
    const ask = newestFirst(
      (n: number) => {
        asked.push(n);
        return new Promise<number>((done) => open.push(() => done(10 * n)));
      },
      (answer) => shown.push(answer),
    );
    for (const n of [1, 2, 3]) ask(n);
    expect(asked).toEqual([1]);
    open.shift()!();
    await new Promise((go) => setTimeout(go));
    expect([asked, shown]).toEqual([[1, 3], [10]]);
    open.shift()!();
    await new Promise((go) => setTimeout(go));
    ask(4);
    expect(asked).toEqual([1, 3, 4]);
    expect(shown).toEqual([10, 30]);
  });
});
