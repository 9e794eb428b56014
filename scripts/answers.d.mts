import type { Page } from "@playwright/test";

export function answers(page: Page): Promise<unknown>;
