import { lazy, Suspense } from 'react';
import { Navigate, Route, Routes } from 'react-router';
import { CostRooms } from './cost/CostRooms';
import { PortionRooms } from './portion/PortionRooms';
import { Frame } from './ui/Frame';
import { WaitingList } from './ui/WaitingList';

const BatchScreen = lazy(() => import('./portion/BatchScreen').then((file) => ({ default: file.BatchScreen })));
const BatchesMade = lazy(() => import('./route/BatchesMade').then((file) => ({ default: file.BatchesMade })));
const BatchesScreen = lazy(() => import('./portion/BatchesScreen').then((file) => ({ default: file.BatchesScreen })));
const BinScreen = lazy(() => import('./route/BinScreen').then((file) => ({ default: file.BinScreen })));
const BinsScreen = lazy(() => import('./route/BinsScreen').then((file) => ({ default: file.BinsScreen })));
const BreakDownScreen = lazy(() =>
  import('./breakdown/BreakDownScreen').then((file) => ({ default: file.BreakDownScreen })),
);
const ClaimScreen = lazy(() => import('./receive/ClaimScreen').then((file) => ({ default: file.ClaimScreen })));
const ColdRoomScreen = lazy(() =>
  import('./receive/ColdRoomScreen').then((file) => ({ default: file.ColdRoomScreen })),
);
const CostHouseScreen = lazy(() =>
  import('./cost/CostHouseScreen').then((file) => ({ default: file.CostHouseScreen })),
);
const CostScreen = lazy(() => import('./cost/CostScreen').then((file) => ({ default: file.CostScreen })));
const DeliveriesScreen = lazy(() =>
  import('./receive/DeliveriesScreen').then((file) => ({ default: file.DeliveriesScreen })),
);
const DishScreen = lazy(() => import('./portion/DishScreen').then((file) => ({ default: file.DishScreen })));
const DishesScreen = lazy(() => import('./portion/DishesScreen').then((file) => ({ default: file.DishesScreen })));
const DoorScreen = lazy(() => import('./receive/DoorScreen').then((file) => ({ default: file.DoorScreen })));
const FishWeKnow = lazy(() => import('./fish/FishWeKnow').then((file) => ({ default: file.FishWeKnow })));
const InspectScreen = lazy(() => import('./receive/InspectScreen').then((file) => ({ default: file.InspectScreen })));
const InvoiceScreen = lazy(() => import('./receive/InvoiceScreen').then((file) => ({ default: file.InvoiceScreen })));
const LogScreen = lazy(() => import('./log/LogScreen').then((file) => ({ default: file.LogScreen })));
const MakeScreen = lazy(() => import('./route/MakeScreen').then((file) => ({ default: file.MakeScreen })));
const MakingScreen = lazy(() => import('./route/MakingScreen').then((file) => ({ default: file.MakingScreen })));
const MeScreen = lazy(() => import('./kitchen/MeScreen').then((file) => ({ default: file.MeScreen })));
const MethodScreen = lazy(() => import('./breakdown/MethodScreen').then((file) => ({ default: file.MethodScreen })));
const PeopleScreen = lazy(() => import('./kitchen/PeopleScreen').then((file) => ({ default: file.PeopleScreen })));
const PlannerScreen = lazy(() => import('./portion/PlannerScreen').then((file) => ({ default: file.PlannerScreen })));
const PlateScreen = lazy(() => import('./cost/PlateScreen').then((file) => ({ default: file.PlateScreen })));
const PlatesScreen = lazy(() => import('./cost/PlatesScreen').then((file) => ({ default: file.PlatesScreen })));
const PortionScreen = lazy(() => import('./portion/PortionScreen').then((file) => ({ default: file.PortionScreen })));
const PricesScreen = lazy(() => import('./cost/PricesScreen').then((file) => ({ default: file.PricesScreen })));
const ReadyCutScreen = lazy(() => import('./cost/ReadyCutScreen').then((file) => ({ default: file.ReadyCutScreen })));
const RecallScreen = lazy(() => import('./log/RecallScreen').then((file) => ({ default: file.RecallScreen })));
const ReceiveScreen = lazy(() => import('./receive/ReceiveScreen').then((file) => ({ default: file.ReceiveScreen })));
const RecipeScreen = lazy(() => import('./route/RecipeScreen').then((file) => ({ default: file.RecipeScreen })));
const RouteScreen = lazy(() => import('./route/RouteScreen').then((file) => ({ default: file.RouteScreen })));
const SettingsScreen = lazy(() =>
  import('./kitchen/SettingsScreen').then((file) => ({ default: file.SettingsScreen })),
);
const ShapesScreen = lazy(() => import('./portion/ShapesScreen').then((file) => ({ default: file.ShapesScreen })));
const SheetScreen = lazy(() => import('./log/SheetScreen').then((file) => ({ default: file.SheetScreen })));
const SpeciesScreen = lazy(() => import('./fish/SpeciesScreen').then((file) => ({ default: file.SpeciesScreen })));
const TonightScreen = lazy(() => import('./portion/TonightScreen').then((file) => ({ default: file.TonightScreen })));
const TraysScreen = lazy(() => import('./breakdown/TraysScreen').then((file) => ({ default: file.TraysScreen })));
const WaitingToRoute = lazy(() => import('./route/WaitingToRoute').then((file) => ({ default: file.WaitingToRoute })));
const WaysScreen = lazy(() => import('./route/WaysScreen').then((file) => ({ default: file.WaysScreen })));

