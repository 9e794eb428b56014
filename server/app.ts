import { randomBytes } from "node:crypto";
import { join } from "node:path";
import * as build from "virtual:react-router/server-build";
import { createRequestHandler } from "@react-router/express";
import compression from "compression";
import express from "express";
import { RouterContextProvider } from "react-router";
import { nonceContext } from "../app/nonce";
import { guard, servedOn } from "./guard";
import { securityHeaders } from "./policy";

const NONCE_BYTES = 16;

/**
 * Serves the built application on 127.0.0.1.
 * @param port TCP port
 * @param origin where it is served behind a proxy, such as `https://shed.example`; undefined without one
 * @throws Error with a line for the terminal when the origin is none
 */
export function serve(port: number, origin: string | undefined) {
  const served = servedOn(port, origin);
  const app = express();
  app.disable("x-powered-by");
  app.use((_, response, next) => {
    const nonce = randomBytes(NONCE_BYTES).toString("base64");
    response.locals.nonce = nonce;
    response.set(securityHeaders(nonce));
    next();
  });
  app.use(guard(served));
  app.use(compression());
  const assets = build.assetsBuildDirectory;
  app.use("/assets", express.static(join(assets, "assets"), { immutable: true, maxAge: "1y" }));
  app.use(express.static(assets, { maxAge: "1h" }));
  app.use(
    createRequestHandler({
      // The guard has judged the origin already, also that of a plain form of a page without referrer.
      build: { ...build, allowedActionOrigins: [...served.hosts.keys(), "null"] },
      mode: "production",
      getLoadContext: (_, response) => {
        const context = new RouterContextProvider();
        context.set(nonceContext, response.locals.nonce as string);
        return context;
      },
    }),
  );
  return app.listen(port, "127.0.0.1");
}
