/** Imports point one way: app -> files, db -> core; core imports nothing outside core but small pure libraries. */
module.exports = {
  forbidden: [
    { name: "no-circles", severity: "error", from: {}, to: { circular: true, dependencyTypesNot: ["type-only"] } },
    {
      name: "core-stays-pure",
      severity: "error",
      from: { path: "^core/", pathNot: "\\.test\\.ts$" },
      to: {
        pathNot: [
          "^core/",
          "^node_modules/(valibot|fast-json-patch|fast-deep-equal|pure-rand|simple-statistics|ml-matrix|ml-levenberg-marquardt)/",
        ],
      },
    },
    {
      name: "files-read-core-only",
      severity: "error",
      from: { path: "^files/", pathNot: "\\.test\\.ts$" },
      to: { path: "^(app|db|cli|demo|scripts)/" },
    },
    {
      name: "db-reads-core-only",
      severity: "error",
      from: { path: "^db/", pathNot: "\\.test\\.ts$" },
      to: { path: "^(app|files|cli|demo|scripts)/" },
    },
    {
      name: "nobody-reads-app",
      severity: "error",
      from: { path: "^(core|files|db|cli|demo)/" },
      to: { path: "^app/" },
    },
    {
      name: "what-is-in-hand-knows-no-stage",
      comment: "A stage shows the workbench; the workbench, what is in hand, fields and drawings serve every stage.",
      severity: "error",
      from: { path: "^app/(frame|hand|fields|drawing|features|closures|state|ui|words|theme)/" },
      to: { path: "^app/(stages|routes)/", dependencyTypesNot: ["type-only"] },
    },
    {
      name: "drawings-and-fields-know-no-frame",
      severity: "error",
      from: { path: "^app/(hand|fields|drawing|features|closures|state|ui|words|theme)/" },
      to: { path: "^app/frame/" },
    },
    {
      name: "no-unresolved",
      severity: "error",
      from: {},
      // The server is built after this is looked at.
      to: { couldNotResolve: true, pathNot: "^(\\./)?\\+types|virtual:|build/server/index\\.js$" },
    },
  ],
  options: {
    doNotFollow: { path: "node_modules" },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: "tsconfig.json" },
    enhancedResolveOptions: {
      exportsFields: ["exports"],
      conditionNames: ["import", "node", "default", "types"],
      extensions: [".ts", ".tsx", ".mjs", ".js"],
    },
  },
};
