import { describe, expect, it } from 'vitest';
import type { Bench } from '../api/client';
import { isCertain, ofStep, partOf, startingMode } from './benchModes';

const choice = (part: string, mass: string | null = null) => ({ part, name: part, mass, from: 'whole-fish', count: 0 });

const bench = (over: object) =>
  ({
    quick: [choice('whole', '3900 g'), choice('fillets'), choice('trim')],
    parts: [choice('head'), choice('side-a'), choice('skin')],
    method: null,
    ...over,
  }) as unknown as Bench;

const steps = (at: number, ...parts: { part: string; from: string | null }[][]) => ({
  at,
  steps: parts.map((of) => ({ parts: of })),
});

describe('how a fish is weighed when it is opened', () => {
  it('is in three while nobody has begun otherwise', () => {
    expect(startingMode(bench({}))).toBe('quick');
  });

  it('is part by part once a part was weighed that is none of the three', () => {
    expect(startingMode(bench({ parts: [choice('head', '650 g')] }))).toBe('parts');
  });

  it('is still in three when what was weighed is one of the three', () => {
    expect(startingMode(bench({ parts: [choice('fillets', '2100 g')] }))).toBe('quick');
  });

  it('is along the steps once a method was chosen, whatever was weighed', () => {
    expect(startingMode(bench({ parts: [choice('head', '650 g')], method: steps(0) }))).toBe('steps');
  });
});

describe('the parts of the current step', () => {
  it('are none without a method, and none behind its end', () => {
    expect(ofStep(bench({}))).toEqual([]);
    expect(ofStep(bench({ method: steps(1, [{ part: 'head', from: null }]) }))).toEqual([]);
  });

  it('come once each from a piece, and from the piece the step says', () => {
    const method = steps(0, [
      { part: 'skin', from: 'side-one' },
      { part: 'skin', from: 'side-two' },
      { part: 'skin', from: 'side-one' },
      { part: 'head', from: null },
    ]);
    expect(ofStep(bench({ method })).map((c) => [c.part, c.from])).toEqual([
      ['skin', 'side-one'],
      ['skin', 'side-two'],
      ['head', 'whole-fish'],
    ]);
  });

  it('leave out what this fish does not have', () => {
    expect(ofStep(bench({ method: steps(0, [{ part: 'roe', from: null }]) }))).toEqual([]);
  });
});

describe('the part something on its way is about', () => {
  it.each([
    [{ part: 'head', weight: {} }, 'head'],
    [{ part: 7 }, null],
    [{}, null],
    [null, null],
    ['part', null],
  ])('%j: %s', (body, part) => {
    expect(partOf(body)).toBe(part);
  });
});

describe('what lies on the scale is certain', () => {
  const left = [choice('head', '650 g'), choice('frame'), choice('skin')];

  it('when one part is left, or was chosen by hand', () => {
    expect(isCertain(left, [], false)).toBe(false);
    expect(isCertain(left, ['skin'], false)).toBe(true);
    expect(isCertain(left, [], true)).toBe(true);
    expect(isCertain([choice('head', '650 g')], [], false)).toBe(false);
  });
});
