import { describe, expect, it } from "vitest";
import { readForm, readJson } from "./body.server";

const request = (body: BodyInit | null, type: string | null = "application/json") =>
  new Request("http://127.0.0.1/import", {
    ...{ method: "POST", body, headers: type === null ? {} : { "Content-Type": type } },
    ...({ duplex: "half" } as object),
  });

describe("JSON", () => {
  it("is read when it is small enough, with or without a character set", async () => {
    expect(await readJson(request("[1]"))).toEqual({ ok: true, value: [1] });
    expect(await readJson(request("{}", "Application/JSON; charset=utf-8"))).toEqual({ ok: true, value: {} });
  });

  it.each([null, "text/plain", "text/plain; application/json", "application/x-www-form-urlencoded", "text/json"])(
    "is not taken as %s",
    async (type) => {
      const body = new TextEncoder().encode('{"base":null}');
      expect(await readJson(request(body, type))).toMatchObject({ ok: false, status: 415 });
    },
  );

  it("of 200 MB is counted as it streams, kept nowhere, and the limit is named", async () => {
    const before = process.memoryUsage().rss;
    let sent = 0;
    const stream = new ReadableStream<Uint8Array>({
      pull(controller) {
        if (sent >= 200) return controller.close();
        sent++;
        controller.enqueue(new Uint8Array(1024 * 1024));
      },
    });
    const read = await readJson(request(stream));
    expect(read).toMatchObject({
      ok: false,
      status: 413,
      message: expect.stringMatching(/200 MB; Hornwort takes at most 2 MB/),
    });
    expect(sent).toBe(200);
    expect(process.memoryUsage().rss - before).toBeLessThan(150 * 1024 * 1024);
  });

  it("cut short is told from what is no JSON at all", async () => {
    expect(await readJson(request('{"format":"hornwort-build","design":{'))).toMatchObject({
      ...{ ok: false, status: 400 },
      message: expect.stringMatching(/cut short/),
    });
    for (const text of ["<html>", ""])
      expect(await readJson(request(text))).toMatchObject({
        ...{ ok: false, status: 400 },
        message: expect.stringMatching(/not JSON/),
      });
  });
});

describe("a form", () => {
  it("is read as a page sends it, with a file or without", async () => {
    const plain = await readForm(request("pack=x&price=1%2C50", "application/x-www-form-urlencoded;charset=UTF-8"));
    expect(plain.ok && [...plain.value]).toEqual([
      ["pack", "x"],
      ["price", "1,50"],
    ]);
    const fields = new FormData();
    fields.set("list", "12 × 3");
    const sent = new Request("http://127.0.0.1/rack", { method: "POST", body: fields });
    const parts = await readForm(sent);
    expect(parts.ok && parts.value.get("list")).toBe("12 × 3");
  });

  it("is not taken as text or JSON, nor damaged, nor larger than the limit", async () => {
    for (const type of ["text/plain", "application/json"])
      expect(await readForm(request("pack=x", type))).toMatchObject({ ok: false, status: 415 });
    expect(await readForm(request("pack=x", "multipart/form-data"))).toMatchObject({ ok: false, status: 400 });
    const large = request("x".repeat(40), "application/x-www-form-urlencoded");
    expect(await readForm(large, 39)).toMatchObject({ ok: false, status: 413 });
  });
});
