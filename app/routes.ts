import { index, type RouteConfig, route } from "@react-router/dev/routes";
import { STAGES, screenOf } from "./stages/list";

export default [
  index("routes/builds.tsx"),
  route("new", "routes/new.tsx"),
  route("about", "routes/about.tsx"),
  route("workshop", "routes/workshop.tsx"),
  route("import", "routes/import.ts"),
  route("rack", "routes/rack.ts"),
  route("prices", "routes/prices.ts"),
  route("away", "routes/away.ts"),
  route("recipes", "routes/recipes.ts"),
  route("builds/:id", "routes/build.tsx", [
    index("routes/build.start.ts"),
    // A route each, so that a stage's script loads when it is first opened.
    ...STAGES.map(({ id }) => route(id, screenOf(id))),
    route("*", "routes/build.unknown.tsx"),
  ]),
  route("builds/:id/save", "routes/build.save.ts"),
  route("builds/:id/log", "routes/build.log.ts"),
  route("builds/:id/photos/:photo", "routes/build.photos.ts"),
  route("builds/:id/nestings", "routes/build.nestings.ts"),
  route("builds/:id/day", "routes/build.day.ts"),
  route("builds/:id/revisions", "routes/build.revisions.ts"),
  route("builds/:id/files/:file", "routes/build.files.ts"),
] satisfies RouteConfig;
