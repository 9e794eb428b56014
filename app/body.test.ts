import { describe, expect, it } from "vitest";
import { parseJson, readText, UPLOAD_LIMIT_BYTES } from "./body.server";

const request = (body: BodyInit) =>
  new Request("http://127.0.0.1/import", { method: "POST", body, ...({ duplex: "half" } as object) });

describe("uploads", () => {
  it("reads what is small enough", async () => {
    expect(await readText(request("{}"))).toEqual({ ok: true, value: "{}" });
    expect(await readText(new Request("http://127.0.0.1/", { method: "POST" }))).toEqual({ ok: true, value: "" });
  });

  it("counts 200 MB as it streams, keeps none of it, and names the limit", async () => {
    const before = process.memoryUsage().rss;
    let sent = 0;
    const stream = new ReadableStream<Uint8Array>({
      pull(controller) {
        if (sent >= 200) return controller.close();
        sent++;
        controller.enqueue(new Uint8Array(1024 * 1024));
      },
    });
    const read = await readText(request(stream));
    expect(read).toMatchObject({ ok: false, message: expect.stringMatching(/200 MB; a build file is at most 2 MB/) });
    expect(sent).toBe(200);
    expect(process.memoryUsage().rss - before).toBeLessThan(150 * 1024 * 1024);
    expect(UPLOAD_LIMIT_BYTES).toBe(2 * 1024 * 1024);
  });

  it("tells a file cut short from one that is no JSON at all", () => {
    expect(parseJson('{"format":"hornwort-build","design":{')).toMatchObject({
      ok: false,
      message: expect.stringMatching(/cut short/),
    });
    expect(parseJson("<html>")).toMatchObject({ ok: false, message: expect.stringMatching(/not JSON/) });
    expect(parseJson("[1]")).toEqual({ ok: true, value: [1] });
  });
});
