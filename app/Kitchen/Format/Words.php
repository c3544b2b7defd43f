<?php

declare(strict_types=1);

namespace App\Kitchen\Format;

use Sectum\Measure\Length;
use Sectum\Measure\Mass;
use Sectum\Measure\MassUnit;
use Sectum\Measure\UnitSystem;

/**
 * Masses as the page shows them: the exact figure for drawing, the words for reading, in the units of whoever looks.
 */
final readonly class Words
{
    public MassUnit $unit;

    public function __construct(public UnitSystem $units, public Mass $step)
    {
        $this->unit = $units->bench();
    }

    public function text(Mass $mass): string
    {
        return $mass->print($this->unit, $this->step);
    }

    /** @return array{mg: int, text: string} */
    public function mass(Mass $mass): array
    {
        return ['mg' => $mass->milligrams, 'text' => $this->text($mass)];
    }

    /** A place along a fillet: "21.3 cm" */
    public function along(float $cm): string
    {
        return Length::ofCm($cm)->along($this->units);
    }

    /** Across a piece: "31 mm" */
    public function across(float $mm): string
    {
        return Length::ofMm($mm)->across($this->units);
    }

    /** "+6 g", "−4 g", "0 g" */
    public function off(Mass $difference): string
    {
        return ($difference->isPositive() ? '+' : '').$this->text($difference);
    }
}
