import type { ComponentType } from "react";
import type { ThingKindId } from "#core/things/names";
import { LineFields, StepFields } from "./after";
import { SwatchFields, WallFields, ZoneFields } from "./background";
import { ResidentFields, RoomFields, SizeFields } from "./brief";
import { OddFields, PartFields, SheetFields, SlipsFields } from "./cuts";
import { FeatureFields } from "./feature";
import { ClosureFields, GapFields, WayFields } from "./front";
import {
  BarrierFields,
  DishFields,
  DrainFields,
  MixFields,
  PlantFields,
  PlantingFields,
  PoolFields,
  ServiceFields,
  SubstrateFields,
  WaterFields,
} from "./ground";
import { BeadFields, DecisionFields, DividerFields, LayerFields, StackFields } from "./seal";
import { DamFields, SecondFloorFields, ShelfFields, SurveyGroup, TrayFields } from "./shell";
import { TestFields } from "./waterTest";

/** The fields of each kind of thing in hand, by its id. */
export const THING_FIELDS: Record<ThingKindId, ComponentType<{ id: string }>> = {
  ...{ resident: ResidentFields, room: RoomFields, size: SizeFields },
  ...{ survey: SurveyGroup, shelf: ShelfFields, tray: TrayFields, dam: DamFields, secondFloor: SecondFloorFields },
  feature: FeatureFields,
  ...{ drain: DrainFields, barrier: BarrierFields, substrate: SubstrateFields, water: WaterFields, mix: MixFields },
  ...{ pool: PoolFields, dish: DishFields, plant: PlantFields, planting: PlantingFields, service: ServiceFields },
  ...{ closure: ClosureFields, way: WayFields, gap: GapFields },
  ...{ beads: BeadFields, stack: StackFields, layer: LayerFields, divider: DividerFields },
  ...{ decision: DecisionFields, test: TestFields },
  ...{ wall: WallFields, zone: ZoneFields, swatch: SwatchFields },
  ...{ sheet: SheetFields, part: PartFields, odd: OddFields, slips: SlipsFields },
  ...{ line: LineFields, step: StepFields },
};
