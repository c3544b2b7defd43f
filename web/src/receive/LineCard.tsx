import { Button, UnstyledButton } from '@mantine/core';
import { Link } from 'react-router';
import type { Line } from '../api/client';

const VERDICTS = { accept: '', 'use first': 'use first', hold: 'held', refuse: 'refused' };

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
    <article className={chosen ? 'line chosen' : 'line'} aria-label={line.species.name}>
      <UnstyledButton className="line-head" aria-pressed={chosen} onClick={props.onChoose}>
        <span className="key" aria-hidden="true">
          {digit}
        </span>
        <span>
          <b>{line.species.name}</b>
          <span className="soft">
            {line.state}
            {line.lot ? `, lot ${line.lot}` : ''}
            {line.price ? `, ${line.price}` : ''}
          </span>
        </span>
        <span className="n">
          <span className="soft">invoiced</span>
          {line.invoiced ?? '–'}
          {line.count !== null ? `, ${line.count}` : ''}
        </span>
        <span className="n">
          <span className="soft">weighed in</span>
          <b>
            {line.received.text}, {line.received_count}
          </b>
        </span>
        {props.toCome > 0 && line.fish.length > 0 ? (
          <span className="n">{props.toCome} to come</span>
        ) : (
          <span className={line.gap?.short ? 'n gap' : 'n'}>
            {line.gap?.say ?? (line.fish.length > 0 ? 'fits' : '')}
          </span>
        )}
      </UnstyledButton>
      {chosen && (
        <div className="line-more">
          {(line.from || line.raw_service.open) && (
            <p className="soft">
              {line.from}
              {line.from ? '. ' : ''}
              {line.raw_service.open ? line.raw_service.why : ''}
            </p>
          )}
          {line.cautions.length > 0 && <p className="caution">{line.cautions.join(' ')}</p>}
          {line.fish.length > 0 && (
            <ul className="in-box" aria-label={`Fish of ${line.species.name}`}>
              {line.fish.map((fish) => (
                <li
                  key={fish.id}
                  className={fish.verdict ? `said-${fish.verdict.replace(' ', '-')}` : ''}
                  title={fish.said ?? undefined}
                >
                  <b>{fish.mass.text}</b>
                  {fish.count > 1 && <span>{fish.count} fish</span>}
                  {fish.verdict && VERDICTS[fish.verdict] && <em>{VERDICTS[fish.verdict]}</em>}
                  {fish.wrong_grade && <em>not {fish.wrong_grade}</em>}
                  {fish.rests_until && <em>rests</em>}
                </li>
              ))}
            </ul>
          )}
          {line.fish.some((fish) => fish.said) && (
            <p className="soft">{[...new Set(line.fish.map((fish) => fish.said).filter(Boolean))].join(' ')}</p>
          )}
          {line.photos.length > 0 && (
            <p className="photos">
              {line.photos.map((photo) => (
                <a key={photo.id} href={`/api/receive/photos/${photo.id}`} target="_blank" rel="noreferrer">
                  <img src={`/api/receive/photos/${photo.id}`} alt={`${line.species.name} at ${photo.at}`} />
                </a>
              ))}
            </p>
          )}
          <p className="line-actions">
            {line.fish.length > 0 && (
              <Button component={Link} variant="default" to={`/receive/lines/${line.id}/inspect`}>
                {unseen > 0 ? `Inspect${unseen === line.fish.length ? '' : ` the other ${unseen}`}` : 'Inspect again'}
              </Button>
            )}
            {open && (
              <Button variant="default" onClick={props.onEdit}>
                Edit line
              </Button>
            )}
          </p>
        </div>
      )}
    </article>
  );
}
