/**
 * What a page may load and run (Content Security Policy Level 3): only what this server sent, scripts and styles only
 * with the page's own nonce. Widths and colours that React sets on elements are attributes.
 * @param nonce fresh for each response, base64
 */
export const contentSecurityPolicy = (nonce: string): string =>
  [
    "default-src 'self'",
    "img-src 'self' data: blob:",
    "worker-src 'self' blob:",
    "object-src 'none'",
    // The solver is WebAssembly.
    `script-src 'self' 'nonce-${nonce}' 'wasm-unsafe-eval'`,
    `style-src 'self' 'nonce-${nonce}'`,
    "style-src-attr 'unsafe-inline'",
    "frame-ancestors 'none'",
    "base-uri 'none'",
    "form-action 'self'",
  ].join("; ");

/** Headers of every response. */
export const securityHeaders = (nonce: string): Record<string, string> => ({
  "Content-Security-Policy": contentSecurityPolicy(nonce),
  "X-Content-Type-Options": "nosniff",
  "Referrer-Policy": "no-referrer",
  "X-Frame-Options": "DENY",
  "Cross-Origin-Opener-Policy": "same-origin",
  "Cross-Origin-Resource-Policy": "same-origin",
});
