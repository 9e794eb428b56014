import type { Server } from "node:http";
import { networkInterfaces } from "node:os";
import type { Express, NextFunction, Request, Response } from "express";
import type { Away, AwayStatus } from "../app/away";
import { fail, ok, type Result } from "../core/units/result";
import { createGate, type Gate } from "./gate";

const SELF = "127.0.0.1";
/** The longest it is left open: a weekend. */
const MOST_MINUTES = 3 * 24 * 60;

/** Addresses of this machine on its networks, the machine itself last. */
const addressesOf = (): string[] => [
  ...Object.values(networkInterfaces()).flatMap((list) =>
    (list ?? []).flatMap(({ family, internal, address }) => (family === "IPv4" && !internal ? [address] : [])),
  ),
  SELF,
];

/** The gate as a step before all others of a server. */
const gateStep =
  (gate: Gate) =>
  (request: Request, response: Response, next: NextFunction): void => {
    const { host, origin, cookie } = request.headers;
    const site = request.headers["sec-fetch-site"];
    const code = request.query.code;
    const verdict = gate.judge({
      ...{ method: request.method, path: request.path, host, origin, cookie },
      code: typeof code === "string" ? code : undefined,
      fetchSite: Array.isArray(site) ? site.join() : site,
    });
    if (verdict.kind === "through") {
      next();
      return;
    }
    response.setHeader("Cache-Control", "no-store");
    if (verdict.kind === "letIn") {
      response.setHeader("Set-Cookie", verdict.cookie);
      response.redirect(303, verdict.to);
      return;
    }
    response.status(verdict.status).type("text/plain").send(`${verdict.message}\n`);
  };

/** Listens on an address and port; the same address on any free port where that one is taken. */
function listenOn(app: Express, address: string, port: number): Promise<Server> {
  return new Promise((done, refused) => {
    const server = app.listen(port, address, () => done(server));
    server.once("error", (error: NodeJS.ErrnoException) =>
      error.code === "EADDRINUSE" && port !== 0 ? listenOn(app, address, 0).then(done, refused) : refused(error),
    );
  });
}

/**
 * Opens one build's bench to devices of the network, when it is asked to, and closes it when its time is over.
 * @param port the one this server listens on itself; devices get the next
 * @param makeApp an application behind a first step, for a host
 */
export function createAway(
  port: number,
  makeApp: (first: (request: Request, response: Response, next: NextFunction) => void, host: () => string) => Express,
): Away {
  let now: { server: Server; gate: Gate; timer: NodeJS.Timeout } | undefined;
  const status = (): AwayStatus => ({
    addresses: addressesOf(),
    open: now
      ? {
          ...{ origin: now.gate.origin, build: now.gate.build, untilMs: now.gate.untilMs },
          devices: now.gate.devices(),
        }
      : null,
  });
  const close = async () => {
    const was = now;
    now = undefined;
    if (!was) return;
    clearTimeout(was.timer);
    was.server.closeAllConnections();
    await new Promise<void>((done) => was.server.close(() => done()));
  };
  return {
    status,
    close,
    newCode: () => now?.gate.newCode(),
    async openOn(address, build, minutes): Promise<Result<AwayStatus>> {
      if (!addressesOf().includes(address))
        return fail(`${address} is no address of this machine. Nothing was opened; choose one of the list.`);
      if (!(minutes >= 1 && minutes <= MOST_MINUTES))
        return fail("It can be open from a minute to three days. Nothing was opened.");
      await close();
      const held: { gate?: Gate } = {};
      const app = makeApp(
        (request, response, next) => {
          if (held.gate) gateStep(held.gate)(request, response, next);
          else response.status(503).end();
        },
        () => new URL(held.gate!.origin).host,
      );
      try {
        const server = await listenOn(app, address, port + 1);
        const at = server.address();
        const own = typeof at === "object" && at ? at.port : port + 1;
        const untilMs = Date.now() + minutes * 60_000;
        const gate = createGate(`http://${address}:${own}`, build, untilMs);
        held.gate = gate;
        now = { server, gate, timer: setTimeout(() => void close(), minutes * 60_000) };
        now.timer.unref();
        return ok(status());
      } catch (error) {
        return fail(
          `Hornwort could not listen on ${address} (${(error as NodeJS.ErrnoException).code ?? "unknown"}). Nothing was opened.`,
        );
      }
    },
  };
}
