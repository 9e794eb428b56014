import { request } from "node:http";

export interface Answer {
  status: number;
  headers: Record<string, string>;
  body: string;
  bytes: Buffer;
}

/**
 * Asks a server on this machine with any headers, also those that `fetch` keeps to itself, and the path as it is.
 * @param address `http://127.0.0.1:<port>`
 */
export function ask(
  address: string,
  path: string,
  { method = "GET", headers = {}, body }: { method?: string; headers?: Record<string, string>; body?: string } = {},
): Promise<Answer> {
  const { hostname, port } = new URL(address);
  return new Promise((done) => {
    // A connection of its own: one kept from an earlier question may be closed just as it is used again.
    const sent = request({ hostname, port, path, method, headers, agent: false }, (response) => {
      const chunks: Buffer[] = [];
      response.on("data", (chunk: Buffer) => chunks.push(chunk));
      response.on("end", () => {
        const bytes = Buffer.concat(chunks);
        done({
          status: response.statusCode ?? 0,
          headers: Object.fromEntries(Object.entries(response.headers).map(([k, value]) => [k, String(value)])),
          ...{ body: bytes.toString("utf8"), bytes },
        });
      });
    });
    // A connection closed without a word is an answer too.
    sent.on("error", (error) => done({ status: 0, headers: {}, body: error.message, bytes: Buffer.alloc(0) }));
    sent.end(body);
  });
}
