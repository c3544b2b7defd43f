import { Button, MultiSelect } from '@mantine/core';
import cx from 'clsx';
import { useSearchParams } from 'react-router';
import { api, asProblem, type OriginCard } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import { LogRooms } from './LogRooms';
import css from './OriginScreen.module.css';

/** Where the fish of dishes or of a tray comes from: on the screen, on a card, and as a page of its own for guests. */
export function OriginScreen() {
  const [search, setSearch] = useSearchParams();
  const dish = search.get('dish') ?? '';
  const tray = search.get('tray') ?? '';
  const asked: Record<string, string> = tray ? { tray } : dish ? { dish } : {};
  const { data, error } = api.useQuery('get', '/log/origin', { params: { query: asked } }, { retry: false });
  const query = new URLSearchParams(asked).toString();
  return (
    <section className={cx(look.sheet, look.wide)}>
      <LogRooms />
      <div>
        <h1>{t('origin.origin')}</h1>
        <p className={look.soft}>{t('origin.intro')}</p>
      </div>
      <MultiSelect
        label={t('origin.dishes')}
        placeholder={dish ? '' : t('origin.choose')}
        searchable
        maxValues={12}
        data={(data?.dishes ?? []).map((one) => ({ value: one.id, label: one.name }))}
        value={dish ? dish.split(',') : []}
        onChange={(chosen) => setSearch(chosen.length > 0 ? { dish: chosen.join(',') } : {})}
      />
      {error && <p role="alert">{asProblem(error).detail}</p>}
      {data && data.cards.length > 0 && (
        <>
          <p className={look.lineActions}>
            <Button component="a" variant="default" href={`/api/log/origin/card.pdf?${query}`} target="_blank">
              {t('origin.card')}
            </Button>
            <Button component="a" variant="default" href={`/api/log/origin/page.html?${query}`} download>
              {t('origin.page')}
            </Button>
          </p>
          {data.cards.map((card) => (
            <Card key={card.title} card={card} />
          ))}
        </>
      )}
    </section>
  );
}

function Card({ card }: { card: OriginCard }) {
  return (
    <article className={css.originCard}>
      <h2>{card.title}</h2>
      {card.lines.length === 0 && <p className={look.soft}>{t('origin.nothing')}</p>}
      {card.lines.map((line) => (
        <div key={`${line.species} ${line.place} ${line.by} ${line.day}`}>
          <p>
            <b>{line.species}</b> <i>{line.scientific}</i>
          </p>
          <p>
            {[
              line.production === 'farmed' ? t('origin.farmed') : line.production ? t('origin.wild') : '',
              line.place,
              line.how,
            ]
              .filter((said) => said !== '')
              .join(', ')}
          </p>
          <p>
            {line.day &&
              (line.production === 'farmed'
                ? t('origin.harvested', { day: line.day, by: line.by })
                : t('origin.landed', { day: line.day, by: line.by }))}
            {!line.day && line.by}
          </p>
          {line.cut.length > 0 && <p>{t('origin.cut', { days: line.cut.join(', '), hands: line.hands.join(', ') })}</p>}
        </div>
      ))}
    </article>
  );
}
