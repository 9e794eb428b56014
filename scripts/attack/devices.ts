import { networkInterfaces } from "node:os";
import { ask } from "./ask";

/** Notes an attempt: what was tried, what was answered, whether it held. */
type Note = (tried: string, answer: string | number, held: boolean) => void;

const JSON_TYPE = { "Content-Type": "application/json" };
const ENTRY = (id: string) => JSON.stringify([{ id, event: { kind: "regret", what: "None", stage: "bench" } }]);

/** What came of asking: a status, or why nobody answered. */
async function statusOf(address: string, path: string, how: Parameters<typeof ask>[2] = {}): Promise<number | string> {
  const { status, body } = await ask(address, path, how);
  return status === 0 ? (/\b(E[A-Z]+)\b/.exec(body)?.[1] ?? body) : status;
}

/**
 * What a second device could do while a build's bench is open to the network: without a code, with a used one, from a
 * foreign page, at another address, and past what it was let in for.
 * @param address the machine's own server
 */
export async function devices(address: string, build: string, other: string, note: Note): Promise<void> {
  const own = { ...JSON_TYPE, Origin: address };
  const post = async (body: object) =>
    JSON.parse((await ask(address, "/away", { method: "POST", headers: own, body: JSON.stringify(body) })).body) as {
      message: string | null;
      status?: { open: { origin: string } | null };
      code?: { code: string; url: string } | null;
    };
  const strange = await post({ do: "open", build, address: "198.51.100.7", minutes: 60 });
  note("open it on an address that is not this machine's", strange.message ?? "opened", strange.message !== null);
  const opened = await post({ do: "open", build, address: "127.0.0.1", minutes: 60 });
  const { origin } = opened.status!.open!;
  const bench = `/builds/${build}/bench`;
  const is = (tried: string, got: number | string, ...held: (number | string)[]) =>
    note(tried, got, held.includes(got));

  is("a device without a code reads the bench", await statusOf(origin, bench), 401);
  is("a device without a code reads a script", await statusOf(origin, "/assets/any.js"), 401);
  is(
    "a made-up cookie",
    await statusOf(origin, bench, { headers: { Cookie: `hornwort-device=${"0".repeat(64)}` } }),
    401,
  );
  is("a wrong code", await statusOf(origin, "/open?code=AAAAAAAA"), 403);
  const { code } = opened.code!;
  const letIn = await ask(origin, `/open?code=${code}`);
  const cookie = String(letIn.headers["set-cookie"] ?? "");
  const strict = /HttpOnly/.test(cookie) && /SameSite=Strict/.test(cookie);
  note("the code, once", `${letIn.status}, ${strict ? "a strict cookie" : cookie}`, letIn.status === 303 && strict);
  is("the same code again", await statusOf(origin, `/open?code=${code}`), 403);

  const device = { Cookie: cookie.split(";")[0]! };
  is("let in, it reads its bench", await statusOf(origin, bench, { headers: device }), 200);
  for (const path of [
    `/builds/${other}/bench`,
    `/builds/${build}/shell`,
    `/builds/${build}/files/build.json`,
    "/",
    "/workshop",
    "/away",
    `/builds/${build}/bench/../../workshop`,
  ])
    is(`let in, it reads ${path}`, await statusOf(origin, path, { headers: device }), 403);
  const write = (path: string, headers: Record<string, string>, body: string) =>
    statusOf(origin, path, { method: "POST", headers: { ...JSON_TYPE, ...device, ...headers }, body });
  const log = `/builds/${build}/log`;
  is("let in, it writes to its log", await write(log, { Origin: origin }, ENTRY("device-1")), 200);
  for (const from of ["https://evil.example", "null", address])
    is(
      `its log from ${from === address ? "the machine's own page" : from}`,
      await write(log, { Origin: from }, ENTRY("device-2")),
      403,
    );
  is("its log from a foreign site", await write(log, { "Sec-Fetch-Site": "cross-site" }, ENTRY("device-3")), 403);
  for (const path of [`/builds/${build}/save`, `/builds/${other}/log`, "/away", "/workshop", "/rack", "/import"])
    is(`let in, it writes to ${path}`, await write(path, { Origin: origin }, "{}"), 403);
  is("a foreign Host", await statusOf(origin, bench, { headers: { ...device, Host: "evil.example" } }), 421);
  is(
    "its cookie at the machine's own server, as another Host",
    await statusOf(address, bench, { headers: { ...device, Host: new URL(origin).host } }),
    421,
  );

  const { port } = new URL(origin);
  const lan = Object.values(networkInterfaces()).flatMap((l) =>
    (l ?? []).filter((i) => i.family === "IPv4" && !i.internal),
  );
  for (const at of ["127.0.0.2", ...lan.map((i) => i.address)])
    is(`the same port at ${at}`, await statusOf(`http://${at}:${port}`, bench), "ECONNREFUSED");

  const { code: second } = (await post({ do: "code" })).code!;
  for (let i = 0; i < 12; i++) await statusOf(origin, `/open?code=BBBBBBB${i % 10}`);
  is("a good code after a dozen guesses", await statusOf(origin, `/open?code=${second}`), 403);
  await post({ do: "close" });
  is("once it is closed", await statusOf(origin, bench, { headers: device }), "ECONNREFUSED");
}
