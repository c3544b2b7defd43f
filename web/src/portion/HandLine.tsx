import type { PortionBench } from '../api/client';

type Hand = NonNullable<PortionBench['hand']>;

/** How the hand at the knife scatters, and where it should aim tonight. */
export function HandLine({ hand, aimed }: { hand: Hand; aimed: boolean }) {
  if (!hand.scatter || !hand.aim) {
    return null;
  }
  const year = hand.yearly_cost ? `, about ${hand.yearly_cost} a year` : '';
  return (
    <p className="soft hand">
      Your portions vary by {hand.scatter} over the last {hand.pieces} pieces. {aimed ? 'The plan aims' : 'Aim'} at{' '}
      <b>{hand.aim.text}</b>: {hand.under} come out too light, and each gives away {hand.gives_away} on average{year}.
      {hand.guess_scatter ? ` Your guesses are within ${hand.guess_scatter}.` : ''}
    </p>
  );
}
