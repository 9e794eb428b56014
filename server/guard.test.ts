import { describe, expect, it } from "vitest";
import { type Asking, judgeRequest, servedOn } from "./guard";

const served = servedOn(4300, undefined);
const asking = (what: Partial<Asking>): Asking => ({
  ...{ method: "POST", host: "127.0.0.1:4300", origin: undefined, fetchSite: undefined },
  ...what,
});
const status = (what: Partial<Asking>, by = served) => judgeRequest(asking(what), by)?.status ?? 200;

describe("a request's Host", () => {
  it.each(["127.0.0.1:4300", "localhost:4300", "LOCALHOST:4300"])("%s is answered", (host) => {
    expect(status({ host, method: "GET" })).toBe(200);
  });
  it.each([
    undefined,
    "",
    "evil.example",
    "evil.example:4300",
    "127.0.0.1",
    "127.0.0.1:80",
    "127.0.0.1.evil.example:4300",
  ])("%s is not, not even to read", (host) => expect(status({ host, method: "GET" })).toBe(421));
  it("needs no port where it listens on 80", () => {
    expect(status({ host: "localhost" }, servedOn(80, undefined))).toBe(200);
  });
});

describe("a write", () => {
  it("passes from its own page, and from a program that is no browser", () => {
    expect(status({ origin: "http://127.0.0.1:4300", fetchSite: "same-origin" })).toBe(200);
    expect(status({ host: "localhost:4300", origin: "http://localhost:4300" })).toBe(200);
    expect(status({})).toBe(200);
  });
  it.each([
    { origin: "https://evil.example" },
    { origin: "http://127.0.0.1:9999" },
    { origin: "https://127.0.0.1:4300" },
    { origin: "null" },
    { origin: "null", fetchSite: "cross-site" },
    { origin: "" },
    { fetchSite: "cross-site" },
    { fetchSite: "same-site" },
    { origin: "http://127.0.0.1:4300", fetchSite: "cross-site" },
    { method: "PUT", origin: "https://evil.example" },
    { method: "DELETE", fetchSite: "cross-site" },
  ])("is refused from %o", (what) => expect(status(what)).toBe(403));
  it("passes from a plain form of a page that sends no referrer, on the browser's word", () => {
    expect(status({ origin: "null", fetchSite: "same-origin" })).toBe(200);
  });
});

describe("behind a proxy", () => {
  const proxied = servedOn(4300, "https://shed.example");
  it("its origin is served and writes, whichever Host the proxy passes on", () => {
    const own = { origin: "https://shed.example", fetchSite: "same-origin" };
    expect(status({ ...own, host: "shed.example" }, proxied)).toBe(200);
    expect(status({ ...own, host: "127.0.0.1:4300" }, proxied)).toBe(200);
  });
  it("not the same name without its scheme", () => {
    expect(status({ host: "shed.example", origin: "http://shed.example" }, proxied)).toBe(403);
  });
  it.each(["shed.example", "https://shed.example/sub", "ftp://shed.example", "https://"])(
    "%s is no origin",
    (origin) => {
      expect(() => servedOn(4300, origin)).toThrow(/HORNWORT_ORIGIN is “.*not an origin/);
    },
  );
});
