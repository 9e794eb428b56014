import { type ComponentType, lazy } from "react";
import type { ThingKindId } from "#core/things/names";

type HandFields = ComponentType<{ id: string }>;

/** The fields of a kind, fetched when the first of it is taken in hand. */
const from = <Name extends string>(load: () => Promise<Record<Name, HandFields>>, name: Name) =>
  lazy(() => load().then((fields) => ({ default: fields[name] })));

const brief = () => import("./brief");
const shell = () => import("./shell");
const setIn = () => import("./setIn");
const feature = () => import("./feature");
const ground = () => import("./ground");
const bed = () => import("./bed");
const divider = () => import("./divider");
const box = () => import("./box");
const vessel = () => import("./vessel");
const stream = () => import("./stream");
const hardscape = () => import("./hardscape");
const fixture = () => import("./fixture");
const circuit = () => import("./circuit");
const front = () => import("./front");
const seal = () => import("./seal");
const test = () => import("./waterTest");
const background = () => import("./background");
const cuts = () => import("./cuts");
const after = () => import("./after");

/** The fields of each kind of thing in hand, by its id. */
export const THING_FIELDS: Record<ThingKindId, HandFields> = {
  resident: from(brief, "ResidentFields"),
  room: from(brief, "RoomFields"),
  size: from(brief, "SizeFields"),
  survey: from(shell, "SurveyGroup"),
  kitPanel: from(setIn, "KitPanelFields"),
  shelf: from(shell, "ShelfFields"),
  tray: from(shell, "TrayFields"),
  dam: from(shell, "DamFields"),
  secondFloor: from(shell, "SecondFloorFields"),
  stand: from(setIn, "StandFields"),
  feature: from(feature, "FeatureFields"),
  bed: from(bed, "BedFields"),
  substrate: from(ground, "SubstrateFields"),
  water: from(ground, "WaterFields"),
  divider: from(divider, "DividerFields"),
  box: from(box, "BoxFields"),
  pool: from(vessel, "PoolFields"),
  vessel: from(vessel, "VesselFields"),
  stream: from(stream, "StreamFields"),
  plant: from(ground, "PlantFields"),
  planting: from(ground, "PlantingFields"),
  service: from(ground, "ServiceFields"),
  piece: from(hardscape, "PieceFields"),
  fixture: from(fixture, "FixtureFields"),
  circuit: from(circuit, "CircuitFields"),
  closure: from(front, "ClosureFields"),
  way: from(front, "WayFields"),
  gap: from(front, "GapFields"),
  beads: from(seal, "BeadFields"),
  liner: from(setIn, "LinerFields"),
  stack: from(seal, "StackFields"),
  layer: from(seal, "LayerFields"),
  decision: from(seal, "DecisionFields"),
  test: from(test, "TestFields"),
  wall: from(background, "WallFields"),
  zone: from(background, "ZoneFields"),
  swatch: from(background, "SwatchFields"),
  sheet: from(cuts, "SheetFields"),
  part: from(cuts, "PartFields"),
  odd: from(cuts, "OddFields"),
  slips: from(cuts, "SlipsFields"),
  line: from(after, "LineFields"),
  step: from(after, "StepFields"),
};
