import { Button, UnstyledButton } from '@mantine/core';
import cx from 'clsx';
import { Link } from 'react-router';
import type { Line } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import css from './LineCard.module.css';
import { stateIn } from './states';

const FAT = { lean: t('lineCard.lean'), good: t('lineCard.good'), fat: t('lineCard.fat') };

const VERDICTS = { accept: '', 'use first': t('lineCard.use-first'), hold: 'held', refuse: 'refused' };

/** One line of a delivery: what was invoiced, what came, and each fish with what was said of it. */
export function LineCard(props: {
  line: Line;
  digit: number;
  open: boolean;
  /** Fish of it that are still expected. */
  toCome: number;
  chosen: boolean;
  onChoose: () => void;
  onEdit: () => void;
}) {
  const { line, digit, open, chosen } = props;
  const unseen = line.fish.filter((fish) => fish.verdict === null && fish.stage === 'receive').length;

  return (
    <article className={cx(css.line, chosen && css.chosen)} aria-label={line.species.name}>
      <UnstyledButton className={css.lineHead} aria-pressed={chosen} onClick={props.onChoose}>
        <span className={css.key} aria-hidden="true">
          {digit}
        </span>
        <span>
          <b>{line.species.name}</b>
          <span className={css.soft}>
            {stateIn(line.state)}
            {line.lot ? t('lineCard.lot', { lot: line.lot }) : ''}
            {line.size ? `, ${line.size}` : ''}
            {line.price ? `, ${line.price}` : ''}
          </span>
        </span>
        <span className={css.n}>
          <span className={css.soft}>{t('lineCard.invoiced')}</span>
          {line.invoiced ?? '–'}
          {line.count !== null ? `, ${line.count}` : ''}
        </span>
        <span className={css.n}>
          <span className={css.soft}>{t('lineCard.weighed-in')}</span>
          <b>
            {line.received.text}, {line.received_count}
          </b>
        </span>
        {props.toCome > 0 && line.fish.length > 0 ? (
          <span className={css.n}>{t('lineCard.to-come', { toCome: props.toCome })}</span>
        ) : (
          <span className={cx(css.n, line.gap?.short && css.gap)}>
            {line.gap?.say ?? (line.fish.length > 0 ? t('lineCard.fits') : '')}
          </span>
        )}
      </UnstyledButton>
      {chosen && (
        <div className={css.lineMore}>
          {(line.from || line.fat_grade || line.raw_service.open) && (
            <p className={css.soft}>
              {line.from}
              {line.from ? '. ' : ''}
              {line.fat_grade ? `${FAT[line.fat_grade]}. ` : ''}
              {line.raw_service.open ? line.raw_service.why : ''}
            </p>
          )}
          {line.not_bought.length > 0 && (
            <p className={look.caution}>
              <b>{t('lineCard.not-bought')}</b> {line.not_bought.join(' ')}
            </p>
          )}
          {line.cautions.length > 0 && <p className={look.caution}>{line.cautions.join(' ')}</p>}
          {line.fish.length > 0 && (
            <ul className={css.inBox} aria-label={t('lineCard.fish-of', { species: line.species.name })}>
              {line.fish.map((fish) => (
                <li
                  key={fish.id}
                  className={cx(fish.verdict && `said-${fish.verdict.replace(' ', '-')}`)}
                  title={fish.said ?? undefined}
                >
                  <b>{fish.mass.text}</b>
                  {fish.count > 1 && <span>{t('lineCard.fish', { n: fish.count })}</span>}
                  {fish.verdict && VERDICTS[fish.verdict] && <em>{VERDICTS[fish.verdict]}</em>}
                  {fish.wrong_grade && <em>{t('lineCard.not', { wrong_grade: fish.wrong_grade })}</em>}
                  {fish.rests_until && <em>{t('lineCard.rests')}</em>}
                </li>
              ))}
            </ul>
          )}
          {line.fish.some((fish) => fish.said) && (
            <p className={css.soft}>{[...new Set(line.fish.map((fish) => fish.said).filter(Boolean))].join(' ')}</p>
          )}
          {line.photos.length > 0 && (
            <p className={css.photos}>
              {line.photos.map((photo) => (
                <a key={photo.id} href={`/api/receive/photos/${photo.id}`} target="_blank" rel="noreferrer">
                  <img
                    src={`/api/receive/photos/${photo.id}`}
                    alt={t('lineCard.at', { species: line.species.name, at: photo.at })}
                  />
                </a>
              ))}
            </p>
          )}
          <p className={look.lineActions}>
            {line.fish.length > 0 && (
              <Button component={Link} variant="default" to={`/receive/lines/${line.id}/inspect`}>
                {unseen > 0
                  ? `${t('lineCard.inspect')}${unseen === line.fish.length ? '' : ` ${t('lineCard.the-other', { unseen })}`}`
                  : t('lineCard.inspect-again')}
              </Button>
            )}
            {open && (
              <Button variant="default" onClick={props.onEdit}>
                {t('lineCard.edit-line')}
              </Button>
            )}
          </p>
        </div>
      )}
    </article>
  );
}
