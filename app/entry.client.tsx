import createCache from "@emotion/cache";
import { CacheProvider } from "@emotion/react";
import { StrictMode, startTransition } from "react";
import { hydrateRoot } from "react-dom/client";
import { HydratedRouter } from "react-router/dom";

/** Styles made later carry the page's nonce too, or its policy would not let them in. */
const nonce = document.querySelector<HTMLScriptElement>("script[nonce]")?.nonce;
const cache = createCache({ key: "css", ...(nonce && { nonce }) });

startTransition(() => {
  hydrateRoot(
    document,
    <StrictMode>
      <CacheProvider value={cache}>
        <HydratedRouter />
      </CacheProvider>
    </StrictMode>,
  );
});
