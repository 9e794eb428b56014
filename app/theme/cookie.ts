export type Theme = "light" | "dark";

/** The theme chosen on this machine, from its cookie. */
export const readTheme = (cookie: string | null): Theme =>
  /(?:^|;\s*)theme=dark/.test(cookie ?? "") ? "dark" : "light";

/** Switches the page and remembers the choice for a year. */
export function chooseTheme(theme: Theme): void {
  document.documentElement.className = theme;
  document.cookie = `theme=${theme}; path=/; max-age=31536000; samesite=lax`;
}
