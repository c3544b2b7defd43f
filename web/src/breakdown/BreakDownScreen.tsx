import { NativeSelect } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import cx from 'clsx';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { ulid } from 'ulid';
import { api, type Bench, panFault, type Weight } from '../api/client';
import { t } from '../lang';
import { Chips } from '../ui/Chips';
import { FishTitle } from '../ui/FishTitle';
import { FishDrawing } from '../ui/fish/FishDrawing';
import { Keel } from '../ui/Keel';
import { LadderLine } from '../ui/Ladder';
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
import { BoardModes, type View } from './BoardModes';
import { BonePanel } from './BonePanel';
import css from './BreakDownScreen.module.css';
import { isCertain, type Mode, ofStep, partOf, startingMode } from './benchModes';
import { CleanDown } from './CleanDown';
import { FindPanel } from './FindPanel';
import { MethodPanel } from './MethodPanel';
import { SetUp } from './SetUp';
import { StepPanel } from './StepPanel';
import { WorkPanel } from './WorkPanel';

/** One fish on the board: follow the steps or weigh parts in any order; put each on the pan, take the reading. */
export function BreakDownScreen() {
  const { fish: id = '' } = useParams();
  const path = { params: { path: { fish: id } } };
  const { data: bench, error } = api.useQuery('get', '/breakdown/fish/{fish}', path);
  if (error && !bench) {
    return <Missing stage="breakdown" error={error} />;
  }
  return bench ? (
    <Board key={id} bench={bench} />
  ) : (
    <p className={cx(look.sheet, look.soft)}>{t('breakDown.loading')}</p>
  );
}

