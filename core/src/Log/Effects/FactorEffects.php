<?php

declare(strict_types=1);

namespace Sectum\Log\Effects;

/** One factor: how much its levels differ, and each of them. */
final readonly class FactorEffects
{
    /**
     * @param  float  $sdPct  by which levels differ; 0 where this record shows none
     * @param  list<Effect>  $effects  by name
     * @param  list<Difference>  $differences  every pair once, by name; none where nothing differs
     */
    public function __construct(
        public string $factor,
        public float $sdPct,
        public array $effects,
        public array $differences,
    ) {
    }
}
