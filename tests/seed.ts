import fc from "fast-check";

/**
 * What random designs are drawn from. `npm test` draws the same each time, so that what fails is what was changed;
 * `ANY_SEED=random npm run unit` draws others, and a number draws those of a run again.
 */
const asked = process.env.ANY_SEED;
export const SEED = asked === "random" ? Date.now() % 2 ** 31 : Number(asked ?? 20_261_129);
if (asked === "random") console.log(`ANY_SEED=${SEED}`);
fc.configureGlobal({ ...fc.readConfigureGlobal(), seed: SEED });
