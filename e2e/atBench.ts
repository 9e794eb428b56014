import type { Page } from "@playwright/test";

/** The demo build that is half done. */
export const CABINET = "haberdasher-s-cabinet";

export const press = (page: Page, name: string | RegExp) =>
  page
    .getByRole("button", { name, exact: typeof name === "string" })
    .first()
    .click();

/** The step in hand, and what happened. */
export const now = (page: Page) => page.locator("[data-now]");
export const entries = (page: Page) => page.locator("[data-entry]");

/** A picture of that size, as a camera's file. */
export async function picture(page: Page, widthPx: number, heightPx: number) {
  const bytes = await page.evaluate(
    async ([width, height]) => {
      const canvas = document.createElement("canvas");
      canvas.width = width;
      canvas.height = height;
      const paint = canvas.getContext("2d")!;
      paint.fillStyle = "#864";
      paint.fillRect(width / 8, height / 8, width / 2, height / 2);
      const blob = await new Promise<Blob>((done) => canvas.toBlob((b) => done(b!), "image/jpeg"));
      return [...new Uint8Array(await blob.arrayBuffer())];
    },
    [widthPx, heightPx] as const,
  );
  return { name: "wall.jpg", mimeType: "image/jpeg", buffer: Buffer.from(bytes) };
}
