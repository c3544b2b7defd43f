import { Button } from '@mantine/core';
import cx from 'clsx';
import type { Offered, OrderOf } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import { shortOn } from './nights';
import css from './OfferRow.module.css';
import { SoftStroke } from './SoftStroke';

/**
 * One offer: what so many of its fish give, laid over what is wanted on the same ruler. The last fish can be taken off
 * or another put on, by drag or by button, and the answer is asked of the kitchen.
 */
export function OfferRow(props: {
  offer: Offered;
  order: OrderOf;
  most: number;
  have: number;
  onFish: (fish: number) => void;
  onEdit: () => void;
}) {
  const { offer, order, most, have, onFish } = props;
  const { outcome } = offer;
  const first = order.dishes[0];
  const wanted = order.dishes.reduce(
    (sum, dish) => ({
      low: sum.low + dish.wanted.low,
      mean: sum.mean + dish.wanted.mean,
      high: sum.high + dish.wanted.high,
    }),
    { low: 0, mean: 0, high: 0 },
  );
  const about = [
    ...(offer.box > 1 ? [t('order.box', { box: offer.box })] : []),
    ...(offer.available === null ? [] : [t('order.available', { available: offer.available })]),
    ...(offer.order_by === '' ? [] : [t('order.order-by', { at: offer.order_by })]),
  ].join(', ');
  const set = (fish: number) => outcome && onFish(Math.max(0, Math.min(outcome.most, fish)));
  return (
    <li className={cx(css.offerRow, offer.id === order.best && css.offerBest)} aria-label={offer.grade}>
      <div>
        <b>{offer.grade}</b>
        <span>{offer.supplier}</span>
        <span>
          {offer.price.amount} / {offer.price.per}
        </span>
        <span className={look.soft}>{yieldSays(offer)}</span>
        {about && <span className={look.soft}>{about}</span>}
        <Button
          variant="subtle"
          size="compact-sm"
          aria-label={t('order.edit-offer', { grade: offer.grade, supplier: offer.supplier })}
          onClick={props.onEdit}
        >
          {t('order.edit')}
        </Button>
      </div>
      {offer.left_out && <p className={css.offerOut}>{t('order.left-out', { why: offer.left_out })}</p>}
      {outcome && first && (
        <>
          <div
            role="img"
            aria-label={t('order.picture', {
              grade: offer.grade,
              fish: outcome.fish,
              need: Math.round(wanted.mean),
              mean: Math.round(outcome.portions.mean),
              low: outcome.portions.low,
              high: outcome.portions.high,
            })}
            className={css.offerPicture}
          >
            <small>{t('order.wants')}</small>
            <SoftStroke id={`need-${offer.id}`} portions={wanted} most={most} kind="need" />
            <small>{t('order.gives')}</small>
            <SoftStroke
              id={`gives-${offer.id}`}
              portions={{
                low: have + outcome.portions.low,
                mean: have + outcome.portions.mean,
                high: have + outcome.portions.high,
              }}
              most={most}
              kind="supply"
            />
            <small />
            <FishMarks outcome={outcome} most={most} have={have} box={offer.box} onFish={set} />
          </div>
          <div className={css.offerCount}>
            <Button
              variant="default"
              aria-label={t('order.one-fewer', { grade: offer.grade })}
              disabled={outcome.fish < offer.box}
              onClick={() => set(outcome.fish - offer.box)}
            >
              −
            </Button>
            <b>{outcome.fish}</b>
            <Button
              variant="default"
              aria-label={t('order.one-more', { grade: offer.grade })}
              disabled={outcome.fish + offer.box > outcome.most}
              onClick={() => set(outcome.fish + offer.box)}
            >
              +
            </Button>
          </div>
          <div className={css.offerSays}>
            <b>{outcome.cost}</b>
            <span className={cx(!outcome.enough && css.offerShort)}>
              {shortOn(outcome.short, order.services.length)}
            </span>
            <span className={look.soft}>{t('order.kilos', { kilos: outcome.kilos })}</span>
            {outcome.dishes.length > 1 &&
              outcome.dishes.map((dish) => (
                <span key={dish.dish} className={look.soft}>
                  {t('order.per-dish', {
                    name: order.dishes.find((one) => one.dish === dish.dish)?.name ?? '',
                    short: shortOn(dish.short, order.services.length),
                  })}
                </span>
              ))}
            {outcome.fewer && (
              <span className={look.soft}>
                {t('order.fewer', {
                  count: outcome.fewer.fish,
                  short: shortOn(outcome.fewer.short, order.services.length),
                  saves: outcome.fewer.saves,
                })}
              </span>
            )}
            {outcome.by_money && outcome.by_money.fish !== outcome.fish && (
              <span className={look.soft}>
                {t('order.by-money', {
                  fish: outcome.by_money.fish,
                  short: shortOn(outcome.by_money.short, order.services.length),
                })}
              </span>
            )}
          </div>
        </>
      )}
    </li>
  );
}

/** A mark a fish (or box) along what they give; the last one is dragged off, or more are dragged on. */
function FishMarks(props: {
  outcome: NonNullable<Offered['outcome']>;
  most: number;
  have: number;
  box: number;
  onFish: (fish: number) => void;
}) {
  const { outcome, most, have, box } = props;
  const each = outcome.per_fish * box;
  const marks = Array.from({ length: Math.min(120, Math.round(outcome.fish / box)) }, (_, i) => have + (i + 1) * each);
  const at = (event: React.PointerEvent<SVGSVGElement>) => {
    const { left, width } = event.currentTarget.getBoundingClientRect();
    const portions = (most * (event.clientX - left)) / width - have;
    props.onFish(each > 0 ? Math.round(portions / each) * box : 0);
  };
  return (
    <svg
      className={css.fishMarks}
      viewBox={`0 0 ${most} 10`}
      preserveAspectRatio="none"
      aria-hidden="true"
      onPointerDown={(event) => event.currentTarget.setPointerCapture(event.pointerId)}
      onPointerUp={at}
    >
      {marks.map((portions) => (
        <path key={portions} d={`M${portions} 1V9`} />
      ))}
    </svg>
  );
}

function yieldSays(offer: Offered): string {
  if (offer.yield === null) {
    return '';
  }
  const pct = offer.yield.mean_pct;
  return offer.yield.records > 0
    ? t('order.yield', { count: offer.yield.records, pct })
    : t('order.yield-start', { pct });
}
