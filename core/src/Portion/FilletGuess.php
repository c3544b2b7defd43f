<?php

declare(strict_types=1);

namespace Sectum\Portion;

use Sectum\Measure\Mass;

/**
 * How long and how thick a fillet is, guessed from its mass until somebody lays a ruler beside it.
 *
 * Fillets of one shape are alike but for their size, so both go with the cube root of the mass. The factors are our
 * estimates; those of the long side follow the handbook's example of 1480 g, 52 cm and 34 mm.
 */
final readonly class FilletGuess
{
    /** cm and mm for the cube root of a gram */
    private const FACTORS = [
        'long-side' => [4.563, 2.983],
        'short-side' => [3.7, 3.4],
        'flat-quarter' => [4.3, 2.5],
        'loin' => [4.6, 3.5],
        'tapered-tail' => [4.0, 3.6],
    ];

    /** Squared off the head end unless somebody says otherwise, in percent of the fillet. Our estimate. */
    private const SQUARE_PCT = 2.7;

    /** To the nearest so many grams: nobody aims closer with a knife. */
    private const SQUARE_STEP_G = 5;

    /** Thinner than this a tail is no portion. Our estimate. */
    public const TAIL_MM = 10.0;

    private function __construct(public float $lengthCm, public float $thicknessMm)
    {
    }

    /**
     * @param  float  $grams  above 0
     *
     * @throws BadFillet when no starting shape is called so, or there is no mass
     */
    public static function of(string $shape, float $grams): self
    {
        $grams > 0 || throw new BadFillet('A fillet weighs more than nothing.', $grams, '/mass_g');
        [$cm, $mm] =
            self::FACTORS[$shape] ?? throw new BadFillet("\"{$shape}\" is not a shape known here.", $shape, '/shape');

        return new self(round($cm * $grams ** (1 / 3), 1), round($mm * $grams ** (1 / 3)));
    }

    /** What squaring off the head end takes, until somebody weighs it. */
    public static function squaredOff(Mass $fillet): Mass
    {
        return Mass::ofGrams(
            self::SQUARE_STEP_G * round(((self::SQUARE_PCT / 100) * $fillet->grams()) / self::SQUARE_STEP_G),
        );
    }
}
