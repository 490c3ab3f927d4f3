'use client';
import AirOutlined from '@mui/icons-material/AirOutlined';
import BathtubOutlined from '@mui/icons-material/BathtubOutlined';
import BedOutlined from '@mui/icons-material/BedOutlined';
import BlenderOutlined from '@mui/icons-material/BlenderOutlined';
import BlindsOutlined from '@mui/icons-material/BlindsOutlined';
import BorderBottomOutlined from '@mui/icons-material/BorderBottomOutlined';
import ChairOutlined from '@mui/icons-material/ChairOutlined';
import CheckroomOutlined from '@mui/icons-material/CheckroomOutlined';
import CoffeeMakerOutlined from '@mui/icons-material/CoffeeMakerOutlined';
import CountertopsOutlined from '@mui/icons-material/CountertopsOutlined';
import CropPortraitOutlined from '@mui/icons-material/CropPortraitOutlined';
import CurtainsOutlined from '@mui/icons-material/CurtainsOutlined';
import DeleteOutlined from '@mui/icons-material/DeleteOutlined';
import DescriptionOutlined from '@mui/icons-material/DescriptionOutlined';
import DoorFrontOutlined from '@mui/icons-material/DoorFrontOutlined';
import DryCleaningOutlined from '@mui/icons-material/DryCleaningOutlined';
import FenceOutlined from '@mui/icons-material/FenceOutlined';
import FireExtinguisherOutlined from '@mui/icons-material/FireExtinguisherOutlined';
import FireplaceOutlined from '@mui/icons-material/FireplaceOutlined';
import FormatPaintOutlined from '@mui/icons-material/FormatPaintOutlined';
import GridOnOutlined from '@mui/icons-material/GridOnOutlined';
import GridViewOutlined from '@mui/icons-material/GridViewOutlined';
import HandymanOutlined from '@mui/icons-material/HandymanOutlined';
import HeatPumpOutlined from '@mui/icons-material/HeatPumpOutlined';
import HvacOutlined from '@mui/icons-material/HvacOutlined';
import ImageOutlined from '@mui/icons-material/ImageOutlined';
import Inventory2Outlined from '@mui/icons-material/Inventory2Outlined';
import IronOutlined from '@mui/icons-material/IronOutlined';
import KitchenOutlined from '@mui/icons-material/KitchenOutlined';
import LightOutlined from '@mui/icons-material/LightOutlined';
import LocalFloristOutlined from '@mui/icons-material/LocalFloristOutlined';
import LocalLaundryServiceOutlined from '@mui/icons-material/LocalLaundryServiceOutlined';
import MedicalServicesOutlined from '@mui/icons-material/MedicalServicesOutlined';
import MenuBookOutlined from '@mui/icons-material/MenuBookOutlined';
import MicrowaveOutlined from '@mui/icons-material/MicrowaveOutlined';
import OutdoorGrillOutlined from '@mui/icons-material/OutdoorGrillOutlined';
import OutletOutlined from '@mui/icons-material/OutletOutlined';
import PedalBikeOutlined from '@mui/icons-material/PedalBikeOutlined';
import PetsOutlined from '@mui/icons-material/PetsOutlined';
import PianoOutlined from '@mui/icons-material/PianoOutlined';
import PlumbingOutlined from '@mui/icons-material/PlumbingOutlined';
import SensorsOutlined from '@mui/icons-material/SensorsOutlined';
import ShowerOutlined from '@mui/icons-material/ShowerOutlined';
import SoapOutlined from '@mui/icons-material/SoapOutlined';
import StairsOutlined from '@mui/icons-material/StairsOutlined';
import TableRestaurantOutlined from '@mui/icons-material/TableRestaurantOutlined';
import TextureOutlined from '@mui/icons-material/TextureOutlined';
import ToysOutlined from '@mui/icons-material/ToysOutlined';
import TvOutlined from '@mui/icons-material/TvOutlined';
import VerticalAlignTopOutlined from '@mui/icons-material/VerticalAlignTopOutlined';
import WcOutlined from '@mui/icons-material/WcOutlined';
import WeekendOutlined from '@mui/icons-material/WeekendOutlined';
import WindowOutlined from '@mui/icons-material/WindowOutlined';
import YardOutlined from '@mui/icons-material/YardOutlined';
import type { ReactNode } from 'react';
import type { FixtureKindName } from '@/core/catalogue/fixture-kinds';
import looks from './strip.module.css';

