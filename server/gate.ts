import { createHash, randomBytes, timingSafeEqual } from "node:crypto";
import type { LetIn, OneTimeCode } from "../app/away";

/** Letters that are not taken for one another (Crockford's base 32). */
const LETTERS = "0123456789ABCDEFGHJKMNPQRSTVWXYZ";
const CODE_LETTERS = 8;
const CODE_GOOD_MS = 10 * 60_000;
/** Wrong codes after which a good one is no longer taken either. */
const MOST_WRONG = 10;
const COOKIE = "hornwort-device";

/** What a device is let do, on the one build it was let in for. */
const READS = (build: string) => [
  new RegExp(`^/builds/${build}/bench(\\.data)?$`),
  new RegExp(`^/builds/${build}/photos/[0-9a-f-]+$`),
  /^\/assets\/[\w.-]+$/,
  /^\/__manifest$/,
  /^\/favicon\.svg$/,
];
const WRITES = (build: string) => [
  new RegExp(`^/builds/${build}/log$`),
  new RegExp(`^/builds/${build}/photos/[0-9a-f-]+$`),
];

const hash = (text: string) => createHash("sha256").update(text).digest();
const same = (a: Buffer, b: Buffer) => timingSafeEqual(a, b);

/** The value of a cookie in a header as it was sent. */
function cookieOf(header: string | undefined): string | undefined {
  const found = header?.split(";").map((part) => part.trim().split("="));
  return found?.find(([name]) => name === COOKIE)?.[1];
}

/** What a request at the gate comes to: let through, let in with a cookie, or refused. */
export type AtGate =
  | { kind: "through" }
  | { kind: "letIn"; cookie: string; to: string }
  | { kind: "refused"; status: number; message: string };

const refused = (status: number, message: string): AtGate => ({ kind: "refused", status, message });

/**
 * Keeps the gate of a build's bench: one-time codes let a device in, and nobody passes without its cookie.
 * @param origin where it is reached, `http://192.168.1.20:4301`
 * @param now the clock, ms since 1970
 */
export function createGate(origin: string, build: string, untilMs: number, now: () => number = () => Date.now()) {
  let code: { hash: Buffer; goodUntilMs: number } | undefined;
  let wrong = 0;
  const devices: (LetIn & { hash: Buffer })[] = [];
  const { host } = new URL(origin);
  const known = (token: string | undefined) => {
    if (!token) return false;
    const own = hash(token);
    return devices.some((d) => same(d.hash, own));
  };
  const redeem = (asked: string): AtGate => {
    const good = code && now() < code.goodUntilMs && wrong < MOST_WRONG && same(code.hash, hash(asked.toUpperCase()));
    if (!good) {
      wrong++;
      return refused(
        403,
        "This code is wrong, used up or too old. Make a new one on the machine that Hornwort runs on.",
      );
    }
    code = undefined;
    const token = randomBytes(32).toString("hex");
    devices.push({ sinceMs: now(), hash: hash(token) });
    const seconds = Math.max(1, Math.floor((untilMs - now()) / 1000));
    return {
      kind: "letIn",
      cookie: `${COOKIE}=${token}; Path=/; HttpOnly; SameSite=Strict; Max-Age=${seconds}`,
      to: `/builds/${build}/bench`,
    };
  };
  return {
    ...{ origin, build, untilMs },
    devices: (): LetIn[] => devices.map(({ sinceMs }) => ({ sinceMs })),
    newCode(): OneTimeCode {
      const bytes = randomBytes(CODE_LETTERS);
      const text = [...bytes].map((b) => LETTERS[b % LETTERS.length]).join("");
      wrong = 0;
      code = { hash: hash(text), goodUntilMs: Math.min(untilMs, now() + CODE_GOOD_MS) };
      return { code: text, url: `${origin}/open?code=${text}`, goodUntilMs: code.goodUntilMs };
    },
    /**
     * Judges a request.
     * @param path without its query, `code` of its query where it has one
     */
    judge(asking: {
      method: string;
      path: string;
      code: string | undefined;
      host: string | undefined;
      origin: string | undefined;
      fetchSite: string | undefined;
      cookie: string | undefined;
    }): AtGate {
      if (asking.host?.toLowerCase() !== host)
        return refused(421, "Hornwort is not served under this name here. Open the address that the code shows.");
      if (now() >= untilMs) return refused(403, "The time for other devices is over. Open it again on the machine.");
      const reads = asking.method === "GET" || asking.method === "HEAD";
      if (reads && asking.path === "/open" && asking.code !== undefined) return redeem(asking.code);
      if (!known(cookieOf(asking.cookie)))
        return refused(401, "This device has not been let in. Scan the code that Hornwort shows on its own machine.");
      const may = (reads ? READS : WRITES)(build).some((rule) => rule.test(asking.path));
      if (!may || (!reads && asking.method !== "POST"))
        return refused(403, "A device that was let in may open this one bench and write to its log, and nothing else.");
      if (reads) return { kind: "through" };
      const own = [undefined, origin].includes(asking.origin);
      const site = [undefined, "same-origin", "none"].includes(asking.fetchSite);
      return own && site
        ? { kind: "through" }
        : refused(403, "Only the bench's own page may write here. Nothing was changed.");
    },
  };
}
export type Gate = ReturnType<typeof createGate>;
