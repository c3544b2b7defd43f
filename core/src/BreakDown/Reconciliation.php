<?php

declare(strict_types=1);

namespace Sectum\BreakDown;

/** What the weights of a fish say when taken together. */
final readonly class Reconciliation
{
    /**
     * @param  list<PieceEstimate>  $pieces  in the order of the tree
     * @param  float  $objective  the sum of squared residuals
     * @param  float|null  $critical  the drop of the objective beyond which a reading is suspected; null when nothing
     *     was weighed
     * @param  list<Suspect>  $suspects  largest drop first
     * @param  list<Closure>  $closures  one a cut
     * @param  Diagnosis|null  $diagnosis  the likeliest mistake; null when nothing is suspected
     */
    public function __construct(
        public array $pieces,
        public float $objective,
        public ?float $critical,
        public array $suspects,
        public array $closures,
        public ?Diagnosis $diagnosis = null,
    ) {
    }

    public function piece(string $id): ?PieceEstimate
    {
        foreach ($this->pieces as $piece) {
            if ($piece->id === $id) {
                return $piece;
            }
        }

        return null;
    }
}
