import { describe, expect, it } from "vitest";
import { createJob } from "./job";

/** Something that works until it is told to be done, and tells what it is told to tell. */
function work() {
  let tell: (n: number) => void = () => {};
  let [done, fail]: [() => void, () => void] = [() => {}, () => {}];
  let ended = 0;
  return {
    start: (to: (n: number) => void) => {
      tell = to;
      return {
        done: new Promise<void>((yes, no) => ([done, fail] = [yes, () => no(new Error("broken"))])),
        end: () => ended++,
      };
    },
    tell: (n: number) => tell(n),
    done: () => done(),
    fail: () => fail(),
    ended: () => ended,
  };
}
const settle = () => new Promise((go) => setTimeout(go));

describe("something that takes a while", () => {
  it("tells what it knows as it goes, and ends its threads when it is done", async () => {
    const job = createJob<number>();
    const one = work();
    job.run(one.start);
    expect(job.state.getState()).toEqual({ status: "running", known: null });
    one.tell(3);
    expect(job.state.getState().known).toBe(3);
    one.done();
    await settle();
    expect(job.state.getState()).toEqual({ status: "done", known: 3 });
    expect(one.ended()).toBe(1);
  });
  it("stopped keeps what is known, and hears nothing more", async () => {
    const job = createJob<number>();
    const one = work();
    job.run(one.start);
    one.tell(1);
    job.stop();
    expect(job.state.getState()).toEqual({ status: "stopped", known: 1 });
    const two = work();
    job.run(two.start);
    one.tell(9);
    one.done();
    await settle();
    expect(job.state.getState()).toEqual({ status: "running", known: null });
    two.fail();
    await settle();
    expect(job.state.getState().status).toBe("failed");
  });
});
