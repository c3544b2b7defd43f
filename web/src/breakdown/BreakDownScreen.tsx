import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { ulid } from 'ulid';
import { api, type Bench, panFault, type Weight } from '../api/client';
import { Chips } from '../ui/Chips';
import { FishTitle } from '../ui/FishTitle';
import { FishDrawing } from '../ui/fish/FishDrawing';
import { Keel } from '../ui/Keel';
import { LadderLine } from '../ui/Ladder';
import { Missing } from '../ui/Missing';
import { Pan } from '../ui/Pan';
import { digitKeys, PartTray } from '../ui/PartTray';
import { Remarks } from '../ui/Remarks';
import { useKeys } from '../ui/useKeys';
import { lowerFirst } from '../ui/words';

type Mode = 'quick' | 'parts';

/** One fish on the board: choose what comes off, put it on the pan, take the reading. */
export function BreakDownScreen() {
  const { fish: id = '' } = useParams();
  const path = { params: { path: { fish: id } } };
  const { data: bench, error } = api.useQuery('get', '/breakdown/fish/{fish}', path);
  if (error) {
    return <Missing stage="breakdown" error={error} />;
  }
  return bench ? <Board key={id} bench={bench} /> : <p className="sheet soft">Laying the fish on the board…</p>;
}

/** Three weights, unless someone has already begun to weigh every part. */
function startingMode(bench: Bench): Mode {
  const quick = new Set(bench.quick.map((choice) => choice.part));
  return bench.parts.some((choice) => choice.mass && !quick.has(choice.part)) ? 'parts' : 'quick';
}

function Board({ bench }: { bench: Bench }) {
  const { fish } = bench;
  const navigate = useNavigate();
  const queries = useQueryClient();
  const [mode, setMode] = useState<Mode>(() => startingMode(bench));
  const choices = mode === 'quick' ? bench.quick : bench.parts;
  const [picked, setPicked] = useState<string | null>(null);
  const [from, setFrom] = useState<string | null>(null);
  const [again, setAgain] = useState<string | null>(null);
  const path = { path: { fish: fish.id } };
  const key = api.queryOptions('get', '/breakdown/fish/{fish}', { params: path }).queryKey;
  const keep = (data: Bench) => {
    queries.setQueryData(key, data);
    setAgain(null);
    setFrom(null);
    setPicked(null);
  };
  const read = api.useMutation('put', '/breakdown/fish/{fish}/readings/{reading}', { onSuccess: keep });
  const takeBack = api.useMutation('put', '/breakdown/fish/{fish}/readings/{reading}/taken-back', { onSuccess: keep });
  const done = api.useMutation('put', '/breakdown/fish/{fish}/done', {
    onSuccess: () => {
      queries.invalidateQueries();
      navigate(`/portion/${fish.id}`);
    },
    onError: () => queries.invalidateQueries({ queryKey: key }),
  });

  const wholeMissing = !bench.pieces.some((piece) => piece.part === 'whole');
  const nextUnweighed = choices.find((choice) => !choice.mass)?.part ?? null;
  const chosenPart = wholeMissing ? 'whole' : (picked ?? nextUnweighed);
  const choice = choices.find((c) => c.part === chosenPart);
  const source = bench.sources.find((s) => s.piece === (from ?? choice?.from)) ?? bench.sources[0];
  const retaken = bench.pieces.find((piece) => piece.piece === again);
  const recordAs = retaken
    ? `${retaken.name}, instead of ${retaken.mass.text}`
    : wholeMissing
      ? 'The whole fish'
      : choice
        ? `${choice.name}${choice.mass ? ', one more' : ''}${choice.of_a_fillet && source ? `, off ${lowerFirst(source.name)}` : ''}`
        : null;
  const offAnything = bench.pieces.length > 1;
  const todo = wholeMissing
    ? 'Put the whole fish on the pan.'
    : bench.remarks[0]
      ? bench.remarks[0].todo
      : choice
        ? `Put the ${lowerFirst(choice.name)} on the pan.`
        : 'All is weighed. Go on to the portions.';
  const choose = (part: string) => {
    setPicked(part);
    setAgain(null);
    setFrom(null);
    read.reset();
  };
  const take = (weight: Weight) => {
    const part = retaken?.part ?? chosenPart;
    if (part) {
      read.mutate({
        params: { path: { fish: fish.id, reading: ulid() } },
        body: {
          part: part as 'frame',
          weight,
          ...(retaken ? { replaces: retaken.reading } : from ? { from } : {}),
        },
      });
    }
  };
  useKeys(digitKeys(choices, choose));
  const trouble = read.error ?? takeBack.error ?? done.error;

  return (
    <div className="bench">
      <section className="board">
        <FishTitle fish={fish} figure={bench.edible_yield} of="can be eaten" />
        <Keel keel={bench.keel} onChoose={(piece) => choose(bench.pieces.find((p) => p.piece === piece)?.part ?? '')} />
        <Remarks
          remarks={bench.remarks}
          onRetake={(piece) => {
            setAgain(piece);
            read.reset();
          }}
        />
        {bench.ladder.length > 1 && <LadderLine rungs={bench.ladder} />}
        <FishDrawing
          form={fish.form}
          title={fish.title}
          weighed={bench.pieces
            .filter((piece) => piece.part !== 'whole')
            .map((piece) => ({ part: piece.part, family: piece.family, text: piece.mass.text }))}
          chosen={chosenPart}
          choosable={choices.map((c) => c.part)}
          onChoose={choose}
        />
        <div className="tray-head">
          <Chips
            legend="Weigh"
            name="mode"
            inline
            value={mode}
            options={[
              { value: 'quick', label: 'Three weights' },
              { value: 'parts', label: 'Every part' },
            ]}
            onChange={(value) => {
              setMode(value);
              setPicked(null);
            }}
          />
          {choice?.of_a_fillet && bench.sources.length > 1 && (
            <Chips
              legend="off"
              name="from"
              inline
              value={source?.piece ?? null}
              options={bench.sources.map((s) => ({ value: s.piece, label: s.name }))}
              onChange={setFrom}
            />
          )}
        </div>
        <PartTray choices={choices} chosen={chosenPart} onChoose={choose} />
      </section>
      <Pan
        todo={todo}
        recordAs={recordAs}
        takeWord="Take"
        onTake={take}
        busy={read.isPending}
        fault={panFault(trouble)}
        readings={bench.readings}
        onTakeBack={(reading) =>
          takeBack.mutate({ params: { path: { fish: fish.id, reading } }, body: { reason: 'taken back' } })
        }
        next={{
          label: 'That is all: on to Portion',
          disabled: !offAnything || done.isPending || read.isPending || takeBack.isPending,
          onClick: () => done.mutate({ params: path, body: { version: fish.version } }),
        }}
      />
    </div>
  );
}
