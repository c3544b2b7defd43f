import { createContext, useContext } from 'react';
import { Navigate, Route, Routes } from 'react-router';
import { api, type Kitchen } from '../api/client';
import { BreakDownScreen } from '../breakdown/BreakDownScreen';
import { CostScreen } from '../cost/CostScreen';
import { LogScreen } from '../log/LogScreen';
import { SheetScreen } from '../log/SheetScreen';
import { PortionScreen } from '../portion/PortionScreen';
import { ReceiveScreen } from '../receive/ReceiveScreen';
import { RouteScreen } from '../route/RouteScreen';
import { Frame } from '../ui/Frame';
import { WaitingList } from '../ui/WaitingList';
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
  if (error) {
    return (
      <main className="sheet">
        <h1>The kitchen computer does not answer</h1>
        <p>Nothing is lost. This page looks for it again when you reload it.</p>
      </main>
    );
  }
  if (!data) {
    return <main className="sheet soft">Opening the kitchen…</main>;
  }
  if (data.needs_setup) {
    return <Setup />;
  }
  if (!data.me) {
    return <SignIn kitchen={data} />;
  }
  return (
    <KitchenContext value={{ ...data, me: data.me }}>
      <Routes>
        <Route element={<Frame />}>
          <Route index element={<Navigate to="/breakdown" replace />} />
          <Route path="receive" element={<ReceiveScreen />} />
          <Route path="breakdown" element={<WaitingList stage="breakdown" />} />
          <Route path="breakdown/:fish" element={<BreakDownScreen />} />
          <Route path="portion" element={<WaitingList stage="portion" />} />
          <Route path="portion/:fish" element={<PortionScreen />} />
          <Route path="route" element={<WaitingList stage="route" />} />
          <Route path="route/:fish" element={<RouteScreen />} />
          <Route path="cost" element={<WaitingList stage="cost" />} />
          <Route path="cost/:fish" element={<CostScreen />} />
          <Route path="log" element={<LogScreen />} />
          <Route path="log/:fish" element={<SheetScreen />} />
          <Route path="*" element={<Navigate to="/breakdown" replace />} />
        </Route>
      </Routes>
    </KitchenContext>
  );
}
