import { describe, expect, it } from "vitest";
import { haberdasher, towerOnEnd } from "../../demo/builds";
import { jobInput } from "../../tests/job";
import { statedMm } from "../design/measure";
import { newBuild, newVariant } from "../document/create";
import type { Build } from "../document/schema";
import { chosenVariant } from "../document/variant";
import { plan } from "../plan";
import type { Port } from "./port/schema";
import type { Feature } from "./schema";

const port: Port = {
  id: "port",
  name: "Port",
  kind: "port",
  origin: "made",
  tube: null,
  use: "probe",
  face: "left",
  bore: statedMm(12),
  gap: statedMm(0),
  u: statedMm(150),
  v: statedMm(250),
};
const vent: Feature = {
  id: "vent",
  name: "Vent",
  kind: "mesh",
  origin: "made",
  meshOrigin: "made",
  shape: "panel",
  face: "right",
  width: statedMm(60),
  height: statedMm(40),
  mesh: "fly-screen",
  lap: statedMm(10),
  u: statedMm(150),
  v: statedMm(250),
};
const cautions = (build: Build, id: string) =>
  plan(jobInput(build))
    .steps.find((s) => s.id === `air/cut/${id}`)!
    .cautions.join(" ");
const tank = (tempered: "none" | "unknown") => {
  const build = newBuild("Tank", { unit: "mm" }, newVariant("tank"));
  const variant = chosenVariant(build);
  if (variant.shell.kind === "tank") variant.shell.found.tempered = tempered;
  variant.features = [port, vent];
  return build;
};

describe("what is told while a wall is cut", () => {
  it("is glass where the wall is glass, for a port and for a vent, and dust always", () => {
    for (const tempered of ["none", "unknown"] as const)
      for (const id of ["port", "vent"]) expect(cautions(tank(tempered), id)).toMatch(/Glass: gloves.*dust/);
  });

  it("is dust alone where the wall is board", () => {
    expect(cautions(haberdasher(), "low-1")).toMatch(/dust/);
    expect(cautions(haberdasher(), "low-1")).not.toMatch(/Glass/);
  });

  it("names no vent where it is a port that lies in tempered glass", () => {
    const snag = plan(jobInput(tank("unknown"))).snags.find(
      (s) => s.rule === "place/tempered" && s.subject === "port",
    )!;
    expect(snag).toMatchObject({ severity: "stop", stage: "shell" });
    expect(snag.reason).toMatch(/Put it into the front frame or the lid/);
  });
});

describe("which walls water may lean on", () => {
  const edges = (build: Build, face: string) =>
    plan(jobInput(build)).figures.find((f) => f.id === `panes/${face}`)!.inputs[2]!.name;

  it("takes a tank's sides on end as free at their front, its back as held all round", () => {
    const build = towerOnEnd();
    chosenVariant(build).seal.standingWater = statedMm(60);
    expect(edges(build, "left")).toMatch(/top edge free/);
    expect(edges(build, "right")).toMatch(/top edge free/);
    expect(edges(build, "back")).toMatch(/four edges held/);
  });

  it("asks more of a wall that is free than of the same wall held", () => {
    const build = tank("none");
    chosenVariant(build).features = [];
    chosenVariant(build).seal.standingWater = statedMm(200);
    const wanted = () => plan(jobInput(build)).figures.find((f) => f.id === "panes/front")!.value;
    const free = wanted();
    const { shell } = chosenVariant(build);
    if (shell.kind === "tank") shell.found.rim = statedMm(30);
    expect(wanted()).toBeLessThan(free);
  });
});
