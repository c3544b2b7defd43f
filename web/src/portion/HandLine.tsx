import cx from 'clsx';
import type { PortionBench } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import css from './HandLine.module.css';

type Hand = NonNullable<PortionBench['hand']>;

/** How the hand at the knife scatters, and where it should aim tonight. */
export function HandLine({ hand, aimed }: { hand: Hand; aimed: boolean }) {
  if (!hand.scatter || !hand.aim) {
    return null;
  }
  const year = hand.yearly_cost ? t('handLine.about-a-year', { yearly_cost: hand.yearly_cost }) : '';
  return (
    <p className={cx(look.soft, css.hand)}>
      {t('handLine.your-portions-vary-by-over-the', {
        scatter: hand.scatter,
        pieces: hand.pieces,
        aim: aimed ? t('handLine.the-plan-aims') : t('handLine.aim'),
      })}{' '}
      <b>{hand.aim.text}</b>: {hand.under} {t('handLine.come-out-too-light-and-each')} {hand.gives_away}{' '}
      {t('handLine.on-average', {
        year,
        guesses: hand.guess_scatter
          ? ` ${t('handLine.your-guesses-are-within', { guess_scatter: hand.guess_scatter })}`
          : '',
      })}
    </p>
  );
}
