/** The registry has no types for it; only what the test uses. */
declare module "jstat" {
  const jstat: { studentt: { inv: (share: number, freedom: number) => number } };
  export default jstat;
}
