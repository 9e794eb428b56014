import { createSystem, defaultBaseConfig, defineConfig } from "@chakra-ui/react";
import {
  animationStyles,
  breakpoints,
  buttonRecipe,
  checkboxSlotRecipe,
  checkmarkRecipe,
  cssVarsPrefix,
  dialogSlotRecipe,
  drawerSlotRecipe,
  fieldSlotRecipe,
  globalCss,
  headingRecipe,
  inputRecipe,
  keyframes,
  layerStyles,
  listSlotRecipe,
  nativeSelectSlotRecipe,
  numberInputSlotRecipe,
  progressSlotRecipe,
  semanticTokens,
  spinnerRecipe,
  tableSlotRecipe,
  textareaRecipe,
  textStyles,
  tokens,
} from "@chakra-ui/react/theme";

/** These of an object's entries. */
const only = <T extends object, K extends keyof T>(all: T, ...keys: K[]) =>
  Object.fromEntries(keys.map((key) => [key, all[key]])) as Pick<T, K>;

/**
 * Of Chakra's own theme what is used here. The whole of it, with a recipe for every component and variables for every
 * colour, takes each page a fifth of a second to read. A component that is new to the app needs its recipe here.
 */
const used = defineConfig({
  preflight: true,
  cssVarsPrefix,
  cssVarsRoot: ":where(html)",
  globalCss: {
    html: globalCss.html!,
    "*::placeholder, *[data-placeholder]": globalCss["*::placeholder, *[data-placeholder]"]!,
    "*::selection": globalCss["*::selection"]!,
    "*": only(
      globalCss["*"]!,
      "fontFeatureSettings",
      "--global-font-mono",
      "--global-font-body",
      "--global-color-border",
    ),
  },
  theme: {
    breakpoints,
    keyframes,
    tokens: {
      ...tokens,
      colors: only(
        tokens.colors!,
        "black",
        "white",
        "transparent",
        "current",
        "gray",
        "red",
        "green",
        "orange",
        "blue",
      ),
    },
    semanticTokens: {
      ...semanticTokens,
      colors: only(semanticTokens.colors!, "bg", "fg", "border", "gray", "red", "green"),
    },
    recipes: {
      ...{ button: buttonRecipe, checkmark: checkmarkRecipe, heading: headingRecipe, input: inputRecipe },
      ...{ spinner: spinnerRecipe, textarea: textareaRecipe },
    },
    slotRecipes: {
      ...{ checkbox: checkboxSlotRecipe, dialog: dialogSlotRecipe, drawer: drawerSlotRecipe, field: fieldSlotRecipe },
      ...{ list: listSlotRecipe, nativeSelect: nativeSelectSlotRecipe, numberInput: numberInputSlotRecipe },
      ...{ progress: progressSlotRecipe, table: tableSlotRecipe },
    },
    textStyles,
    layerStyles,
    animationStyles,
  },
});

const pair = (light: string, dark: string) => ({ value: { base: light, _dark: dark } });

/** Warm paper, near-black green ink; colour means something and is never the only sign of it. */
const config = defineConfig({
  globalCss: {
    "html, body": { bg: "paper", color: "ink", fontFamily: "body", minHeight: "100%" },
    "*:focus-visible": { outline: "2px solid", outlineColor: "fern", outlineOffset: "2px" },
  },
  theme: {
    tokens: {
      // Nothing is written smaller than what is read at arm's length over a bench.
      fontSizes: { "2xs": { value: "0.8125rem" }, xs: { value: "0.8125rem" } },
      fonts: {
        heading: {
          value: "'Bricolage Grotesque Variable', 'Atkinson Hyperlegible Next Variable', sans-serif",
        },
        body: { value: "'Atkinson Hyperlegible Next Variable', system-ui, sans-serif" },
        mono: { value: "'Atkinson Hyperlegible Mono Variable', ui-monospace, monospace" },
      },
    },
    semanticTokens: {
      colors: {
        paper: pair("#efe9db", "#161c18"),
        rail: pair("#e6e0ce", "#1b231e"),
        sheet: pair("#fcf9f1", "#212a24"),
        ink: pair("#1f2a23", "#ece8dc"),
        muted: pair("#565c53", "#aeb5a8"),
        line: pair("#cfc7b2", "#3b463e"),
        bar: pair("#1f2a23", "#0e1310"),
        barInk: pair("#f4f0e4", "#f4f0e4"),
        barMuted: pair("#b9c0b4", "#aeb5a8"),
        fern: pair("#2b6743", "#7cc396"),
        fernInk: pair("#ffffff", "#10170f"),
        fernSoft: pair("#dfeadd", "#24382b"),
        water: pair("#255c80", "#84bde0"),
        waterSoft: pair("#d3e4ec", "#20394a"),
        clay: pair("#9d4a24", "#e39a75"),
        straw: pair("#e3d297", "#5d5433"),
        woodDark: pair("#8a6647", "#a5835f"),
        wood: pair("#efe0c2", "#3d372a"),
        stop: pair("#a8221d", "#f08c84"),
        stopSoft: pair("#f7e3dc", "#43241f"),
        mind: pair("#855600", "#e5b560"),
        mindSoft: pair("#f5ead0", "#3d3220"),
        note: pair("#4b6f5a", "#93b9a1"),
      },
    },
  },
});

export const system = createSystem(defaultBaseConfig, used, config);
