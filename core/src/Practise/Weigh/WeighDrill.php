<?php

declare(strict_types=1);

namespace Sectum\Practise\Weigh;

use Sectum\Fish\BodyForm;
use Sectum\Measure\Mass;
use Sectum\Portion\FilletGuess;
use Sectum\Portion\FilletOnBoard;
use Sectum\Portion\FilletShape;
use Sectum\Practise\BadDrill;
use Sectum\Practise\Dice;
use Sectum\Practise\Gate\Guess;

/**
 * Pieces drawn to scale from the shape tables, each longer or shorter, thicker or thinner than its weight alone would
 * make it: what is drawn is what is weighed, for flesh of the handbook's density. Spreads of the drawing, and what a
 * whole fish weighs for its length and depth, are estimates.
 */
final readonly class WeighDrill
{
    public const PIECES = 8;

    /** A guess off by this share of what it weighs scores nothing. */
    public const NOTHING_AT = 0.25;

    private const LENGTH_SD = 0.05;

    private const THICKNESS_SD = 0.06;

    /** Of a whole fish of one length and depth. */
    private const BREADTH_SD = 0.04;

    private const STEPS = 10;

    /** @param  non-empty-list<PieceToWeigh>  $pieces */
    private function __construct(public WeighedKind $kind, public array $pieces)
    {
    }

    public static function drawn(Dice $dice, WeighedKind $kind): self
    {
        $dice = $dice->for('weigh');

        return new self(
            $kind,
            array_map(fn (): PieceToWeigh => self::piece($dice, $kind), range(1, self::PIECES)),
        );
    }

    private static function piece(Dice $dice, WeighedKind $kind): PieceToWeigh
    {
        $grams = round(exp($dice->between(log($kind->lightest()), log($kind->heaviest()))));
        $shape = $dice->one($kind->shapes());

        return $kind === WeighedKind::Whole
            ? self::whole($dice, BodyForm::from($shape), $grams)
            : self::cut($dice, $kind, $shape, $grams);
    }

    private static function whole(Dice $dice, BodyForm $form, float $grams): PieceToWeigh
    {
        // Depth as a share of the length, and grams for each cubic centimetre of length by depth by depth.
        [$deep, $fills] = match ($form) {
            BodyForm::Round => [$dice->normal(0.23, 0.015), 0.207],
            BodyForm::Flat => [$dice->normal(0.6, 0.02), 0.0425],
            BodyForm::Tail => [$dice->normal(0.27, 0.015), 0.42],
        };
        $length = ($grams / ($fills * $deep ** 2 * (1 + $dice->normal(0, self::BREADTH_SD)))) ** (1 / 3);

        return new PieceToWeigh(
            WeighedKind::Whole,
            $form->value,
            [
                new Edge(0.0, round($length * $deep, 1), 0.0),
                new Edge(round($length, 1), round($length * $deep, 1), 0.0),
            ],
            Mass::ofGrams($grams),
        );
    }

    private static function cut(Dice $dice, WeighedKind $kind, string $shape, float $grams): PieceToWeigh
    {
        $fillet = $kind === WeighedKind::Portion ? $grams * $dice->between(4.5, 9) : $grams;
        $usual = FilletGuess::of($shape, $fillet);
        $on = new FilletOnBoard(
            FilletShape::named($shape),
            $fillet,
            $usual->lengthCm * (1 + $dice->normal(0, self::LENGTH_SD)),
            $usual->thicknessMm * (1 + $dice->normal(0, self::THICKNESS_SD)),
        );
        $before = $kind === WeighedKind::Portion ? $dice->between(0.03, 0.8) * ($fillet - $grams) : 0.0;
        [$from, $to] = [$on->cm($before), $on->cm($before + $grams)];
        $outline = [];
        for ($i = 0; $i <= self::STEPS; $i++) {
            $cm = $from + ($i / self::STEPS) * ($to - $from);
            $inside = min($on->lengthCm - 1e-6, max(1e-6, $cm));
            $outline[] = new Edge(
                round($cm - $from, 2),
                round($on->widthCm($inside), 2),
                round($on->thicknessMm * $on->shape->thicknessAt($inside / $on->lengthCm)),
            );
        }

        return new PieceToWeigh($kind, $shape, $outline, Mass::ofGrams($grams));
    }

    /**
     * @param  list<Mass>  $guesses  one a piece, in their order
     *
     * @throws BadDrill when one is missing, or no weight of such a piece
     */
    public function judged(array $guesses): WeighResult
    {
        count($guesses) === self::PIECES ||
            throw new BadDrill('Say what each of them weighs.', count($guesses), '/guesses');
        $made = [];
        $score = 0.0;
        foreach ($this->pieces as $i => $piece) {
            // Ten times what it weighs is a slip of the finger, and would stand in the ledger of the eye.
            ($guesses[$i]->isPositive() && $guesses[$i]->milligrams <= 10 * $piece->mass->milligrams) ||
                throw new BadDrill('No such piece weighs that.', $guesses[$i]->grams(), "/guesses/{$i}");
            $made[] = new Guess($guesses[$i], $piece->mass);
            $score += self::scoreOf($made[$i]) / self::PIECES;
        }

        return new WeighResult($score, $made);
    }

    public static function scoreOf(Guess $guess): float
    {
        return max(0.0, 100 - abs($guess->errorPct()) / self::NOTHING_AT);
    }

    /** What somebody scores who says any weight between the lightest and the heaviest: the triangle's area. */
    public function byChance(): float
    {
        [$low, $high] = [$this->kind->lightest(), $this->kind->heaviest()];
        $sum = 0.0;
        foreach ($this->pieces as $piece) {
            $true = $piece->mass->grams();
            $half = self::NOTHING_AT * $true;
            // Of each half of the triangle what lies inside the range.
            foreach ([$true - $low, $high - $true] as $room) {
                $in = min($half, max(0.0, $room));
                $sum += (100 * ($in - $in ** 2 / (2 * $half))) / ($high - $low);
            }
        }

        return $sum / count($this->pieces);
    }
}
