import { Button, TextInput } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import cx from 'clsx';
import { useState } from 'react';
import { Link, useLocation, useNavigate, useParams } from 'react-router';
import { ulid } from 'ulid';
import { api, asProblem, type Door, faultAt, panFault, type Scanned, type Weight } from '../api/client';
import { useKitchen } from '../kitchen/kitchen';
import { t } from '../lang';
import { Chips } from '../ui/Chips';
import { look } from '../ui/look';
import { Missing } from '../ui/Missing';
import { takenNow } from '../ui/outbox';
import { Pan, refusedText } from '../ui/Pan';
import { useDraft } from '../ui/useDraft';
import { useKeys } from '../ui/useKeys';
import { useOutbox, usePut } from '../ui/usePut';
import { useScanner } from '../ui/useScanner';
import { weightText } from '../ui/weightText';
import { lineOf, nextFish, stillToCome, wanting, weighedIn } from './atTheDoor';
import { ClaimSoFar } from './ClaimSoFar';
import { DemoLabels } from './DemoLabels';
import css from './DoorScreen.module.css';
import { LineCard } from './LineCard';
import { LineForm, type Written, writtenOf } from './LineForm';
import { nextLine, waitingFor } from './nextLine';

type Box = { count: string; ice: string; tub: string; tag: string };

const NO_BOX: Box = { count: '', ice: '', tub: '', tag: '' };

/** A delivery at the door: its lines beside what is found in the boxes, one fish on the pan after the other. */
export function DoorScreen() {
  const { delivery: id = '' } = useParams();
  const path = { params: { path: { delivery: id } } };
  const { data, error } = api.useQuery('get', '/receive/deliveries/{delivery}', path);
  if (error) {
    return <Missing stage="receive" error={error} />;
  }
  return data ? <AtTheDoor key={id} door={data} /> : <p className={cx(look.sheet, look.soft)}>{t('door.loading')}</p>;
}

