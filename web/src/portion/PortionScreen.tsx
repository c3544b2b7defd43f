import { Button } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import cx from 'clsx';
import { useState } from 'react';
import { Link, useLocation, useNavigate, useParams } from 'react-router';
import { ulid } from 'ulid';
import { api, type PortionBench, panFault, type Weight } from '../api/client';
import { BonePanel } from '../breakdown/BonePanel';
import { useKitchen } from '../kitchen/kitchen';
import { t } from '../lang';
import { Chips } from '../ui/Chips';
import { FishTitle } from '../ui/FishTitle';
import { Keel } from '../ui/Keel';
import { look } from '../ui/look';
import { Missing } from '../ui/Missing';
import { takenNow } from '../ui/outbox';
import { Pan, refusedText } from '../ui/Pan';
import { digitKeys, PartTray } from '../ui/PartTray';
import { Remarks } from '../ui/Remarks';
import { useKeys } from '../ui/useKeys';
import { useOutbox, usePut } from '../ui/usePut';
import { weightText } from '../ui/weightText';
import { lowerFirst } from '../ui/words';
import { DishLabel } from './DishLabel';
import { DishNotes } from './DishNotes';
import { FilletDrawing } from './FilletDrawing';
import { HandLine } from './HandLine';
import { isOf } from './isOf';
import { LightPortion } from './LightPortion';
import { NewDish } from './NewDish';
import { OFF_A_PORTION, OffPortion } from './OffPortion';
import css from './PortionScreen.module.css';
import { Tally } from './Tally';
import { Together } from './Together';
import { Unboned } from './Unboned';

/** The fillets become portions: choose the dish, weigh each piece. */
export function PortionScreen() {
  const { fish: id = '' } = useParams();
  const { data: bench, error } = api.useQuery('get', '/portion/fish/{fish}', { params: { path: { fish: id } } });
  if (error) {
    return <Missing stage="portion" error={error} />;
  }
  return bench ? <Board key={id} bench={bench} /> : <p className={cx(look.sheet, look.soft)}>{t('portion.loading')}</p>;
}

