<?php

declare(strict_types=1);

namespace App\Compute;

use App\Contract\Document;
use App\Contract\Fault;
use App\Contract\Fields;
use App\Contract\Schema;
use Closure;

/** The computations that can be called from outside, by name. */
final readonly class Registry
{
    /** @var array<string, Computation> */
    private array $computations;

    public function __construct(
        ReconcileComputation $reconcile,
        RecoveryComputation $recovery,
        CostComputation $cost,
        PlateComputation $plate,
        ConvertComputation $convert,
        FreshnessComputation $freshness,
        ExpectedYieldComputation $expected,
        PortionPlanComputation $portionPlan,
        AimComputation $aim,
        AllocateComputation $allocate,
        StockBatchComputation $stockBatch,
        ReadyCutComputation $readyCut,
    ) {
        $computations = [];
        foreach (
            [
                $reconcile,
                $recovery,
                $cost,
                $plate,
                $convert,
                $freshness,
                $expected,
                $portionPlan,
                $aim,
                $allocate,
                $stockBatch,
                $readyCut,
            ] as $computation
        ) {
            $computations[$computation::name()] = $computation;
        }
        $this->computations = $computations;
    }

    /**
     * @param  Closure(float): void|null  $progress  told how much is done, 0 to 1, by what takes long
     * @return Answer
     *
     * @throws Fault when there is no such computation or the request does not fit its schema
     */
    public function compute(string $name, string $json, ?Closure $progress = null): array
    {
        $computation = $this->called($name);
        $request = $this->judge($name, $json);

        return $computation instanceof Gradual && $progress !== null
            ? $computation->answerWith($request, $progress)
            : $computation->answer($request);
    }

    /** @throws Fault when there is no such computation or the request does not fit its schema */
    public function judge(string $name, string $json): Fields
    {
        $this->called($name);

        return Document::read($json, new Schema("compute/{$name}"));
    }

    private function called(string $name): Computation
    {
        return $this->computations[$name] ??
            throw Fault::notThere(
                "There is no computation \"{$name}\"; there are ".
                    implode(', ', array_keys($this->computations)).
                    '.',
            );
    }
}
