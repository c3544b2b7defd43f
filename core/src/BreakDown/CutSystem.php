<?php

declare(strict_types=1);

namespace Sectum\BreakDown;

use Sectum\Fish\Share;

/**
 * One cut: a piece and what came off it, tied by the mass that is lost and by what share each part usually is.
 *
 * Given the mass of the piece, its parts are tied to each other only through their sum. So a part can be eliminated by
 * itself, and all of them in one pass: with D the precision of part i (what it knows itself, and its share), its
 * likeliest
 * mass is mᵢ = aᵢ·mass + bᵢ, and the sum row keeps its own variance plus Σ 1/Dᵢ.
 */
final readonly class CutSystem
{
    /** @var list<float> precision of each part given the piece */
    private array $given;

    /** @var list<float> what each part's mass gains with the piece's */
    private array $slope;

    /** @var list<float> its mass when the piece weighs nothing, grams */
    private array $foot;

    /** @var list<float> one over the variance of the part's share, 1/g²; 0 where none is known */
    private array $tie;

    /**
     * @param  list<Belief>  $parts  what each part knows of itself: its reading and what was cut from it
     * @param  list<Share|null>  $shares  what share of the piece each part usually is
     * @param  float  $grams  how big the piece is, for the spread of the rows; above 0
     */
    public function __construct(private array $parts, private array $shares, private float $grams, private Loss $loss)
    {
        $given = $slope = $foot = $ties = [];
        foreach ($parts as $i => $part) {
            $share = $shares[$i];
            $tie = $share === null ? 0.0 : (100 / ($share->sdPct * $grams)) ** 2;
            $precision = $part->precision + $tie;
            $ties[] = $tie;
            $given[] = $precision;
            $slope[] = $precision > 0 ? $tie * self::of($share) / $precision : 0.0;
            $foot[] = $precision > 0 ? $part->precision * $part->mean / $precision : 0.0;
        }
        $this->tie = $ties;
        $this->given = $given;
        $this->slope = $slope;
        $this->foot = $foot;
    }

    /** What the parts say of the piece. */
    public function above(): Belief
    {
        $belief = $this->sum();
        foreach ($this->parts as $i => $part) {
            $belief = $belief->and(new Belief(0.0, 0.0, $part->misfit))->and($this->shareOf($i));
        }

        return $belief;
    }

    /**
     * What all but one part say of that part.
     *
     * @param  Belief  $piece  what all but this cut says of the piece
     * @return list<Belief> one a part
     */
    public function below(Belief $piece): array
    {
        $last = count($this->parts) - 1;
        $after = [$last + 1 => $piece];
        for ($i = $last; $i >= 0; $i--) {
            $after[$i] = $after[$i + 1]
                ->and(new Belief(0.0, 0.0, $this->parts[$i]->misfit))
                ->and($this->shareOf($i));
        }
        $sums = $this->sumsWithoutEach();
        $before = new Belief();
        $beliefs = [];
        foreach ($this->parts as $i => $part) {
            $sum = $sums[$i];
            $beliefs[] = self::through(
                $before->and($after[$i + 1]),
                $this->tie[$i],
                self::of($this->shares[$i]),
                // Where another part could weigh anything, the sum says nothing of this one.
                $sum->unknown > 0 ? 0.0 : 1 / $sum->variance,
                1 - $sum->slope,
                $sum->foot + $this->lost(),
            );
            $before = $before->and(new Belief(0.0, 0.0, $part->misfit))->and($this->shareOf($i));
        }

        return $beliefs;
    }

    /**
     * The likeliest mass of each part when the piece weighs this much; what nothing tells apart gets equal shares.
     *
     * @return list<float> grams
     */
    public function masses(float $piece): array
    {
        $likely = [];
        $variance = $this->variance();
        $open = 0;
        foreach ($this->given as $i => $precision) {
            $likely[] = $this->slope[$i] * $piece + $this->foot[$i];
            $precision > 0 ? $variance += 1 / $precision : $open++;
        }
        $missing = $piece - $this->lost() - array_sum($likely);

        return array_map(
            fn (float $mass, float $precision): float => $mass +
                match (true) {
                    $open === 0 => $missing / $precision / $variance,
                    $precision > 0 => 0.0,
                    default => $missing / $open,
                },
            $likely,
            $this->given,
        );
    }

    private static function of(?Share $share): float
    {
        return ($share->meanPct ?? 0.0) / 100;
    }

    private function lost(): float
    {
        return $this->loss->meanPct / 100 * $this->grams;
    }

    private function variance(): float
    {
        return ($this->loss->sdPct / 100 * $this->grams) ** 2;
    }

    /**
     * What is left of a part's share once the part is eliminated: its own mass and its share of the piece should agree.
     */
    private function shareOf(int $i): Belief
    {
        return $this->tie[$i] > 0 && $this->given[$i] > 0
            ? Belief::ofRow(
                $this->parts[$i]->precision / $this->given[$i] * $this->tie[$i],
                self::of($this->shares[$i]),
                $this->parts[$i]->mean,
            )
            : new Belief();
    }

    /** What the sum of the parts says of the piece: nothing while one of them could weigh anything. */
    private function sum(): Belief
    {
        $variance = $this->variance();
        $slope = 0.0;
        $foot = $this->lost();
        foreach ($this->given as $i => $precision) {
            if ($precision <= 0) {
                return new Belief();
            }
            $variance += 1 / $precision;
            $slope += $this->slope[$i];
            $foot += $this->foot[$i];
        }

        return Belief::ofRow(1 / $variance, 1 - $slope, $foot);
    }

    /**
     * Sums over all parts but one, added up from both ends so that nothing is taken off again.
     *
     * @return list<CutSum>
     */
    private function sumsWithoutEach(): array
    {
        $count = count($this->given);
        $after = [$count => new CutSum(0.0)];
        for ($i = $count - 1; $i >= 0; $i--) {
            $after[$i] = $after[$i + 1]->plus($this->summand($i));
        }
        $before = new CutSum($this->variance());
        $sums = [];
        for ($i = 0; $i < $count; $i++) {
            $sums[] = $before->plus($after[$i + 1]);
            $before = $before->plus($this->summand($i));
        }

        return $sums;
    }

    private function summand(int $i): CutSum
    {
        $known = $this->given[$i] > 0;

        return new CutSum($known ? 1 / $this->given[$i] : 0.0, $this->slope[$i], $this->foot[$i], $known ? 0 : 1);
    }

    /**
     * What a part hears through its piece: from its share (tie, share) and from the sum row (weight: gain·piece −
     * foot),
     * the piece eliminated.
     */
    private static function through(
        Belief $piece,
        float $tie,
        float $share,
        float $weight,
        float $gain,
        float $foot,
    ): Belief {
        $pull = $tie * $share + $weight * $gain;
        $stiff = $piece->precision + $tie * $share ** 2 + $weight * $gain ** 2;
        if ($stiff <= 0) {
            return (new Belief($tie, 0.0, $piece->misfit))->and(new Belief($weight, -$foot));
        }
        $precision =
            (($tie + $weight) * $piece->precision + $tie * $weight * ($share - $gain) ** 2) / $stiff;
        $heard = $piece->precision * $piece->mean;
        $mean =
            $precision <= 0
                ? 0.0
                : ($pull * $heard + $weight * $foot * ($tie * $share * ($gain - $share) - $piece->precision)) /
                    ($precision * $stiff);
        $mass = ($heard + $pull * $mean + $weight * $gain * $foot) / $stiff;

        return new Belief(
            $precision,
            $mean,
            $piece->misfit +
                $piece->precision * ($mass - $piece->mean) ** 2 +
                $tie * ($mean - $share * $mass) ** 2 +
                $weight * ($gain * $mass - $foot - $mean) ** 2,
        );
    }
}
