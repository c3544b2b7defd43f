import { createContext, useContext, useEffect } from 'react';
import { Navigate, Route, Routes } from 'react-router';
import { api, type Kitchen } from '../api/client';
import { isSignedOut } from '../api/session';
import { BreakDownScreen } from '../breakdown/BreakDownScreen';
import { MethodScreen } from '../breakdown/MethodScreen';
import { TraysScreen } from '../breakdown/TraysScreen';
import { CostHouseScreen } from '../cost/CostHouseScreen';
import { CostRooms } from '../cost/CostRooms';
import { CostScreen } from '../cost/CostScreen';
import { PlateScreen } from '../cost/PlateScreen';
import { PlatesScreen } from '../cost/PlatesScreen';
import { PricesScreen } from '../cost/PricesScreen';
import { ReadyCutScreen } from '../cost/ReadyCutScreen';
import { FishWeKnow } from '../fish/FishWeKnow';
import { SpeciesScreen } from '../fish/SpeciesScreen';
import { LogScreen } from '../log/LogScreen';
import { RecallScreen } from '../log/RecallScreen';
import { SheetScreen } from '../log/SheetScreen';
import { BatchesScreen } from '../portion/BatchesScreen';
import { BatchScreen } from '../portion/BatchScreen';
import { DishesScreen } from '../portion/DishesScreen';
import { DishScreen } from '../portion/DishScreen';
import { PlannerScreen } from '../portion/PlannerScreen';
import { PortionRooms } from '../portion/PortionRooms';
import { PortionScreen } from '../portion/PortionScreen';
import { ShapesScreen } from '../portion/ShapesScreen';
import { TonightScreen } from '../portion/TonightScreen';
import { ClaimScreen } from '../receive/ClaimScreen';
import { ColdRoomScreen } from '../receive/ColdRoomScreen';
import { DeliveriesScreen } from '../receive/DeliveriesScreen';
import { DoorScreen } from '../receive/DoorScreen';
import { InspectScreen } from '../receive/InspectScreen';
import { InvoiceScreen } from '../receive/InvoiceScreen';
import { ReceiveScreen } from '../receive/ReceiveScreen';
import { BatchesMade } from '../route/BatchesMade';
import { BinScreen } from '../route/BinScreen';
import { BinsScreen } from '../route/BinsScreen';
import { MakeScreen } from '../route/MakeScreen';
import { MakingScreen } from '../route/MakingScreen';
import { RecipeScreen } from '../route/RecipeScreen';
import { RouteScreen } from '../route/RouteScreen';
import { WaitingToRoute } from '../route/WaitingToRoute';
import { WaysScreen } from '../route/WaysScreen';
import { Frame } from '../ui/Frame';
import { setPerson } from '../ui/outbox';
import { useLetters } from '../ui/useKeys';
import { WaitingList } from '../ui/WaitingList';
import { MeScreen } from './MeScreen';
import { PeopleScreen } from './PeopleScreen';
import { SettingsScreen } from './SettingsScreen';
import { Setup } from './Setup';
import { SignIn } from './SignIn';

type Inside = Kitchen & { me: NonNullable<Kitchen['me']> };

const KitchenContext = createContext<Inside | null>(null);

/** The kitchen and who is signed in; only used behind the door. */
export function useKitchen(): Inside {
  const kitchen = useContext(KitchenContext);
  if (!kitchen) {
    throw new Error('Nobody is signed in.');
  }
  return kitchen;
}

/** First run, sign-in, or the kitchen. */
export function Door() {
  const { data, error } = api.useQuery('get', '/kitchen');
  const me = isSignedOut() ? null : (data?.me ?? null);
  // What waits is sent under its own name, and letters do what this person wants of them.
  useEffect(() => setPerson(me), [me]);
  useLetters(me?.shortcuts ?? true);
  if (error && !data) {
    return (
      <main className="sheet">
        <h1>The kitchen computer does not answer</h1>
        <p>Nothing is lost. This page looks for it again when you reload it.</p>
      </main>
    );
  }
  if (!data) {
    return <main className="sheet soft">Loading…</main>;
  }
  if (data.needs_setup) {
    return <Setup />;
  }
  if (!me) {
    return <SignIn kitchen={data} />;
  }
  return (
    <KitchenContext value={{ ...data, me }}>
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
    </KitchenContext>
  );
}
