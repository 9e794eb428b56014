export type Theme = "light" | "dark";

const A_YEAR_S = 31_536_000;
const remember = (name: string, value: string) => {
  document.cookie = `${name}=${value}; path=/; max-age=${A_YEAR_S}; samesite=lax`;
};

/** The theme chosen on this machine, from its cookie. */
export const readTheme = (cookie: string | null): Theme =>
  /(?:^|;\s*)theme=dark/.test(cookie ?? "") ? "dark" : "light";

/** Switches the page and remembers the choice for a year. */
export function chooseTheme(theme: Theme): void {
  document.documentElement.className = theme;
  remember("theme", theme);
}

/** Whether single keys jump to the stages on this machine (WCAG 2.1.4: they can be switched off). */
export const readKeys = (cookie: string | null): boolean => !/(?:^|;\s*)keys=off/.test(cookie ?? "");

/** Remembers it for a year. */
export const chooseKeys = (on: boolean): void => remember("keys", on ? "on" : "off");
