/**
 * Waits until a page answers to the hand: what the server sent has been taken over by the script, down to its last button.
 * @param {import("@playwright/test").Page} page
 */
export const answers = (page) =>
  page.waitForFunction(() => {
    const all = [...document.querySelectorAll("body button, body a, body input")];
    return all.length > 0 && all.every((node) => Object.keys(node).some((key) => key.startsWith("__reactProps")));
  });
