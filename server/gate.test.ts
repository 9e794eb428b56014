import { describe, expect, it } from "vitest";
import { createGate } from "./gate";

const ORIGIN = "http://192.0.2.20:4301";
const MINUTE = 60_000;

/** A gate with a clock of its own, and a device at it. */
function atGate(minutes = 60) {
  let now = 1_000_000;
  const gate = createGate(ORIGIN, "the-build", now + minutes * MINUTE, () => now);
  const asking = {
    ...{ method: "GET", path: "/builds/the-build/bench", code: undefined, host: "192.0.2.20:4301" },
    ...{ origin: undefined, fetchSite: undefined, cookie: undefined },
  };
  type Asking = Parameters<typeof gate.judge>[0];
  const ask = (what: Partial<Asking> = {}) => gate.judge({ ...asking, ...what });
  const enter = (code: string) => ask({ path: "/open", code });
  const letIn = () => {
    const verdict = enter(gate.newCode().code);
    if (verdict.kind !== "letIn") throw new Error("not let in");
    return verdict.cookie.split(";")[0]!;
  };
  return {
    gate,
    ask,
    enter,
    letIn,
    pass: (ms: number) => {
      now += ms;
    },
  };
}
const status = (verdict: ReturnType<ReturnType<typeof atGate>["ask"]>) =>
  verdict.kind === "refused" ? verdict.status : verdict.kind;

describe("the gate of a bench", () => {
  it("lets a device in by its code once, with a cookie no script reads and no other site sends", () => {
    const { gate, enter } = atGate();
    const { code, url } = gate.newCode();
    expect(url).toBe(`${ORIGIN}/open?code=${code}`);
    expect(code).toMatch(/^[0-9A-HJKMNP-TV-Z]{8}$/);
    expect(enter(code.toLowerCase())).toMatchObject({
      ...{ kind: "letIn", to: "/builds/the-build/bench" },
      cookie: expect.stringMatching(/^hornwort-device=[0-9a-f]{64}; Path=\/; HttpOnly; SameSite=Strict; Max-Age=3600$/),
    });
    expect(status(enter(code))).toBe(403);
    expect(gate.devices()).toHaveLength(1);
  });

  it("takes no code that is wrong, too old, or guessed at often", () => {
    const old = atGate();
    const { code } = old.gate.newCode();
    old.pass(11 * MINUTE);
    expect(status(old.enter(code))).toBe(403);
    const guessed = atGate();
    const { code: good } = guessed.gate.newCode();
    for (let i = 0; i < 10; i++) expect(status(guessed.enter("AAAAAAAA"))).toBe(403);
    expect(status(guessed.enter(good))).toBe(403);
    // A new one is asked for at the machine, and is good again.
    expect(guessed.enter(guessed.gate.newCode().code).kind).toBe("letIn");
    expect(status(atGate().enter("AAAAAAAA"))).toBe(403);
  });

  it("lets nobody pass without a cookie it gave, nor after its time", () => {
    const { ask, letIn, pass } = atGate();
    expect(status(ask())).toBe(401);
    expect(status(ask({ cookie: `hornwort-device=${"0".repeat(64)}` }))).toBe(401);
    const cookie = `theme=dark; ${letIn()}`;
    expect(status(ask({ cookie }))).toBe("through");
    pass(61 * MINUTE);
    expect(status(ask({ cookie }))).toBe(403);
  });

  it.each([
    ["GET", "/builds/the-build/bench.data", "through"],
    ["GET", "/assets/bench-1a2b.js", "through"],
    ["GET", "/builds/the-build/photos/0123abcd", "through"],
    ["GET", "/builds/the-build/shell", 403],
    ["GET", "/builds/the-build/bench/../shell", 403],
    ["GET", "/builds/other/bench", 403],
    ["GET", "/workshop", 403],
    ["GET", "/away", 403],
    ["POST", "/builds/the-build/log", "through"],
    ["POST", "/builds/the-build/photos/0123abcd", "through"],
    ["POST", "/builds/the-build/save", 403],
    ["POST", "/builds/other/log", 403],
    ["POST", "/away", 403],
    ["DELETE", "/builds/the-build/log", 403],
    ["PUT", "/builds/the-build/log", 403],
  ])("a device that is in asks %s %s: %s", (method, path, answer) => {
    const { ask, letIn } = atGate();
    expect(status(ask({ method, path, cookie: letIn(), origin: ORIGIN }))).toBe(answer);
  });

  it("takes writes from its own page alone, and no other name", () => {
    const { ask, letIn } = atGate();
    const write = { method: "POST", path: "/builds/the-build/log", cookie: letIn() };
    for (const origin of ["https://evil.example", "null", "http://127.0.0.1:4300"])
      expect(status(ask({ ...write, origin }))).toBe(403);
    expect(status(ask({ ...write, fetchSite: "cross-site" }))).toBe(403);
    expect(status(ask({ ...write, host: "evil.example" }))).toBe(421);
    expect(status(ask({ ...write, host: undefined }))).toBe(421);
  });
});
