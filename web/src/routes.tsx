import cx from 'clsx';
import { type ComponentType, lazy, Suspense, useEffect } from 'react';
import { Navigate, Route, Routes } from 'react-router';
import { CostRooms } from './cost/CostRooms';
import { useKitchen } from './kitchen/kitchen';
import { t } from './lang';
import { PortionRooms } from './portion/PortionRooms';
import { Frame } from './ui/Frame';
import { look } from './ui/look';
import { WaitingList } from './ui/WaitingList';

type Screen = ComponentType;

const fetches: (() => Promise<unknown>)[] = [];

/** A screen that is fetched when it is first opened, or when there is nothing else to do. */
function screen<Name extends string>(fetch: () => Promise<Record<Name, Screen>>, name: Name) {
  fetches.push(fetch);
  return lazy(() => fetch().then((file) => ({ default: file[name] })));
}

const AuditScreen = screen(() => import('./kitchen/AuditScreen'), 'AuditScreen');
const BeginScreen = screen(() => import('./hold/BeginScreen'), 'BeginScreen');
const BatchScreen = screen(() => import('./portion/BatchScreen'), 'BatchScreen');
const BatchesMade = screen(() => import('./route/BatchesMade'), 'BatchesMade');
const BatchesScreen = screen(() => import('./portion/BatchesScreen'), 'BatchesScreen');
const BinScreen = screen(() => import('./route/BinScreen'), 'BinScreen');
const BinsScreen = screen(() => import('./route/BinsScreen'), 'BinsScreen');
const BreakDownScreen = screen(() => import('./breakdown/BreakDownScreen'), 'BreakDownScreen');
const ChecksScreen = screen(() => import('./hold/ChecksScreen'), 'ChecksScreen');
const ClaimScreen = screen(() => import('./receive/ClaimScreen'), 'ClaimScreen');
const ColdRoomScreen = screen(() => import('./receive/ColdRoomScreen'), 'ColdRoomScreen');
const CostHouseScreen = screen(() => import('./cost/CostHouseScreen'), 'CostHouseScreen');
const CostScreen = screen(() => import('./cost/CostScreen'), 'CostScreen');
const DeliveriesScreen = screen(() => import('./receive/DeliveriesScreen'), 'DeliveriesScreen');
const DishScreen = screen(() => import('./portion/DishScreen'), 'DishScreen');
const DishesScreen = screen(() => import('./portion/DishesScreen'), 'DishesScreen');
const DoorScreen = screen(() => import('./receive/DoorScreen'), 'DoorScreen');
const FishWeKnow = screen(() => import('./fish/FishWeKnow'), 'FishWeKnow');
const FreezingScreen = screen(() => import('./hold/FreezingScreen'), 'FreezingScreen');
const InspectScreen = screen(() => import('./receive/InspectScreen'), 'InspectScreen');
const InvoiceScreen = screen(() => import('./receive/InvoiceScreen'), 'InvoiceScreen');
const KeptScreen = screen(() => import('./hold/KeptScreen'), 'KeptScreen');
const LogScreen = screen(() => import('./log/LogScreen'), 'LogScreen');
const MakeScreen = screen(() => import('./route/MakeScreen'), 'MakeScreen');
const MakingScreen = screen(() => import('./route/MakingScreen'), 'MakingScreen');
const MeScreen = screen(() => import('./kitchen/MeScreen'), 'MeScreen');
const MethodScreen = screen(() => import('./breakdown/MethodScreen'), 'MethodScreen');
const PeopleScreen = screen(() => import('./kitchen/PeopleScreen'), 'PeopleScreen');
const PatternScreen = screen(() => import('./portion/PatternScreen'), 'PatternScreen');
const PlannerScreen = screen(() => import('./portion/PlannerScreen'), 'PlannerScreen');
const OrderScreen = screen(() => import('./plan/OrderScreen'), 'OrderScreen');
const PlacesScreen = screen(() => import('./hold/PlacesScreen'), 'PlacesScreen');
const PlateScreen = screen(() => import('./cost/PlateScreen'), 'PlateScreen');
const PlatesScreen = screen(() => import('./cost/PlatesScreen'), 'PlatesScreen');
const PortionScreen = screen(() => import('./portion/PortionScreen'), 'PortionScreen');
const PricesScreen = screen(() => import('./cost/PricesScreen'), 'PricesScreen');
const ReadyCutScreen = screen(() => import('./cost/ReadyCutScreen'), 'ReadyCutScreen');
const RecallScreen = screen(() => import('./log/RecallScreen'), 'RecallScreen');
const ReceiveScreen = screen(() => import('./receive/ReceiveScreen'), 'ReceiveScreen');
const RecipeScreen = screen(() => import('./route/RecipeScreen'), 'RecipeScreen');
const RouteScreen = screen(() => import('./route/RouteScreen'), 'RouteScreen');
const SettingsScreen = screen(() => import('./kitchen/SettingsScreen'), 'SettingsScreen');
const RunScreen = screen(() => import('./hold/RunScreen'), 'RunScreen');
const ServingsScreen = screen(() => import('./portion/ServingsScreen'), 'ServingsScreen');
const ShapesScreen = screen(() => import('./portion/ShapesScreen'), 'ShapesScreen');
const EffectsScreen = screen(() => import('./log/EffectsScreen'), 'EffectsScreen');
const WalkScreen = screen(() => import('./log/WalkScreen'), 'WalkScreen');
const WalkStepScreen = screen(() => import('./log/WalkStepScreen'), 'WalkStepScreen');
const WeekScreen = screen(() => import('./log/WeekScreen'), 'WeekScreen');
const DriftScreen = screen(() => import('./log/DriftScreen'), 'DriftScreen');
const SuppliersScreen = screen(() => import('./log/SuppliersScreen'), 'SuppliersScreen');
const SupplierScreen = screen(() => import('./log/SupplierScreen'), 'SupplierScreen');
const CuttersScreen = screen(() => import('./log/CuttersScreen'), 'CuttersScreen');
const CutterScreen = screen(() => import('./log/CutterScreen'), 'CutterScreen');
const SeasonScreen = screen(() => import('./log/SeasonScreen'), 'SeasonScreen');
const ComplaintsScreen = screen(() => import('./log/ComplaintsScreen'), 'ComplaintsScreen');
const ComplaintScreen = screen(() => import('./log/ComplaintScreen'), 'ComplaintScreen');
const OriginScreen = screen(() => import('./log/OriginScreen'), 'OriginScreen');
const HouseScreen = screen(() => import('./log/HouseScreen'), 'HouseScreen');
const EventScreen = screen(() => import('./plan/EventScreen'), 'EventScreen');
const PractiseScreen = screen(() => import('./practise/PractiseScreen'), 'PractiseScreen');
const PersonScreen = screen(() => import('./practise/PersonScreen'), 'PersonScreen');
const DrillScreen = screen(() => import('./practise/DrillScreen'), 'DrillScreen');
const PrepScreen = screen(() => import('./plan/PrepScreen'), 'PrepScreen');
const ServicesScreen = screen(() => import('./plan/ServicesScreen'), 'ServicesScreen');
const SheetScreen = screen(() => import('./log/SheetScreen'), 'SheetScreen');
const ZonesScreen = screen(() => import('./portion/ZonesScreen'), 'ZonesScreen');
const SlicesScreen = screen(() => import('./portion/SlicesScreen'), 'SlicesScreen');
const SourcingScreen = screen(() => import('./receive/SourcingScreen'), 'SourcingScreen');
const SpeciesScreen = screen(() => import('./fish/SpeciesScreen'), 'SpeciesScreen');
const ThawScreen = screen(() => import('./hold/ThawScreen'), 'ThawScreen');
const TimelineScreen = screen(() => import('./hold/TimelineScreen'), 'TimelineScreen');
const TodayScreen = screen(() => import('./plan/TodayScreen'), 'TodayScreen');
const TrimScreen = screen(() => import('./plan/TrimScreen'), 'TrimScreen');
const TreatingScreen = screen(() => import('./hold/TreatingScreen'), 'TreatingScreen');
const TreatmentsScreen = screen(() => import('./hold/TreatmentsScreen'), 'TreatmentsScreen');
const TonightScreen = screen(() => import('./portion/TonightScreen'), 'TonightScreen');
const TraysScreen = screen(() => import('./breakdown/TraysScreen'), 'TraysScreen');
const WaitingToRoute = screen(() => import('./route/WaitingToRoute'), 'WaitingToRoute');
const WaysScreen = screen(() => import('./route/WaysScreen'), 'WaysScreen');