/** Every address of the page; a screen is fetched when it is first opened. */
export function KitchenRoutes() {
  return (
    <Suspense fallback={<p className="sheet soft">Loading…</p>}>
      <Routes>
        <Route element={<Frame />}>
          <Route index element={<Navigate to="/receive" replace />} />
          <Route path="receive" element={<ColdRoomScreen />} />
          <Route path="receive/deliveries" element={<DeliveriesScreen />} />
          <Route path="receive/deliveries/:delivery" element={<DoorScreen />} />
          <Route path="receive/deliveries/:delivery/claim" element={<ClaimScreen />} />
          <Route path="receive/lines/:line/inspect" element={<InspectScreen />} />
          <Route path="receive/fish" element={<ReceiveScreen />} />
          <Route path="receive/invoice" element={<InvoiceScreen />} />
          <Route path="fish" element={<FishWeKnow />} />
          <Route path="fish/:species" element={<SpeciesScreen />} />
          <Route path="breakdown" element={<WaitingList stage="breakdown" />} />
          <Route path="breakdown/trays" element={<TraysScreen />} />
          <Route path="breakdown/methods/:method" element={<MethodScreen />} />
          <Route path="breakdown/:fish" element={<BreakDownScreen />} />
          <Route path="portion" element={<WaitingList stage="portion" rooms={<PortionRooms />} />} />
          <Route path="portion/tonight" element={<TonightScreen />} />
          <Route path="portion/trays" element={<BatchesScreen />} />
          <Route path="portion/trays/:batch" element={<BatchScreen />} />
          <Route path="portion/dishes" element={<DishesScreen />} />
          <Route path="portion/dishes/:dish" element={<DishScreen />} />
          <Route path="portion/shapes" element={<ShapesScreen />} />
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
          <Route path="cost" element={<WaitingList stage="cost" rooms={<CostRooms />} />} />
          <Route path="cost/plates" element={<PlatesScreen />} />
          <Route path="cost/plates/:dish" element={<PlateScreen />} />
          <Route path="cost/ready-cut" element={<ReadyCutScreen />} />
          <Route path="cost/prices" element={<PricesScreen />} />
          <Route path="cost/house" element={<CostHouseScreen />} />
          <Route path="cost/:fish" element={<CostScreen />} />
          <Route path="settings" element={<SettingsScreen />} />
          <Route path="people" element={<PeopleScreen />} />
          <Route path="me" element={<MeScreen />} />
          <Route path="log" element={<LogScreen />} />
          <Route path="log/recall" element={<RecallScreen />} />
          <Route path="log/:fish" element={<SheetScreen />} />
          <Route path="*" element={<Navigate to="/receive" replace />} />
        </Route>
      </Routes>
    </Suspense>
  );
}
