/** The registry has no types for it; only what tests use. */
declare module "jstat" {
  const jstat: {
    studentt: { inv: (share: number, freedom: number) => number };
    lognormal: {
      cdf: (x: number, mu: number, sigma: number) => number;
      inv: (share: number, mu: number, sigma: number) => number;
    };
  };
  export default jstat;
}