/** Every address of the page; a screen is fetched when it is first opened. */
export function KitchenRoutes() {
  // A cutter begins at what is due next, the head chef with the day.
  const first = { 'head chef': '/plan', cutter: '/hold', trainee: '/practise' }[useKitchen().me.role];
  // Nobody waits for a screen at the board: once one is open the others are fetched.
  useEffect(() => {
    for (const fetch of fetches) {
      fetch().catch(() => undefined);
    }
  }, []);
  return (
    <Suspense fallback={<p className={cx(look.sheet, look.soft)}>{t('routes.loading')}</p>}>
      <Routes>
        <Route element={<Frame />}>
          <Route index element={<Navigate to={first} replace />} />
          <Route path="plan" element={<TodayScreen />} />
          <Route path="plan/services" element={<ServicesScreen />} />
          <Route path="plan/services/:service" element={<EventScreen />} />
          <Route path="plan/trim" element={<TrimScreen />} />
          <Route path="plan/prep" element={<PrepScreen />} />
          <Route path="plan/order" element={<OrderScreen />} />
          <Route path="receive" element={<ColdRoomScreen />} />
          <Route path="receive/deliveries" element={<DeliveriesScreen />} />
          <Route path="receive/deliveries/:delivery" element={<DoorScreen />} />
          <Route path="receive/deliveries/:delivery/claim" element={<ClaimScreen />} />
          <Route path="receive/lines/:line/inspect" element={<InspectScreen />} />
          <Route path="receive/fish" element={<ReceiveScreen />} />
          <Route path="receive/sourcing" element={<SourcingScreen />} />
          <Route path="receive/invoice" element={<InvoiceScreen />} />
          <Route path="fish" element={<FishWeKnow />} />
          <Route path="fish/:species" element={<SpeciesScreen />} />
          <Route path="breakdown" element={<WaitingList stage="breakdown" />} />
          <Route path="breakdown/trays" element={<TraysScreen />} />
          <Route path="breakdown/methods/:method" element={<MethodScreen />} />
          <Route path="breakdown/:fish" element={<BreakDownScreen />} />
          <Route path="portion" element={<WaitingList stage="portion" rooms={<PortionRooms />} />} />
          <Route path="portion/tonight" element={<TonightScreen />} />
          <Route path="portion/servings" element={<ServingsScreen />} />
          <Route path="portion/trays" element={<BatchesScreen />} />
          <Route path="portion/trays/:batch" element={<BatchScreen />} />
          <Route path="portion/dishes" element={<DishesScreen />} />
          <Route path="portion/dishes/:dish" element={<DishScreen />} />
          <Route path="portion/shapes" element={<ShapesScreen />} />
          <Route path="portion/:fish/zones/:piece" element={<ZonesScreen />} />
          <Route path="portion/:fish/pattern/:piece" element={<PatternScreen />} />
          <Route path="portion/:fish/slices/:piece" element={<SlicesScreen />} />
          <Route path="portion/:fish/plan/:piece" element={<PlannerScreen />} />
          <Route path="portion/:fish" element={<PortionScreen />} />
          <Route path="route" element={<WaitingToRoute />} />
          <Route path="route/bins" element={<BinsScreen />} />
          <Route path="route/bins/:bin" element={<BinScreen />} />
          <Route path="route/batches" element={<BatchesMade />} />
          <Route path="route/batches/:making" element={<MakingScreen />} />
          <Route path="route/make/:recipe" element={<MakeScreen />} />
          <Route path="route/house" element={<WaysScreen />} />
          <Route path="route/recipes/:recipe" element={<RecipeScreen />} />
          <Route path="route/:fish" element={<RouteScreen />} />
          <Route path="hold" element={<TimelineScreen />} />
          <Route path="hold/freezing" element={<FreezingScreen />} />
          <Route path="hold/freezing/:freezing" element={<RunScreen />} />
          <Route path="hold/kept" element={<KeptScreen />} />
          <Route path="hold/treatments" element={<TreatmentsScreen />} />
          <Route path="hold/treatments/:treatment" element={<BeginScreen />} />
          <Route path="hold/treatings/:treating" element={<TreatingScreen />} />
          <Route path="hold/thaw" element={<ThawScreen />} />
          <Route path="hold/checks" element={<ChecksScreen />} />
          <Route path="hold/places" element={<PlacesScreen />} />
          <Route path="cost" element={<WaitingList stage="cost" rooms={<CostRooms />} />} />
          <Route path="cost/plates" element={<PlatesScreen />} />
          <Route path="cost/plates/:dish" element={<PlateScreen />} />
          <Route path="cost/ready-cut" element={<ReadyCutScreen />} />
          <Route path="cost/prices" element={<PricesScreen />} />
          <Route path="cost/house" element={<CostHouseScreen />} />
          <Route path="cost/:fish" element={<CostScreen />} />
          <Route path="settings" element={<SettingsScreen />} />
          <Route path="people" element={<PeopleScreen />} />
          <Route path="audit" element={<AuditScreen />} />
          <Route path="me" element={<MeScreen />} />
          <Route path="log" element={<LogScreen />} />
          <Route path="log/recall" element={<RecallScreen />} />
          <Route path="log/effects" element={<EffectsScreen />} />
          <Route path="log/week" element={<WeekScreen />} />
          <Route path="log/drift" element={<DriftScreen />} />
          <Route path="log/suppliers" element={<SuppliersScreen />} />
          <Route path="log/suppliers/:supplier" element={<SupplierScreen />} />
          <Route path="log/cutters" element={<CuttersScreen />} />
          <Route path="log/cutters/:person" element={<CutterScreen />} />
          <Route path="log/season" element={<SeasonScreen />} />
          <Route path="log/origin" element={<OriginScreen />} />
          <Route path="log/complaints" element={<ComplaintsScreen />} />
          <Route path="log/complaints/:complaint" element={<ComplaintScreen />} />
          <Route path="log/house" element={<HouseScreen />} />
          <Route path="log/walk" element={<WalkScreen />} />
          <Route path="log/walk/:step" element={<WalkStepScreen />} />
          <Route path="log/:fish" element={<SheetScreen />} />
          <Route path="practise" element={<PractiseScreen />} />
          <Route path="practise/people/:person" element={<PersonScreen />} />
          <Route path="practise/:skill/:seed" element={<DrillScreen />} />
          <Route path="*" element={<Navigate to="/receive" replace />} />
        </Route>
      </Routes>
    </Suspense>
  );
}
