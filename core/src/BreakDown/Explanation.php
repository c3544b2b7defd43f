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
     * @param  int|null  $apart  how far apart the two digits stand that changed places
     * @param  bool|null  $isLater  of two pieces with one reading: whether the suspected one stands later
     */
    private function __construct(
        public ExplanationKind $kind,
        public ?Mass $corrected = null,
        public ?string $name = null,
        public ?UnitTaken $units = null,
        public ?int $apart = null,
        public ?bool $isLater = null,
    ) {
    }

    /**
     * Those that make a suspected reading fit.
     *
     * @return list<self> tares first, as they fit most tightly; then units and digits, nearest to the estimate first;
     *     then doubles
     */
    public static function all(CutTree $tree, int $place, Mass $reading, float $bias, LeftOut $without): array
    {
        $within = $tree->pieces[$place]->resolution->grams();
        $off = fn (self $candidate): float => abs(($candidate->corrected?->grams() ?? 0.0) - $without->estimate);
        // A tare within one step of the bias: what is left then lies that near to what the rest says.
        $tares = array_filter(
            self::tareCandidates($tree, $reading),
            fn (self $candidate): bool => $off($candidate) <= $within,
        );
        $others = array_filter(
            [
                ...self::unitCandidates($reading),
                ...self::digitCandidates($reading),
            ],
            fn (self $candidate): bool => $off($candidate) <= self::FITS_WITHIN_SD * $without->sd,
        );
        $nearest = fn (self $a, self $b): int => $off($a) <=> $off($b);
        usort($tares, $nearest);
        usort($others, $nearest);

        return [
            ...$tares,
            ...$others,
            ...self::doubles($tree, $place, $reading),
        ];
    }

    /** @return list<self> every known tare, left under it or taken off twice */
    public static function tareCandidates(CutTree $tree, Mass $reading): array
    {
        $found = [];
        foreach ($tree->tares as $tare) {
            $found[] = new self(ExplanationKind::Tare, $reading->minus($tare->mass), $tare->name);
            $found[] = new self(ExplanationKind::Tare, $reading->plus($tare->mass), $tare->name);
        }

        return array_values(array_filter($found, fn (self $one): bool => $one->corrected?->isPositive() === true));
    }

    /** @return list<self> every unit taken for every other */
    public static function unitCandidates(Mass $reading): array
    {
        $grams = array_map(
            fn (MassUnit $unit): array => [$unit, (float) $unit->grams()],
            [MassUnit::Gram, MassUnit::Ounce, MassUnit::Pound, MassUnit::Kilogram],
        );
        $found = [];
        foreach ($grams as [$scale, $is]) {
            foreach ($grams as [$taken, $was]) {
                if ($scale !== $taken) {
                    $found[] = new self(
                        ExplanationKind::Unit,
                        Mass::ofGrams(($reading->grams() / $was) * $is),
                        null,
                        new UnitTaken($scale, $taken),
                    );
                }
            }
        }

        return $found;
    }

    /** @return list<self> every pair of digits changed over */
    public static function digitCandidates(Mass $reading): array
    {
        $written = rtrim(rtrim(number_format($reading->grams(), 3, '.', ''), '0'), '.');
        $found = [];
        for ($i = 0; $i < strlen($written); $i++) {
            for ($j = $i + 1; $j < strlen($written); $j++) {
                if ($written[$i] !== '.' && $written[$j] !== '.' && $written[$i] !== $written[$j]) {
                    $swapped = $written;
                    [$swapped[$i], $swapped[$j]] = [$written[$j], $written[$i]];
                    $found[] = new self(ExplanationKind::Digits, Mass::ofGrams((float) $swapped), apart: $j - $i);
                }
            }
        }
        // A nought that came to stand in front is gone: 50 may have been 500 once, as 050.
        if ($written !== '' && $written[0] !== '.') {
            $found[] = new self(
                ExplanationKind::Digits,
                Mass::ofGrams((float) ($written[0].'0'.substr($written, 1))),
                apart: 1,
            );
        }

        return $found;
    }

    /** @return list<self> every other piece with just this reading */
    public static function doubles(CutTree $tree, int $place, Mass $reading): array
    {
        $found = [];
        foreach ($tree->pieces as $i => $piece) {
            if ($i !== $place && $piece->reading?->milligrams === $reading->milligrams) {
                $found[] = new self(ExplanationKind::Twice, null, $piece->id, isLater: $place > $i);
            }
        }

        return $found;
    }

    /** Whether the two units are the two faces of one scale. */
    public function isOfOneScale(): bool
    {
        $pair = $this->units === null ? [] : [$this->units->onScale->value, $this->units->readAs->value];
        sort($pair);

        return $pair === ['g', 'oz'] || $pair === ['kg', 'lb'];
    }
}
