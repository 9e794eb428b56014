import type { BrowserContext, Page, Request } from "@playwright/test";

/** Nothing on its way for so long is nothing more to come. */
const QUIET_MS = 120;
/** Now and then the runner misses the end of a request, and would wait for it for ever. */
const PATIENCE_MS = 5000;

const traffic = new WeakMap<Page, { open: Set<Request>; lastAt: number }>();

/** Watches what each page of a context asks the server for. */
export function watchTraffic(context: BrowserContext): void {
  context.on("page", (page) => {
    const mine = { open: new Set<Request>(), lastAt: Date.now() };
    traffic.set(page, mine);
    const note = (change: (request: Request) => void) => (request: Request) => {
      change(request);
      mine.lastAt = Date.now();
    };
    page.on(
      "request",
      note((r) => mine.open.add(r)),
    );
    const over = note((r) => mine.open.delete(r));
    page.on("requestfinished", over);
    page.on("requestfailed", over);
  });
}

/** Waits until a page has nothing on its way. Of a page that nobody watched the runner itself is asked. */
export async function quiet(page: Page): Promise<void> {
  const mine = traffic.get(page);
  if (!mine) return page.waitForLoadState("networkidle", { timeout: PATIENCE_MS }).catch(() => undefined);
  const until = Date.now() + PATIENCE_MS;
  while (Date.now() < until && (mine.open.size > 0 || Date.now() - mine.lastAt < QUIET_MS))
    await new Promise((go) => setTimeout(go, 20));
}
