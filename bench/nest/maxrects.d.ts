/** The package's main file is no module Node can read; its other build is, and has the same types. */
declare module "maxrects-packer/dist/maxrects-packer.mjs" {
  export * from "maxrects-packer";
}
