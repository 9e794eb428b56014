import { randomBytes } from "node:crypto";
import { join } from "node:path";
import * as build from "virtual:react-router/server-build";
import { createRequestHandler } from "@react-router/express";
import compression from "compression";
import express, { type RequestHandler } from "express";
import { RouterContextProvider } from "react-router";
import { type Away, awayContext, guestContext } from "../app/away";
import { nonceContext } from "../app/nonce";
import { createAway } from "./away";
import { guard, servedOn } from "./guard";
import { securityHeaders } from "./policy";

const NONCE_BYTES = 16;

/**
 * The built application behind a first step that judges every request.
 * @param hosts whose own page may send forms
 * @param away what lets devices in; null for one that was let in itself
 */
function makeApp(first: RequestHandler, hosts: () => string[], away: () => Away | null) {
  const app = express();
  app.disable("x-powered-by");
  app.use((_, response, next) => {
    const nonce = randomBytes(NONCE_BYTES).toString("base64");
    response.locals.nonce = nonce;
    response.set(securityHeaders(nonce));
    next();
  });
  app.use(first);
  app.use(compression());
  const assets = build.assetsBuildDirectory;
  app.use("/assets", express.static(join(assets, "assets"), { immutable: true, maxAge: "1y" }));
  app.use(express.static(assets, { maxAge: "1h" }));
  let answer: RequestHandler | undefined;
  app.use((request, response, next) => {
    answer ??= createRequestHandler({
      // The first step has judged the origin already, also that of a plain form of a page without referrer.
      build: { ...build, allowedActionOrigins: [...hosts(), "null"] },
      mode: "production",
      getLoadContext: (_, response) => {
        const context = new RouterContextProvider();
        context.set(nonceContext, response.locals.nonce as string);
        context.set(awayContext, away());
        context.set(guestContext, away() === null);
        return context;
      },
    });
    return answer(request, response, next);
  });
  return app;
}

/**
 * Serves the built application on 127.0.0.1.
 * @param port TCP port
 * @param origin where it is served behind a proxy, such as `https://shed.example`; undefined without one
 * @throws Error with a line for the terminal when the origin is none
 */
export function serve(port: number, origin: string | undefined) {
  const served = servedOn(port, origin);
  const away = createAway(port, (first, host) =>
    makeApp(
      first,
      () => [host()],
      () => null,
    ),
  );
  const app = makeApp(
    guard(served),
    () => [...served.hosts.keys()],
    () => away,
  );
  const server = app.listen(port, "127.0.0.1");
  server.once("close", () => void away.close());
  return server;
}
