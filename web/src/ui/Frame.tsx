import { Outlet, useNavigate } from 'react-router';
import { useKitchen } from '../kitchen/kitchen';
import { t } from '../lang';
import css from './Frame.module.css';
import { Keys } from './Keys';
import { NowCall } from './Now';
import { Offline } from './Offline';
import { Spine, STAGES } from './Spine';
import { useArrival } from './useArrival';
import { useFaultFocus } from './useFaultFocus';
import { useHouseLabels } from './useHouseLabels';
import { useKeys } from './useKeys';

/** The spine at the left, the screen beside it. */
export function Frame() {
  const navigate = useNavigate();
  useArrival();
  useFaultFocus();
  const said = useHouseLabels();
  const { clock_doubt } = useKitchen();
  const stageKeys = Object.fromEntries(STAGES.map((stage, i) => [`Alt+${i + 1}`, () => navigate(`/${stage.path}`)]));
  useKeys({ ...stageKeys, '/': () => navigate('/log?seek') });

  return (
    <div className={css.page}>
      <a className={css.skip} href="#main">
        {t('frame.skip-to-the-screen')}
      </a>
      <Spine />
      <main className={css.main} id="main">
        <Offline />
        <NowCall />
        {clock_doubt && <p role="alert">{clock_doubt}</p>}
        {said && <p role="alert">{said}</p>}
        <Outlet />
      </main>
      <Keys />
    </div>
  );
}
