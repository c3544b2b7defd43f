import { describe, expect, it } from 'vitest';
import type { Plan } from '../api/client';
import { MARGIN, marksOf, movedMark, placeUnder } from './marks';

type Piece = Plan['pieces'][number];

function piece(what: Piece['what'], from_cm: number, to_cm: number): Piece {
  return {
    what,
    from_cm,
    to_cm,
    name: what,
    mass: { mg: 150_000, text: '150 g' } as Piece['mass'],
    width: '9 cm',
    thickness: '20 mm',
  } as Piece;
}

const plan = {
  length_cm: 40,
  // A mark is finer than the place that is told of it.
  marks_cm: [28.004],
  pieces: [
    piece('done', 0, 6),
    piece('square', 6, 7.5),
    piece('planned', 7.5, 12),
    piece('planned', 12, 18),
    piece('spare', 18, 28),
    piece('spare', 28, 33),
    piece('tail', 33, 40),
  ],
};

describe('the marks of a fillet', () => {
  it('stand behind what is squared off, behind each planned piece, and where somebody put one', () => {
    expect(marksOf(plan)).toEqual([7.5, 12, 18, 28]);
  });

  it('are none when everything is cut', () => {
    expect(marksOf({ pieces: [piece('done', 0, 20), piece('tail', 20, 40)], marks_cm: [] })).toEqual([]);
  });
});

describe('a mark that is moved', () => {
  const marks = [7.5, 12, 18, 28];

  it('stands to the millimetre', () => {
    expect(movedMark(plan, marks, 1, 13.2468)).toBe(13.2);
  });

  it('stays between its neighbours', () => {
    expect(movedMark(plan, marks, 1, 2)).toBe(7.8);
    expect(movedMark(plan, marks, 1, 30)).toBe(17.9);
  });

  it('never goes into what is cut, nor past the tail', () => {
    expect(movedMark(plan, marks, 0, -3)).toBe(6.3);
    expect(movedMark(plan, marks, 3, 99)).toBe(39.9);
  });

  it('may go as far as the head end when nothing is cut', () => {
    expect(movedMark({ length_cm: 40, pieces: [piece('planned', 0, 5)] }, [5], 0, 0)).toBe(0.3);
  });
});

describe('the place under a finger', () => {
  const box = { left: 100, width: 848 };

  it.each([
    { clientX: 100 + 2 * MARGIN, cm: 0 },
    { clientX: 100 + 2 * MARGIN + 400, cm: 20 },
    { clientX: 100 + 2 * MARGIN + 800, cm: 40 },
    { clientX: 100, cm: -1.2 },
  ])('is $cm cm at $clientX', ({ clientX, cm }) => {
    // Drawn at twice its size: 400 + 2 × 12 units on 848 pixels.
    expect(placeUnder(clientX, box, 40)).toBeCloseTo(cm, 9);
  });

  it('is read from the drawing’s own size before it is laid out', () => {
    expect(placeUnder(MARGIN + 50, undefined, 40)).toBe(5);
  });
});
