<?php

declare(strict_types=1);

namespace Sectum\BreakDown;

use Sectum\Measure\Mass;
use Sectum\Measure\MassUnit;

/** One of the usual mistakes, where it would make the suspected reading fit. */
final readonly class Explanation
{
    /** A corrected reading fits when it lies this many standard deviations from the estimate or nearer. */
    private const FITS_WITHIN_SD = 3.0;

    /**
     * @param  Mass|null  $corrected  what the reading would have been without the mistake
     * @param  string|null  $name  of the tare, or of the piece with the same reading
     * @param  array{MassUnit, MassUnit}|null  $units  what was on the scale, and what it was taken for
     */
    private function __construct(
        public ExplanationKind $kind,
        public ?Mass $corrected = null,
        public ?string $name = null,
        public ?array $units = null,
    ) {
    }

    /** @return list<self> tares first, as they fit most tightly; then units and digits, nearest to the estimate first; then doubles */
    public static function all(CutTree $tree, int $place, Mass $reading, float $bias, LeftOut $without): array
    {
        return [
            ...self::nearestFirst(self::tares($tree, $place, $reading, $bias)),
            ...self::nearestFirst([...self::units($reading, $without), ...self::digits($reading, $without)]),
            ...self::doubles($tree, $place, $reading),
        ];
    }

    /** @return list<array{float, self}> how far off, and the explanation */
    private static function tares(CutTree $tree, int $place, Mass $reading, float $bias): array
    {
        $found = [];
        foreach ($tree->tares as $name => $tare) {
            $off = abs(abs($bias) - $tare->grams());
            if ($off <= $tree->pieces[$place]->resolution->grams()) {
                $corrected = $bias > 0 ? $reading->minus($tare) : $reading->plus($tare);
                $found[] = [$off, new self(ExplanationKind::Tare, $corrected, $name)];
            }
        }

        return $found;
    }

    /** @return list<array{float, self}> how far off, and the explanation */
    private static function units(Mass $reading, LeftOut $without): array
    {
        $units = [MassUnit::Gram, MassUnit::Ounce, MassUnit::Pound, MassUnit::Kilogram];
        $found = [];
        foreach ($units as $scale) {
            foreach ($units as $taken) {
                $grams = $reading->grams() / (float) $taken->grams() * (float) $scale->grams();
                $off = abs($grams - $without->estimate);
                if ($scale !== $taken && $off <= self::FITS_WITHIN_SD * $without->sd) {
                    $found[] = [$off, new self(ExplanationKind::Unit, Mass::ofGrams($grams), null, [$scale, $taken])];
                }
            }
        }

        return $found;
    }

    /** @return list<array{float, self}> how far off, and the explanation */
    private static function digits(Mass $reading, LeftOut $without): array
    {
        $written = rtrim(rtrim(number_format($reading->grams(), 3, '.', ''), '0'), '.');
        $found = [];
        for ($i = 0; $i < strlen($written); $i++) {
            for ($j = $i + 1; $j < strlen($written); $j++) {
                if ($written[$i] === '.' || $written[$j] === '.' || $written[$i] === $written[$j]) {
                    continue;
                }
                $swapped = $written;
                [$swapped[$i], $swapped[$j]] = [$written[$j], $written[$i]];
                $off = abs((float) $swapped - $without->estimate);
                if ($off <= self::FITS_WITHIN_SD * $without->sd) {
                    $found[] = [$off, new self(ExplanationKind::Digits, Mass::ofGrams((float) $swapped))];
                }
            }
        }

        return $found;
    }

    /** @return list<self> */
    private static function doubles(CutTree $tree, int $place, Mass $reading): array
    {
        $found = [];
        foreach ($tree->pieces as $i => $piece) {
            if ($i !== $place && $piece->reading?->milligrams === $reading->milligrams) {
                $found[] = new self(ExplanationKind::Twice, null, $piece->id);
            }
        }

        return $found;
    }

    /**
     * @param  list<array{float, self}>  $found
     * @return list<self>
     */
    private static function nearestFirst(array $found): array
    {
        usort($found, fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return array_column($found, 1);
    }
}
