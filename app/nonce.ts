import { createContext } from "react-router";

/** What marks a page's own scripts and styles in its security policy; undefined in development, which has none. */
export const nonceContext = createContext<string | undefined>(undefined);