function Board({ bench }: { bench: Bench }) {
  const { fish } = bench;
  const navigate = useNavigate();
  const queries = useQueryClient();
  const [mode, setMode] = useState<Mode>(() => startingMode(bench));
  const [view, setView] = useState<View>('fish');
  const [picked, setPicked] = useState<string | null>(null);
  const [from, setFrom] = useState<string | null>(null);
  const [again, setAgain] = useState<string | null>(null);
  const [tray, setTray] = useState<string>('');
  const [off, setOff] = useState<'frame' | 'ribs' | 'head'>('frame');
  const path = { path: { fish: fish.id } };
  const key = api.queryOptions('get', '/breakdown/fish/{fish}', { params: path }).queryKey;
  const keep = (data: Bench) => queries.setQueryData(key, data);
  const scope = `breakdown/${fish.id}`;
  const outbox = useOutbox(scope);
  const record = usePut(scope, '/breakdown/fish/{fish}/readings/{reading}', { onSuccess: keep });
  const stale = { onSuccess: keep, onError: () => queries.invalidateQueries({ queryKey: key }) };
  const takeBack = usePut(scope, '/breakdown/fish/{fish}/readings/{reading}/taken-back', { onSuccess: keep });
  const onTray = usePut(scope, '/breakdown/fish/{fish}/readings/{reading}/on-tray', { onSuccess: keep });
  const method = usePut(scope, '/breakdown/fish/{fish}/method', stale);
  const step = usePut(scope, '/breakdown/fish/{fish}/step', stale);
  const done = usePut(scope, '/breakdown/fish/{fish}/done', {
    onSuccess: () => {
      queries.invalidateQueries();
      navigate(`/portion/${fish.id}`);
    },
    onError: () => queries.invalidateQueries({ queryKey: key }),
  });

  const at = bench.method?.steps[bench.method.at];
  const steps = mode === 'steps' ? ofStep(bench) : [];
  const choices = mode === 'quick' ? bench.quick : mode === 'parts' || steps.length === 0 ? bench.parts : steps;
  const waitingParts = outbox.waiting.map((entry) => partOf(entry.body));
  const wholeMissing = !bench.pieces.some((piece) => piece.part === 'whole') && !waitingParts.includes('whole');
  // A step that takes nothing off asks for no weight; whoever has one to write down chooses its part.
  const asksNothing = mode === 'steps' && at !== undefined && steps.length === 0;
  const nextUnweighed = choices.find((choice) => !choice.mass && !waitingParts.includes(choice.part))?.part ?? null;
  const chosenPart = wholeMissing
    ? 'whole'
    : (picked ?? partOf(outbox.refused?.body) ?? (asksNothing ? null : (nextUnweighed ?? steps[0]?.part ?? null)));
  const choice = choices.find((c) => c.part === chosenPart);
  const source = bench.sources.find((s) => s.piece === (from ?? choice?.from)) ?? bench.sources[0];
  const retaken = bench.pieces.find((piece) => piece.piece === again);
  const recordAs = retaken
    ? t('breakDown.instead-of', { retaken: retaken.name, mass: retaken.mass.text })
    : wholeMissing
      ? t('breakDown.the-whole-fish')
      : choice
        ? `${choice.name}${choice.mass ? t('breakDown.one-more') : ''}${choice.of_a_fillet && source ? t('breakDown.cut-from', { lowerFirst: lowerFirst(source.name) }) : ''}${tray ? t('breakDown.on-the', { tray }) : ''}`
        : null;
  const offAnything = bench.pieces.length > 1 || outbox.waiting.length > 0;
  const next = choice
    ? t('breakDown.put-on-the-scale', { lowerFirst: lowerFirst(choice.name) })
    : mode === 'steps' && at
      ? at.doing
      : t('breakDown.everything-is-weighed-go-on-to');
  const todo = wholeMissing ? t('breakDown.put-the-whole-fish-on-the') : (bench.remarks[0]?.todo ?? next);
  const choose = (part: string) => {
    setPicked(part);
    setAgain(null);
    setFrom(null);
    outbox.dismiss();
  };
  const take = (weight: Weight) => {
    const part = retaken?.part ?? chosenPart;
    if (part) {
      const cutFrom =
        from ?? (mode === 'steps' && choice && choice.from !== bench.sources[0]?.piece ? choice.from : null);
      outbox.dismiss();
      record.mutate({
        params: { path: { fish: fish.id, reading: ulid() } },
        name: retaken?.name ?? choice?.name ?? t('breakDown.whole-fish'),
        text: weightText(weight),
        body: {
          part: part as 'frame',
          weight,
          sure: false,
          ...takenNow(),
          ...(retaken ? { replaces: retaken.reading } : cutFrom ? { from: cutFrom } : {}),
          ...(tray ? { tray } : {}),
          ...(part === 'scrapings' ? { off } : {}),
        },
      });
      setAgain(null);
      setFrom(null);
      setPicked(null);
    }
  };
  /** The weight that was asked about, recorded as it is. */
  const sure = () => {
    if (outbox.refused) {
      outbox.dismiss();
      record.sure(outbox.refused);
    }
  };
  useKeys(digitKeys(choices, choose));
  const trouble = takeBack.error ?? onTray.error ?? method.error ?? step.error ?? done.error;

  return (
    <div className={look.bench}>
      <section className={look.board}>
        <FishTitle
          fish={fish}
          figure={bench.edible_yield}
          of={
            bench.each
              ? t('breakDown.edible-yield-each', { each: bench.sample?.each ?? bench.each })
              : t('breakDown.edible-yield')
          }
        />
        <Keel keel={bench.keel} onChoose={(piece) => choose(bench.pieces.find((p) => p.piece === piece)?.part ?? '')} />
        {view !== 'method' && <CleanDown fish={fish.id} always={view === 'finds'} begun={offAnything} />}
        <Remarks
          remarks={bench.remarks}
          said={todo}
          onRetake={(piece) => {
            setAgain(piece);
            outbox.dismiss();
          }}
          onTray={(piece, name) => {
            const reading = bench.pieces.find((p) => p.piece === piece)?.reading;
            if (reading) {
              onTray.mutate({ params: { path: { fish: fish.id, reading } }, body: { reading: ulid(), tray: name } });
            }
          }}
        />
        {bench.ladder.length > 1 && bench.remarks.length === 0 && view === 'fish' && (
          <LadderLine rungs={bench.ladder} />
        )}
        {mode === 'steps' && bench.method && view === 'fish' && (
          <StepPanel
            fish={fish.id}
            method={bench.method}
            busy={step.isPending}
            onSaid={(n) => step.mutate({ params: path, body: { done: Math.max(0, n) } })}
          />
        )}
        {view === 'fish' && (
          <FishDrawing
            form={fish.form}
            title={fish.title}
            weighed={bench.pieces
              .filter((piece) => piece.part !== 'whole')
              .map((piece) => ({ part: piece.part, family: piece.family, text: piece.mass.text }))}
            chosen={chosenPart}
            choosable={choices.map((c) => c.part)}
            onChoose={choose}
            place={mode === 'steps' ? at?.place : undefined}
          />
        )}
        {view === 'method' && (
          <MethodPanel
            bench={bench}
            busy={method.isPending}
            onChoose={(code, answers, asked) => {
              method.mutate({
                params: path,
                body: { method: code, choices: answers, version: fish.version, ...(asked ? { asked } : {}) },
              });
              setMode(code ? 'steps' : 'parts');
            }}
          />
        )}
        {view === 'bones' && <BonePanel fish={fish.id} bones={bench.bones} />}
        {view === 'work' && <WorkPanel fish={fish.id} />}
        {view === 'finds' && <SetUp fish={fish.id} />}
        {view === 'finds' && (
          <FindPanel fish={fish.id} line={bench.line} finds={bench.finds} kinds={bench.find_kinds} />
        )}
        <BoardModes
          bench={bench}
          mode={mode}
          view={view}
          onMode={(value) => {
            setMode(value);
            setPicked(null);
            setView(value === 'steps' && !bench.method ? 'method' : 'fish');
          }}
          onView={setView}
        />
        {view !== 'method' && view !== 'finds' && view !== 'work' && (
          <div className={mode === 'steps' ? css.trayRow : css.trayRows}>
            {choice?.of_a_fillet && bench.sources.length > 1 && (
              <Chips
                legend={t('breakDown.cut-from-2')}
                name="from"
                inline
                value={source?.piece ?? null}
                options={bench.sources.map((s) => ({ value: s.piece, label: s.name }))}
                onChange={setFrom}
              />
            )}
            <PartTray choices={choices} chosen={chosenPart} onChoose={choose} />
          </div>
        )}
      </section>
      <Pan
        todo={todo}
        recordAs={recordAs}
        certain={wholeMissing || retaken !== undefined || isCertain(choices, waitingParts, picked !== null)}
        takeWord={t('breakDown.record')}
        onTake={take}
        busy={false}
        fault={refusedText(outbox) ?? panFault(trouble)}
        outbox={outbox}
        onSure={sure}
        readings={bench.readings}
        onTakeBack={(reading) =>
          takeBack.mutate({ params: { path: { fish: fish.id, reading } }, body: { reason: 'undone' } })
        }
        next={{
          label: t('breakDown.done-go-to-portion'),
          disabled: !offAnything || outbox.waiting.length > 0 || takeBack.isPending,
          busy: done.isPending,
          open: bench.open,
          back: { label: t('breakDown.back-to-the-list'), to: '/breakdown' },
          onClick: () => done.mutate({ params: path, body: { version: fish.version } }),
        }}
      >
        {chosenPart === 'scrapings' && (
          <Chips
            legend={t('breakDown.scraped-off')}
            name="off"
            inline
            value={off}
            options={[
              { value: 'frame', label: t('breakDown.off-frame') },
              { value: 'ribs', label: t('breakDown.off-ribs') },
              { value: 'head', label: t('breakDown.off-head') },
            ]}
            onChange={setOff}
          />
        )}
        {bench.trays.length > 0 && (
          <NativeSelect
            label={t('breakDown.container')}
            value={tray}
            onChange={(event) => setTray(event.currentTarget.value)}
            data={[
              { value: '', label: t('breakDown.no-container') },
              ...bench.trays.map((one) => ({ value: one.name, label: `${one.name}, ${one.mass.text}` })),
            ]}
          />
        )}
      </Pan>
    </div>
  );
}
