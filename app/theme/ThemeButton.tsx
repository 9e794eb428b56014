import { IconButton } from "@chakra-ui/react";
import { Moon, Sun } from "lucide-react";
import { type ComponentProps, useState } from "react";
import { useRouteLoaderData } from "react-router";
import { chooseTheme } from "./cookie";

/** Changes between light and dark. */
export function ThemeButton(look: ComponentProps<typeof IconButton>) {
  const theme = (useRouteLoaderData("root") as { theme: "light" | "dark" } | undefined)?.theme ?? "light";
  const [dark, setDark] = useState(theme === "dark");
  return (
    <IconButton
      {...look}
      aria-label={dark ? "Light" : "Dark"}
      onClick={() => {
        chooseTheme(dark ? "light" : "dark");
        setDark(!dark);
      }}
    >
      {dark ? <Sun size={14} /> : <Moon size={14} />}
    </IconButton>
  );
}
