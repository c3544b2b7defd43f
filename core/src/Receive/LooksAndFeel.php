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
     * @param  array<string, float>  $weights  what each attribute counts, above 0; 1 where it is not named
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
        public array $weights = [],
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

    /** What speaks against it as a share of the most there could be, 0 to 1; each attribute by what it counts. */
    public function index(): float
    {
        $against = $most = 0.0;
        foreach ($this->grades as $attribute => $grade) {
            $against += $this->weight($attribute) * $grade;
            $most += $this->weight($attribute) * Attribute::WORST;
        }

        return $most > 0 ? $against / $most : 0.0;
    }

    /** By how much that share scatters when each grade is off by one point. */
    public function indexPerPoint(): float
    {
        $weights = array_map($this->weight(...), array_keys($this->grades));
        $squares = array_sum(array_map(fn (float $weight): float => $weight ** 2, $weights));

        return $weights === [] ? 0.0 : sqrt($squares) / (Attribute::WORST * array_sum($weights));
    }

    private function weight(string $attribute): float
    {
        return $this->weights[$attribute] ?? 1.0;
    }
}
