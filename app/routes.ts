import { index, type RouteConfig, route } from "@react-router/dev/routes";

export default [
  index("routes/builds.tsx"),
  route("new", "routes/new.tsx"),
  route("about", "routes/about.tsx"),
  route("workshop", "routes/workshop.tsx"),
  route("import", "routes/import.ts"),
  route("prices", "routes/prices.ts"),
  route("builds/:id", "routes/build.tsx", [index("routes/build.start.ts"), route(":stage", "routes/build.stage.tsx")]),
  route("builds/:id/save", "routes/build.save.ts"),
  route("builds/:id/revisions", "routes/build.revisions.ts"),
  route("builds/:id/files/:file", "routes/build.files.ts"),
] satisfies RouteConfig;
