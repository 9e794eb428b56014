import type { IncomingMessage, ServerResponse } from "node:http";

/** Under which names this server answers, and from where its own page writes. */
export interface Served {
  /** Values of the Host header that are answered, in lower case (`127.0.0.1:4300`), each with the origin of its own page. */
  hosts: ReadonlyMap<string, string>;
  /** The origin of its page behind a proxy, whatever Host the proxy passes on; undefined without one. */
  origin: string | undefined;
}

/** What a request says of where it comes from; headers as they were sent. */
export interface Asking {
  method: string;
  host: string | undefined;
  origin: string | undefined;
  fetchSite: string | undefined;
}

export interface Refusal {
  status: number;
  message: string;
}

/** Methods that change nothing (RFC 9110, 9.2.1). */
const READS = new Set(["GET", "HEAD", "OPTIONS"]);
/** Where a browser says that the page itself, or the visitor, asked (Fetch Metadata: Sec-Fetch-Site). */
const OWN_SITES = new Set(["same-origin", "none"]);

/**
 * The names a server on a port of this machine is reached by, and the origin it is served under behind a proxy.
 * @param port the TCP port it listens on
 * @param origin `HORNWORT_ORIGIN`: scheme and host, such as `https://shed.example`; undefined without a proxy
 * @throws Error with a line for the terminal when the origin is none
 */
export function servedOn(port: number, origin: string | undefined): Served {
  const names = ["127.0.0.1", "localhost"].flatMap((name) =>
    port === 80 ? [name, `${name}:80`] : [`${name}:${port}`],
  );
  const hosts = new Map(names.map((name) => [name, `http://${name}`]));
  if (!origin) return { hosts, origin: undefined };
  const url = URL.canParse(origin) ? new URL(origin) : undefined;
  if (!url || !/^https?:$/.test(url.protocol) || url.href !== `${url.origin}/`)
    throw new Error(
      `HORNWORT_ORIGIN is “${origin}”, which is not an origin. Give scheme and host only, such as https://shed.example.`,
    );
  return { hosts: hosts.set(url.host, url.origin), origin: url.origin };
}

/**
 * Judges whether a request may be answered at all: any page a builder has open could send it.
 * @returns why it is refused, in a line; null when it may pass
 */
export function judgeRequest(asking: Asking, served: Served): Refusal | null {
  const host = asking.host?.toLowerCase();
  const ownOrigin = host && served.hosts.get(host);
  if (!ownOrigin)
    return {
      status: 421,
      message:
        "Hornwort is not served under this name. Open it at the address it printed; behind a proxy, set HORNWORT_ORIGIN.",
    };
  if (READS.has(asking.method)) return null;
  const site = asking.fetchSite;
  // A page that sends no referrer names no origin with a plain form; then the browser's own word for it counts.
  const unnamed = asking.origin === "null" && site === "same-origin";
  const own = unnamed || [undefined, ownOrigin, served.origin].includes(asking.origin);
  if (own && (site === undefined || OWN_SITES.has(site))) return null;
  return {
    status: 403,
    message: "Only Hornwort's own page may change a build. Nothing was changed. Open Hornwort itself and do it there.",
  };
}

/** The judgement as a step before all others of a server. */
export const guard =
  (served: Served) =>
  (request: IncomingMessage, response: ServerResponse, next: () => void): void => {
    const { host, origin } = request.headers;
    const fetchSite = request.headers["sec-fetch-site"];
    const refused = judgeRequest(
      {
        method: request.method ?? "",
        host,
        origin,
        fetchSite: Array.isArray(fetchSite) ? fetchSite.join() : fetchSite,
      },
      served,
    );
    if (!refused) {
      next();
      return;
    }
    response.statusCode = refused.status;
    response.setHeader("Content-Type", "text/plain; charset=utf-8");
    response.end(`${refused.message}\n`);
  };
