/** A colour of the theme as the page has it now, for what is drawn outside it; `fern-soft`. */
export const themeColour = (token: string): string =>
  typeof document === "undefined"
    ? ""
    : getComputedStyle(document.documentElement).getPropertyValue(`--chakra-colors-${token}`).trim();
