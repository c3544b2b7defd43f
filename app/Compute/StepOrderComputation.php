<?php

declare(strict_types=1);

namespace App\Compute;

use App\Contract\Fault;
use App\Contract\Fields;
use Sectum\Practise\Order\Before;
use Sectum\Practise\Order\StepOrder;

/** `step-order`: how much of an order of steps is right. */
final readonly class StepOrderComputation implements Computation
{
    public static function name(): string
    {
        return 'step-order';
    }

    public function answer(Fields $request): array
    {
        $before = [];
        $pairs = $request->all()['before'] ?? [];
        foreach (is_array($pairs) ? $pairs : [] as $pair) {
            if (is_array($pair) && is_string($pair[0] ?? null) && is_string($pair[1] ?? null)) {
                $before[] = new Before($pair[0], $pair[1]);
            }
        }
        $order = Fault::within('', fn (): StepOrder => StepOrder::of($request->strings('given'), $before));

        return [
            'pairs' => $order->pairs,
            'broken' => count($order->wrong),
            'score_pct' => $order->scorePct,
            'wrong' => array_map(fn (Before $one): array => [$one->first, $one->then], $order->wrong),
        ];
    }
}
