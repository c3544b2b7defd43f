<?php

declare(strict_types=1);

namespace App\Compute;

use App\Contract\Document;
use App\Contract\Fault;
use App\Contract\Schema;

/** The computations that can be called from outside, by name. */
final readonly class Registry
{
    /** @var array<string, Computation> */
    private array $computations;

    public function __construct(ReconcileComputation $reconcile, RecoveryComputation $recovery, CostComputation $cost, PlateComputation $plate, ConvertComputation $convert, FreshnessComputation $freshness, ExpectedYieldComputation $expected, PortionPlanComputation $portionPlan, AimComputation $aim, AllocateComputation $allocate, StockBatchComputation $stockBatch, ReadyCutComputation $readyCut)
    {
        $computations = [];
        foreach ([$reconcile, $recovery, $cost, $plate, $convert, $freshness, $expected, $portionPlan, $aim, $allocate, $stockBatch, $readyCut] as $computation) {
            $computations[$computation::name()] = $computation;
        }
        $this->computations = $computations;
    }

    /**
     * @return array<string, mixed>
     *
     * @throws Fault when there is no such computation or the request does not fit its schema
     */
    public function compute(string $name, string $json): array
    {
        $computation = $this->computations[$name] ?? throw Fault::notThere("There is no computation \"{$name}\"; there are ".implode(', ', array_keys($this->computations)).'.');

        return $computation->answer(Document::read($json, new Schema("compute/{$name}")));
    }
}
