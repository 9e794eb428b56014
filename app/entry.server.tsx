import { PassThrough } from "node:stream";
import createCache from "@emotion/cache";
import { CacheProvider } from "@emotion/react";
import createEmotionServer from "@emotion/server/create-instance";
import { renderToPipeableStream } from "react-dom/server";
import {
  type EntryContext,
  type HandleErrorFunction,
  isRouteErrorResponse,
  type RouterContextProvider,
  ServerRouter,
} from "react-router";
import { closeDatabase, openDatabase } from "../db/open";
import { nonceContext } from "./nonce";

const RENDER_MS = 10_000;

// The directory is taken and migrated before the first request is answered; a taken one ends the process plainly.
try {
  await openDatabase();
} catch (error) {
  console.error(error instanceof Error ? error.message : error);
  process.exit(1);
}

const shared = globalThis as { hornwortStops?: boolean };
if (!shared.hornwortStops) {
  shared.hornwortStops = true;
  for (const signal of ["SIGTERM", "SIGINT"] as const)
    process.once(signal, () => {
      closeDatabase().finally(() => process.exit(0));
    });
}

/** Faults of the server go to its terminal; an address that is not there is the visitor's. */
export const handleError: HandleErrorFunction = (error, { request }) => {
  if (request.signal.aborted || (isRouteErrorResponse(error) && error.status < 500)) return;
  console.error(error);
};

/** Renders whole pages: Emotion's styles must be in the head before React takes over. */
export default function handleRequest(
  request: Request,
  status: number,
  headers: Headers,
  context: EntryContext,
  loadContext: RouterContextProvider,
): Promise<Response> {
  const nonce = loadContext.get(nonceContext);
  const cache = createCache({ key: "css", ...(nonce && { nonce }) });
  cache.compat = true;
  const { extractCriticalToChunks, constructStyleTagsFromChunks } = createEmotionServer(cache);
  let responseStatus = status;
  return new Promise((resolve, reject) => {
    const { pipe, abort } = renderToPipeableStream(
      <CacheProvider value={cache}>
        <ServerRouter context={context} url={request.url} {...(nonce && { nonce })} />
      </CacheProvider>,
      {
        ...(nonce && { nonce }),
        onAllReady() {
          const body = new PassThrough();
          const chunks: Buffer[] = [];
          body.on("data", (chunk: Buffer) => chunks.push(chunk));
          body.on("end", () => {
            const html = Buffer.concat(chunks).toString("utf8");
            const styles = constructStyleTagsFromChunks(extractCriticalToChunks(html));
            headers.set("Content-Type", "text/html; charset=utf-8");
            resolve(
              new Response(
                html.replace("</head>", () => `${styles}</head>`),
                { headers, status: responseStatus },
              ),
            );
          });
          pipe(body);
        },
        onShellError: reject,
        onError(error) {
          responseStatus = 500;
          console.error(error);
        },
      },
    );
    setTimeout(abort, RENDER_MS).unref();
  });
}
