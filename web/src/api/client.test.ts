import { describe, expect, it } from 'vitest';
import { asProblem, faultAt, type Problem, panFault } from './client';

const refused: Problem = {
  type: 'about:blank',
  title: 'Not accepted',
  status: 422,
  detail: 'Two things are wrong.',
  errors: [
    { pointer: '/weight/typed', detail: 'That is no weight.' },
    { pointer: '/note', detail: 'The note is too long.' },
  ],
};

describe('whatever went wrong', () => {
  it('is the server’s own problem when it said one', () => {
    expect(asProblem(refused)).toBe(refused);
  });

  it.each([new TypeError('Failed to fetch'), null, 'text', {}, { detail: 5 }])(
    'is a kitchen computer that is away when it said nothing: %s',
    (error) => {
      expect(asProblem(error).status).toBe(0);
      expect(asProblem(error).errors).toBeUndefined();
    },
  );
});

describe('the sentence that belongs to one field', () => {
  it('is found for the field and for what it is made of', () => {
    expect(faultAt(refused, '/note')).toBe('The note is too long.');
    expect(faultAt(refused, '/weight')).toBe('That is no weight.');
  });

  it('is none for a field nothing is wrong with, and when nothing is wrong', () => {
    expect(faultAt(refused, '/photo')).toBeUndefined();
    expect(faultAt(null, '/note')).toBeUndefined();
  });
});

describe('the sentence beside the pan', () => {
  it('is the weight’s own before anything else', () => {
    expect(panFault(refused)).toBe('That is no weight.');
  });

  it('is whatever went wrong when the weight was in order', () => {
    expect(panFault({ ...refused, errors: refused.errors?.slice(1) })).toBe('Two things are wrong.');
    expect(panFault(new TypeError('Failed to fetch'))).toBe(asProblem(null).detail);
  });

  it('is silent while nothing is wrong', () => {
    expect(panFault(null)).toBeUndefined();
  });
});
