// Draws the marks of things into one picture, from the icon package: npm run marks.
import { writeFileSync } from 'node:fs';
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
import { createElement } from 'react';
import { renderToStaticMarkup } from 'react-dom/server';
import { MARKS, type MarkName } from '../present/walk/marks';

const DRAWN: Readonly<Record<MarkName, typeof BedOutlined>> = {
  window: WindowOutlined,
  curtains: CurtainsOutlined,
  blinds: BlindsOutlined,
  'door-front': DoorFrontOutlined,
  'vertical-align-top': VerticalAlignTopOutlined,
  'format-paint': FormatPaintOutlined,
  'grid-view': GridViewOutlined,
  'border-bottom': BorderBottomOutlined,
  'grid-on': GridOnOutlined,
  texture: TextureOutlined,
  stairs: StairsOutlined,
  light: LightOutlined,
  air: AirOutlined,
  hvac: HvacOutlined,
  sensors: SensorsOutlined,
  outlet: OutletOutlined,
  'heat-pump': HeatPumpOutlined,
  fireplace: FireplaceOutlined,
  image: ImageOutlined,
  'crop-portrait': CropPortraitOutlined,
  'menu-book': MenuBookOutlined,
  tv: TvOutlined,
  piano: PianoOutlined,
  weekend: WeekendOutlined,
  'table-restaurant': TableRestaurantOutlined,
  'local-florist': LocalFloristOutlined,
  pets: PetsOutlined,
  bed: BedOutlined,
  checkroom: CheckroomOutlined,
  inventory: Inventory2Outlined,
  toys: ToysOutlined,
  plumbing: PlumbingOutlined,
  shower: ShowerOutlined,
  bathtub: BathtubOutlined,
  wc: WcOutlined,
  soap: SoapOutlined,
  'medical-services': MedicalServicesOutlined,
  countertops: CountertopsOutlined,
  kitchen: KitchenOutlined,
  microwave: MicrowaveOutlined,
  'coffee-maker': CoffeeMakerOutlined,
  blender: BlenderOutlined,
  delete: DeleteOutlined,
  'local-laundry-service': LocalLaundryServiceOutlined,
  'dry-cleaning': DryCleaningOutlined,
  iron: IronOutlined,
  chair: ChairOutlined,
  'outdoor-grill': OutdoorGrillOutlined,
  yard: YardOutlined,
  fence: FenceOutlined,
  'pedal-bike': PedalBikeOutlined,
  description: DescriptionOutlined,
  'fire-extinguisher': FireExtinguisherOutlined,
  handyman: HandymanOutlined,
};

const symbols = [...new Set(MARKS.map(([mark]) => mark))].map((mark) => {
  const [, shape] = /<svg[^>]*>(.*)<\/svg>/.exec(renderToStaticMarkup(createElement(DRAWN[mark]))) ?? [];
  if (!shape) throw new Error(`There is no drawing of ${mark}.`);
  return `<symbol id="${mark}" viewBox="0 0 24 24">${shape}</symbol>`;
});
writeFileSync(
  new URL('../public/icons/marks.svg', import.meta.url),
  `<svg xmlns="http://www.w3.org/2000/svg" fill="currentColor">\n${symbols.join('\n')}\n</svg>\n`,
);