function AtTheDoor({ door }: { door: Door }) {
  const { delivery, lines } = door;
  const { demo } = useKitchen();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const key = api.queryOptions('get', '/receive/deliveries/{delivery}', {
    params: { path: { delivery: delivery.id } },
  }).queryKey;
  const keep = (next: Door) => {
    queries.setQueryData(key, next);
    queries.invalidateQueries({ queryKey: ['get', '/spine'] });
  };
  const from: unknown = useLocation().state;
  const [chosen, setChosen] = useState<string | null>(lineOf(from));
  const [editing, setEditing] = useState<Written | null>(
    delivery.open && lines.length === 0 ? writtenOf(null, null) : null,
  );
  const scope = `door/${delivery.id}`;
  const outbox = useOutbox(scope);
  const [{ boxed, ...box }, setDraft, clearDraft] = useDraft(scope, { ...NO_BOX, boxed: false });
  const setBox = (next: Box) => setDraft({ boxed, ...next });
  const setBoxed = (on: boolean) => setDraft({ ...box, boxed: on });
  const line = nextLine(lines, chosen, outbox.waiting);

  const weighIn = usePut(scope, '/receive/lines/{line}/fish/{fish}', {
    onSuccess: (next) => {
      keep(next);
      clearDraft();
    },
  });
  const sendBack = usePut(scope, '/receive/fish/{fish}/taken-back', { onSuccess: keep });
  const scan = api.useMutation('post', '/receive/scan', { onSuccess: (scanned) => filled(scanned) });
  const close = usePut(scope, '/receive/deliveries/{delivery}/closed', {
    onSuccess: (next) => {
      keep(next);
      queries.invalidateQueries();
      navigate(next.claim ? `/receive/deliveries/${delivery.id}/claim` : '/receive');
    },
    onError: () => queries.invalidateQueries({ queryKey: key }),
  });
  useScanner((text) => delivery.open && scan.mutate({ body: { text } }));

  /** A scanned label goes into the line that is being written, selects the one it belongs to, or begins a new one. */
  const filled = (scanned: Scanned) => {
    const known = lines.find(
      (l) => scanned.line.lot !== undefined && l.lot === scanned.line.lot && l.species.id === scanned.line.species,
    );
    if (known && !editing) {
      setChosen(known.id);
    } else {
      setEditing(writtenOf(editing, scanned.line));
    }
  };
  const choose = (id: string) => {
    setChosen(id);
    outbox.dismiss();
  };
  const send = (to: string, name: string, weight: Weight, sure: boolean, fish = ulid()) => {
    outbox.dismiss();
    weighIn.mutate({
      params: { path: { line: to, fish } },
      name,
      text: weightText(weight),
      body: {
        reading: ulid(),
        weight,
        ...(sure ? { sure } : {}),
        ...takenNow(),
        ...(boxed
          ? {
              count: Number(box.count) || 1,
              ...(box.ice.trim() ? { ice: box.ice } : {}),
              ...(box.tub.trim() ? { tub: box.tub } : {}),
              ...(box.tag.trim() ? { tag: box.tag } : {}),
            }
          : {}),
      },
    });
  };
  const take = (weight: Weight) => line && send(line.id, line.species.name, weight, false);
  /** What was asked about, weighed in as it is, with what was said of its box since. */
  const sure = () => {
    const { refused } = outbox;
    if (refused?.params.line) {
      const { weight } = refused.body as { weight: Weight };
      send(refused.params.line, refused.name, weight, true, refused.params.fish);
    }
  };
  useKeys(Object.fromEntries(lines.slice(0, 9).map((l, i) => [String(i + 1), () => choose(l.id)])));

  const boxFault = ['/ice', '/tub', '/count', '/tag'].some((pointer) => faultAt(outbox.refused?.fault, pointer));
  const trouble = sendBack.error ?? close.error;
  const nth = line ? line.received_count + waitingFor(line, outbox.waiting) + 1 : 0;
  const missing = !delivery.open
    ? t('door.this-delivery-is-closed')
    : editing
      ? t('door.save-the-line-first')
      : !line
        ? t('door.add-the-first-invoice-line-or')
        : null;

  return (
    <div className={look.bench}>
      <section className={cx(look.board, css.doorBoard)}>
        <header className={look.headline}>
          <div>
            <h1>
              {delivery.supplier} <span style={{ fontWeight: 450 }}>{delivery.number}</span>
            </h1>
            <p className={look.soft}>
              {t('door.received-by', {
                day: delivery.day,
                received_by: delivery.received_by,
                closed: delivery.open ? '' : t('door.closed'),
              })}{' '}
              <Link to="/receive/deliveries">{t('door.all-deliveries')}</Link>
            </p>
          </div>
          <p className={look.yield}>
            <b>{delivery.mass.text}</b>
            <span className={look.soft}>{t('door.fish-weighed-in', { fish: delivery.fish })}</span>
          </p>
        </header>
        {scan.error && (
          <p className={look.remark} role="alert">
            {asProblem(scan.error).detail}
          </p>
        )}
        {editing ? (
          <LineForm
            key={editing.stamp}
            delivery={delivery.id}
            written={editing}
            onDone={(next, id) => {
              if (next) {
                keep(next);
                setChosen(id);
              }
              setEditing(null);
              scan.reset();
            }}
          />
        ) : (
          <>
            <div className={css.lines}>
              {lines.map((l, i) => (
                <LineCard
                  key={l.id}
                  line={l}
                  digit={i + 1}
                  open={delivery.open}
                  toCome={delivery.open && wanting(l) ? (l.count ?? 1) - l.received_count : 0}
                  chosen={l.id === line?.id}
                  onChoose={() => choose(l.id)}
                  onEdit={() => setEditing(writtenOf({ ...l.written, id: l.id }, null))}
                />
              ))}
            </div>
            {lines.length === 0 && <p className={look.soft}>{t('door.this-delivery-has-no-lines')}</p>}
            {door.claim && !(delivery.open && lines.some((one) => wanting(one))) && <ClaimSoFar door={door} />}
            {delivery.open && (
              <p className={look.lineActions}>
                <Button variant="default" onClick={() => setEditing(writtenOf(null, null))}>
                  {t('door.add-a-line')}
                </Button>
                <span className={look.soft}>{t('door.a-scanned-label-adds-a-line')}</span>
              </p>
            )}
          </>
        )}
        {demo && delivery.open && <DemoLabels />}
      </section>
      <Pan
        todo={
          missing ??
          (boxed ? t('door.put-the-box-of-on-the', { species: line?.species.name ?? '' }) : nextFish(lines, line, nth))
        }
        recordAs={
          missing || !line
            ? null
            : boxed
              ? t('door.fish-in-a-box', { species: line.species.name, n: box.count || '?' })
              : t('door.fish', { species: line.species.name, nth })
        }
        takeWord={t('door.weigh-in')}
        onTake={take}
        busy={false}
        outbox={outbox}
        onSure={sure}
        fault={(boxFault ? undefined : refusedText(outbox)) ?? panFault(trouble)}
        readings={line && !editing ? line.fish.map((fish) => weighedIn(fish, line)).reverse() : []}
        {...(delivery.open
          ? {
              onTakeBack: (fish: string) =>
                sendBack.mutate({ params: { path: { fish } }, body: { reason: t('door.taken-back-at-the-door') } }),
            }
          : {})}
        next={{
          label: delivery.open ? t('door.close-delivery') : t('door.to-the-cold-room'),
          disabled: delivery.open && (delivery.fish === 0 || editing !== null || outbox.waiting.length > 0),
          busy: close.isPending,
          open: delivery.open
            ? lines.filter((one) => wanting(one)).map((l) => ({ code: 'wanting', say: stillToCome(l) }))
            : [],
          onClick: () =>
            delivery.open
              ? close.mutate({ params: { path: { delivery: delivery.id } }, body: { version: delivery.version } })
              : navigate('/receive'),
        }}
      >
        {delivery.open && line && !editing && (
          <>
            <Chips
              legend={t('door.on-the-scale')}
              name="boxed"
              inline
              value={boxed ? 'box' : 'one'}
              options={[
                { value: 'one', label: t('door.one-fish') },
                { value: 'box', label: t('door.a-box') },
              ]}
              onChange={(value) => setBoxed(value === 'box')}
            />
            {boxed && (
              <div className={look.pair}>
                {(['count', 'ice', 'tub', 'tag'] as const).map((field) => (
                  <TextInput
                    key={field}
                    label={
                      { count: t('door.fish-in-it'), ice: t('door.ice'), tub: t('door.tub'), tag: t('door.tag') }[field]
                    }
                    placeholder={
                      { count: '12', ice: t('door.2-kg'), tub: t('door.1-8-kg'), tag: t('door.box-7') }[field]
                    }
                    {...(field === 'count' ? { inputMode: 'numeric' as const } : {})}
                    value={box[field]}
                    error={faultAt(outbox.refused?.fault, `/${field}`)}
                    onChange={(event) => setBox({ ...box, [field]: event.currentTarget.value })}
                  />
                ))}
              </div>
            )}
          </>
        )}
      </Pan>
    </div>
  );
}
