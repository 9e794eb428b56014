import { afterEach, describe, expect, it, vi } from "vitest";
import { ask } from "./ask";

afterEach(() => vi.unstubAllGlobals());
const answering = (answer: () => Promise<Response>) => vi.stubGlobal("fetch", answer);

describe("what is asked of the server", () => {
  it("is taken where it answers", async () => {
    answering(async () => Response.json({ revisions: [] }));
    expect(await ask("/x")).toEqual({ ok: true, value: { revisions: [] } });
  });
  it("is told in its own words where it refuses, and plainly where it says nothing that can be read", async () => {
    answering(async () => Response.json({ message: "There is no such save." }, { status: 404 }));
    expect(await ask("/x")).toEqual({ ok: false, message: "There is no such save." });
    answering(async () => new Response("<html>", { status: 502 }));
    expect(await ask("/x")).toMatchObject({ ok: false, message: expect.stringContaining("does not answer") });
    answering(async () => Promise.reject(new Error("down")));
    expect(await ask("/x")).toMatchObject({ ok: false, message: expect.stringContaining("Nothing is lost") });
  });
});
