<?php

declare(strict_types=1);

namespace Sectum\Log\Walk;

/**
 * The best this house has done at a step, a kind of fish: the share that one fish in ten stays at or below. A tenth,
 * so that a single weight that was wrong sets no mark. From ten fish on.
 */
final readonly class BestDone
{
    public const FEWEST = 10;

    private const SHARE = 0.1;

    /** @param  array<string, array<string, float>>  $shares  of the whole, by kind and step */
    private function __construct(private array $shares)
    {
    }

    /** @param  array<string, list<FishWalk>>  $known  by kind: species and state */
    public static function of(array $known): self
    {
        $shares = [];
        foreach ($known as $kind => $fish) {
            $fish = array_values(array_filter($fish, fn (FishWalk $one): bool => $one->whole->isPositive()));
            foreach (count($fish) < self::FEWEST ? [] : WalkStep::cases() as $step) {
                if ($step->canBeLess()) {
                    $of = array_map(
                        fn (FishWalk $one): float => max(0, $one->at($step)->milligrams) / $one->whole->milligrams,
                        $fish,
                    );
                    sort($of);
                    $shares[$kind][$step->value] = $of[(int) ceil(self::SHARE * count($of)) - 1];
                }
            }
        }

        return new self($shares);
    }

    /** @return float|null of the whole, 0 to 1; null when too few are known, or the step is no fault */
    public function share(string $kind, WalkStep $step): ?float
    {
        return $this->shares[$kind][$step->value] ?? null;
    }
}