/** The mark of each kind of thing, so that a strip is read before its words are: one row a mark. */
const MARKS: readonly (readonly [mark: typeof BedOutlined, ...kinds: FixtureKindName[]])[] = [
  [WindowOutlined, 'window', 'fly-screen', 'window-grille'],
  [CurtainsOutlined, 'curtains', 'nets', 'curtain-rail', 'shower-curtain'],
  [BlindsOutlined, 'blind', 'shutters', 'awning'],
  [DoorFrontOutlined, 'door', 'front-door', 'door-fittings', 'threshold'],
  [VerticalAlignTopOutlined, 'ceiling', 'coving'],
  [FormatPaintOutlined, 'walls', 'paint-marks'],
  [GridViewOutlined, 'wall-tiles', 'splashback', 'shower-wall'],
  [BorderBottomOutlined, 'sill', 'skirting', 'plinths', 'grout', 'sealant', 'behind-furniture'],
  [GridOnOutlined, 'hard-floor', 'yard-floor', 'porch-floor', 'garage-floor'],
  [TextureOutlined, 'carpet', 'rug', 'door-mat', 'bath-mats', 'boot-tray'],
  [StairsOutlined, 'treads', 'front-step', 'banister'],
  [LightOutlined, 'ceiling-light', 'wall-light', 'lamp', 'outdoor-light', 'season-lights'],
  [AirOutlined, 'vent', 'ceiling-fan', 'air-return', 'air-cleaner', 'hood'],
  [HvacOutlined, 'charcoal-filter', 'heating-filter', 'ventilation-filter', 'water-filter'],
  [SensorsOutlined, 'smoke-alarm', 'co-alarm'],
  [OutletOutlined, 'switches', 'touch-points', 'cables', 'fuse-box'],
  [HeatPumpOutlined, 'radiator', 'towel-rail', 'electric-fire'],
  [FireplaceOutlined, 'fireplace'],
  [ImageOutlined, 'picture', 'ornaments'],
  [CropPortraitOutlined, 'mirror', 'glass-furniture', 'shower-screen', 'display-cabinet'],
  [MenuBookOutlined, 'books', 'shelf'],
  [TvOutlined, 'screens'],
  [PianoOutlined, 'instrument'],
  [WeekendOutlined, 'upholstery', 'cushions', 'throws'],
  [TableRestaurantOutlined, 'wood-furniture', 'table', 'dressing-table', 'bedside'],
  [LocalFloristOutlined, 'plants', 'planters', 'last-touches'],
  [PetsOutlined, 'pet-bed', 'litter-corner', 'cage'],
  [BedOutlined, 'bed', 'mattress', 'duvet', 'headboard', 'protector', 'under-bed', 'bed-drawers'],
  [CheckroomOutlined, 'wardrobe', 'coats', 'outgrown', 'season-store', 'shoes', 'shoe-rack', 'bags'],
  [
    Inventory2Outlined,
    'drawers',
    'kitchen-drawers',
    'cupboard',
    'cupboard-tops',
    'hall-drawer',
    'under-sink',
  ],
  [Inventory2Outlined, 'bathroom-cabinet', 'pantry-shelves', 'jars', 'linen-shelves', 'store-shelves'],
  [Inventory2Outlined, 'small-bath-things', 'bread-bin', 'sorting', 'leaving-trip', 'pick-up', 'mend-pile'],
  [ToysOutlined, 'toys', 'outdoor-toys'],
  [PlumbingOutlined, 'taps', 'shower-drain', 'disposer'],
  [ShowerOutlined, 'shower-head', 'shower-tray'],
  [BathtubOutlined, 'bath', 'jetted-bath'],
  [WcOutlined, 'toilet'],
  [SoapOutlined, 'basin', 'sink', 'towels'],
  [MedicalServicesOutlined, 'medicine-box', 'first-aid', 'emergency-bag'],
  [CountertopsOutlined, 'worktop', 'hob', 'boards', 'drying-rack', 'appliance-front'],
  [KitchenOutlined, 'fridge', 'freezer', 'dishwasher'],
  [MicrowaveOutlined, 'oven', 'microwave'],
  [CoffeeMakerOutlined, 'kettle', 'coffee-machine'],
  [BlenderOutlined, 'small-appliance'],
  [DeleteOutlined, 'waste-bin', 'kitchen-bin', 'outdoor-bin'],
  [LocalLaundryServiceOutlined, 'washer', 'dryer'],
  [DryCleaningOutlined, 'laundry-basket', 'cleaning-cloths', 'mops'],
  [IronOutlined, 'iron', 'vacuum-cleaner'],
  [ChairOutlined, 'outdoor-furniture'],
  [OutdoorGrillOutlined, 'grill'],
  [YardOutlined, 'leaves', 'gutters'],
  [FenceOutlined, 'balcony-rail'],
  [PedalBikeOutlined, 'bicycle'],
  [DescriptionOutlined, 'paperwork', 'emergency-numbers'],
  [FireExtinguisherOutlined, 'extinguisher'],
  [HandymanOutlined, 'found-work', 'something-else', 'mould-spot', 'pest-check'],
];

/** By kind; each is drawn with words beside it, so that nobody has to guess. */
const BY_KIND: ReadonlyMap<string, ReactNode> = new Map(
  MARKS.flatMap(([Mark, ...kinds]) =>
    kinds.map((kind) => [kind, <Mark key={kind} className={looks.mark} aria-hidden />] as const),
  ),
);

export function markOf(kind: string): ReactNode {
  return BY_KIND.get(kind);
}