function Board({ bench }: { bench: PortionBench }) {
  const { fish, tally } = bench;
  const { me } = useKitchen();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const { state } = useLocation();
  const [picked, setPicked] = useState<string | null>(null);
  const [from, setFrom] = useState<string | null>(state?.from ?? null);
  const [off, setOff] = useState<string | null>(null);
  const [many, setMany] = useState('');
  const [guess, setGuess] = useState<string | null>(null);
  const [writing, setWriting] = useState(false);
  const [changing, setChanging] = useState(false);
  const path = { path: { fish: fish.id } };
  const key = api.queryOptions('get', '/portion/fish/{fish}', { params: path }).queryKey;
  const keep = (data: PortionBench) => queries.setQueryData(key, data);
  const scope = `portion/${fish.id}`;
  const outbox = useOutbox(scope);
  const record = usePut(scope, '/portion/fish/{fish}/readings/{reading}', { onSuccess: keep });
  const [counting, setCounting] = useState(false);
  const takeBack = usePut(scope, '/portion/fish/{fish}/readings/{reading}/taken-back', { onSuccess: keep });
  const chooseDish = usePut(scope, '/portion/fish/{fish}/dish', {
    onSuccess: keep,
    onError: () => queries.invalidateQueries({ queryKey: key }),
  });
  const done = usePut(scope, '/portion/fish/{fish}/done', {
    onSuccess: () => {
      queries.invalidateQueries();
      navigate(`/route/${fish.id}`);
    },
    onError: () => queries.invalidateQueries({ queryKey: key }),
  });
  const dish = bench.dishes.find((d) => d.id === bench.dish);
  const isDone = (piece: string) =>
    bench.pieces.some((p) => p.parent === piece && (p.part === 'tail-end' || p.part === 'belly-loin'));
  const source =
    bench.sources.find((s) => s.piece === from) ??
    bench.sources.find((s) => s.left.mg > 0 && !isDone(s.piece)) ??
    bench.sources.find((s) => s.left.mg > 0) ??
    bench.sources[0];
  const plan = bench.plans.find((p) => p.piece === source?.piece && !isDone(p.piece));
  const part = picked ?? plan?.next.part ?? 'portion';
  const setPart = (chosen: string) => setPicked(chosen === plan?.next.part ? null : chosen);
  const choice = bench.parts.find((c) => c.part === part);
  // What is weighed next is what the plan said, unless somebody chose another part.
  const next = plan && plan.next.part === part && part !== 'tail-end' ? plan.next : null;
  const cutFor = bench.dishes.find((d) => d.id === next?.dish) ?? dish;
  const offPortions = OFF_A_PORTION.includes(part) ? bench.portions : [];
  const portion = offPortions.find((one) => one.piece === off);
  const guessing = part === 'portion' && plan?.guess_first === true;
  const take = (weight: Weight) => {
    outbox.dismiss();
    record.mutate({
      params: { path: { fish: fish.id, reading: ulid() } },
      name: choice?.name ?? t('portion.portion'),
      text: weightText(weight),
      body: {
        part: part as 'portion',
        weight,
        sure: false,
        ...takenNow(),
        ...(source ? { from: portion?.piece ?? source.piece } : {}),
        ...(part === 'portion' && cutFor ? { dish: cutFor.id } : {}),
        ...(next?.to_cm ? { to_cm: next.to_cm } : {}),
        ...(guess && part === 'portion' ? { guess } : {}),
        ...(Number(many) > 1 && part === 'portion' ? { portions: Number(many) } : {}),
      },
    });
    setGuess(null);
    setPicked(null);
    setOff(null);
    setMany('');
  };
  /** The weight that was asked about, recorded as it is. */
  const sure = () => {
    const { refused } = outbox;
    outbox.dismiss();
    refused && record.sure(refused);
  };
  const give = usePut(scope, '/portion/fish/{fish}/pieces/{piece}/dish', { onSuccess: keep });
  const grade = usePut(scope, '/portion/fish/{fish}/graded', { onSuccess: () => queries.invalidateQueries() });
  const light = bench.portions.findLast((p) => p.rather !== null);
  useKeys(digitKeys(bench.parts, setPart));
  const unboned = bench.bones.find((side) => !side.done && isOf(bench, source?.piece, side.piece));
  const mustCount = unboned !== undefined && !unboned.may_wait;
  const trouble = takeBack.error ?? chooseDish.error ?? give.error ?? grade.error ?? done.error;
  const todo = !source
    ? t('portion.no-fillet-has-been-weighed-go')
    : mustCount && part === 'portion'
      ? t('portion.count-the-pin-bones-of-first', { lowerFirst: lowerFirst(unboned.name) })
      : !dish
        ? t('portion.choose-the-dish-these-portions-are')
        : plan && plan.next.part === part
          ? plan.next.say
          : part === 'portion'
            ? t('portion.cut-and-put-it-on-the', { target: dish.target.text })
            : t('portion.put-on-the-scale', { lowerFirst: lowerFirst(choice?.name ?? '') });

  return (
    <div className={cx(look.bench, plan && css.planned)}>
      <section className={css.board}>
        <FishTitle fish={fish} figure={bench.portion_yield} of={t('portion.portion-yield')} />
        <Keel keel={bench.keel} />
        {plan && !counting && (
          <div className={css.onBoard}>
            <FilletDrawing plan={plan} next={plan.next.to_cm} />
            <p className={look.soft}>
              {plan.name}:{' '}
              {plan.counts
                .map((c) => t('portion.cut-to-come', { c: c.name, cut: c.cut, planned: c.planned }))
                .join('; ')}
              . {plan.stops.find((stop) => stop.code === 'off-mark')?.say ?? ''} {plan.next.how}{' '}
              <Link to={`/portion/${fish.id}/plan/${plan.piece}`}>{t('portion.re-plan')}</Link>
            </p>
          </div>
        )}
        <Remarks remarks={bench.remarks} />
        {unboned && !counting && <Unboned side={unboned} onCount={() => setCounting(true)} />}
        {counting && (
          <div className={css.counting}>
            <BonePanel fish={fish.id} bones={bench.bones} later={!unboned} />
            <Button variant="default" onClick={() => setCounting(false)}>
              {t('portion.back-to-the-portions')}
            </Button>
          </div>
        )}
        {bench.dishes.length > 0 && !writing && !(plan && !changing) && (
          <div className={look.trayHead}>
            <Chips
              legend={t('portion.for')}
              name="dish"
              inline
              value={bench.dish}
              options={bench.dishes
                .filter((d) => !bench.dish || changing || d.id === bench.dish)
                .map((d) => ({
                  value: d.id,
                  label: <DishLabel dish={d} />,
                }))}
              onChange={(value) => {
                setChanging(false);
                chooseDish.mutate({ params: path, body: { dish: value, version: fish.version } });
              }}
            />
            {bench.dish && bench.dishes.length > 1 && !changing && (
              <Button variant="default" onClick={() => setChanging(true)}>
                {t('portion.another-dish')}
              </Button>
            )}
            {!unboned && bench.bones.length > 0 && !counting && (
              <Button variant="default" onClick={() => setCounting(true)}>
                {t('portion.found-a-bone')}
              </Button>
            )}
            {source?.can_plan && !mustCount && !changing && (
              <Button component={Link} variant="default" to={`/portion/${fish.id}/plan/${source.piece}`}>
                {t('portion.plan-the-cuts')}
              </Button>
            )}
            {me.sees_prices && (!bench.dish || changing) && (
              <Button variant="default" onClick={() => setWriting(true)}>
                {t('portion.new-dish')}
              </Button>
            )}
          </div>
        )}
        {dish && <DishNotes dish={dish} />}
        {(bench.dishes.length === 0 || writing) &&
          (me.sees_prices ? (
            <NewDish
              onDone={() => {
                setWriting(false);
                queries.invalidateQueries({ queryKey: key });
              }}
            />
          ) : (
            <p>{t('portion.no-dish-yet-ask-the-head')}</p>
          ))}
        {tally && (
          <Tally
            tally={tally}
            portions={bench.portions}
            planned={plan !== undefined}
            strip={!counting && offPortions.length === 0}
          />
        )}
        {light && (
          <LightPortion
            light={light}
            busy={grade.isPending}
            onGive={(to) =>
              give.mutate({ params: { path: { fish: fish.id, piece: light.piece } }, body: { dish: to } })
            }
            onGrade={() => grade.mutate({ params: path, body: { version: fish.version } })}
          />
        )}
        {bench.hand && <HandLine hand={bench.hand} aimed={plan?.aimed ?? false} />}
        {bench.sources.length > 1 && (
          <Chips
            legend={t('portion.cut-from')}
            name="source"
            inline
            value={source?.piece ?? null}
            options={bench.sources.map((s) => ({
              value: s.piece,
              label: t('portion.left', { s: s.name, left: s.left.text }),
            }))}
            onChange={setFrom}
          />
        )}
        {source && !source.can_plan && (
          <Together fish={fish.id} source={source} part={part} many={many} onMany={setMany} />
        )}
        <OffPortion portions={offPortions} source={source?.name ?? ''} off={off} onOff={setOff} />
        <PartTray choices={bench.parts} chosen={part} onChoose={setPart} />
      </section>
      <Pan
        todo={todo}
        recordAs={
          source && choice && !(mustCount && part === 'portion')
            ? t('portion.cut-from-2', {
                choice: choice.name,
                nth: part === 'portion' ? ` ${choice.count + 1}` : '',
                lowerFirst: lowerFirst(portion?.name ?? source.name),
              })
            : null
        }
        certain={plan !== null && plan !== undefined && plan.next.part === part}
        takeWord={t('portion.record')}
        onTake={take}
        busy={false}
        {...(guessing ? { guess: { said: guess, onSay: setGuess } } : {})}
        outbox={outbox}
        onSure={sure}
        fault={refusedText(outbox) ?? panFault(trouble)}
        readings={bench.readings}
        onTakeBack={(reading) =>
          takeBack.mutate({ params: { path: { fish: fish.id, reading } }, body: { reason: 'undone' } })
        }
        next={{
          label: t('portion.finish-portioning'),
          disabled: outbox.waiting.length > 0 || takeBack.isPending,
          busy: done.isPending,
          open: bench.open,
          back: { label: t('portion.back-to-break-down'), to: `/breakdown/${fish.id}` },
          onClick: () => done.mutate({ params: path, body: { version: fish.version } }),
        }}
      />
    </div>
  );
}
