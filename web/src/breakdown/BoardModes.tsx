import type { Bench } from '../api/client';
import { t } from '../lang';
import { Chips } from '../ui/Chips';
import { look } from '../ui/look';
import type { Mode } from './benchModes';

/** What the board shows beside its scale. */
export type View = 'fish' | 'method' | 'bones' | 'work' | 'finds';

/** How the fish is weighed, and what of it is shown. */
export function BoardModes(props: {
  bench: Bench;
  mode: Mode;
  view: View;
  onMode: (mode: Mode) => void;
  onView: (view: View) => void;
}) {
  const { bench } = props;
  const hasSides = bench.sources.length > 1;
  const bonesToDo = bench.bones.filter((side) => !side.done).length;
  return (
    <div className={look.trayHead}>
      <Chips
        legend={t('breakDown.weigh')}
        name="mode"
        inline
        quiet
        value={props.mode}
        options={[
          { value: 'quick', label: t('breakDown.three-weights') },
          { value: 'parts', label: t('breakDown.every-part') },
          { value: 'steps', label: t('breakDown.steps') },
        ]}
        onChange={props.onMode}
      />
      <Chips
        legend={t('breakDown.show')}
        name="view"
        inline
        quiet
        value={props.view}
        options={[
          { value: 'fish', label: t('breakDown.fish') },
          { value: 'method', label: t('breakDown.method') },
          ...(bench.bones.length > 0
            ? [
                {
                  value: 'bones' as const,
                  label: bonesToDo > 0 ? t('breakDown.bones-to-do', { count: bonesToDo }) : t('breakDown.bones'),
                },
              ]
            : []),
          ...(hasSides ? [{ value: 'work' as const, label: t('breakDown.workmanship') }] : []),
          {
            value: 'finds',
            label: bench.finds.length > 0 ? `Finds: ${bench.finds.length}` : t('breakDown.findings'),
          },
        ]}
        onChange={props.onView}
      />
    </div>
  );
}
