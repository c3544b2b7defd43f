<?php

declare(strict_types=1);

namespace Sectum\Receive;

use Sectum\Fish\FatClass;
use Sectum\Fish\StateBought;
use Sectum\Measure\Mass;
use Sectum\Measure\Temperature;

/** One inspection: what was smelled, seen, felt and measured. */
final readonly class LooksAndFeel
{
    /**
     * @param  array<string, int>  $grades  attribute code to 0..3; what a headless fish does not show is left out
     * @param  bool  $histamine  whether the species is of the histamine group
     * @param  Temperature|null  $core  at the core on arrival
     * @param  float|null  $daysSinceLanded  landing or harvest to now, 0 or more
     * @param  Mass|null  $each  mass of one fish
     * @param  float  $warmest  the house's limit on arrival, °C
     *
     * @throws BadGrade when a grade is not 0 to 3 or an attribute is unknown
     */
    public function __construct(
        public array $grades,
        public FatClass $fat,
        public StateBought $state,
        public bool $histamine = false,
        public ?Temperature $core = null,
        public ?float $daysSinceLanded = null,
        public Rigor $rigor = Rigor::Passed,
        public ?Mass $each = null,
        public float $warmest = Freshness::WARMEST,
    ) {
        foreach ($grades as $attribute => $grade) {
            if (Attribute::tryFrom($attribute) === null) {
                throw new BadGrade("\"{$attribute}\" is not looked at on a fish.", $attribute, "/grades/{$attribute}");
            }
            if ($grade < 0 || $grade > Attribute::WORST) {
                throw new BadGrade('A grade is 0 to 3.', $grade, "/grades/{$attribute}");
            }
        }
    }

    public function demerits(): int
    {
        return array_sum($this->grades);
    }

    public function most(): int
    {
        return Attribute::WORST * count($this->grades);
    }

    /** Demerits as a share of the most there could be, 0 to 1; 0 when nothing was looked at. */
    public function index(): float
    {
        return $this->grades === [] ? 0.0 : $this->demerits() / $this->most();
    }
}
