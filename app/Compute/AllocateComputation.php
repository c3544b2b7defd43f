<?php

declare(strict_types=1);

namespace App\Compute;

use App\Contract\Fault;
use App\Contract\Fields;
use Closure;
use Sectum\Portion\Allocate\Allocation;
use Sectum\Portion\Allocate\OnBench;
use Sectum\Portion\Allocate\Wanted;

/** `allocate`: which portions from which fillet, for tonight's demand. */
final readonly class AllocateComputation implements Gradual
{
    public static function name(): string
    {
        return 'allocate';
    }

    public function answer(Fields $request): array
    {
        return $this->answerWith($request, null);
    }

    public function answerWith(Fields $request, ?Closure $progress): array
    {
        $started = hrtime(true);
        $fillets = [];
        foreach ($request->list('fillets') as $i => $fillet) {
            $fillets[] = Fault::within(
                "/fillets/{$i}",
                fn (): OnBench => new OnBench(
                    $fillet->maybeString('id') ?? (string) ($i + 1),
                    $fillet->number('mass_g'),
                    $fillet->number('available_g'),
                ),
            );
        }
        $most = max([0.0, ...array_map(fn (OnBench $fillet): float => $fillet->availableGrams, $fillets)]);
        $kinds = [];
        foreach ($request->list('kinds') as $i => $kind) {
            $wanted = Fault::within(
                "/kinds/{$i}",
                fn (): Wanted => new Wanted(
                    $kind->string('id'),
                    $kind->number('target_g'),
                    $kind->int('need'),
                    $kind->number('value', 0),
                    $kind->number('surplus_value', 0),
                ),
            );
            if ($wanted->targetGrams > $most) {
                throw Fault::inField(
                    "/kinds/{$i}/target_g",
                    "\"{$wanted->id}\" fits into none of the fillets: the most that can be cut of one is {$most} g.",
                );
            }
            isset($kinds[$wanted->id]) &&
                throw Fault::inField("/kinds/{$i}/id", 'Each kind of portion has a name of its own.');
            $kinds[$wanted->id] = $wanted;
        }
        if ($kinds === []) {
            throw Fault::inField('/kinds', 'Ask for between 1 and 8 kinds of portion.');
        }
        $answer = Allocation::of($fillets, array_values($kinds), $request->number('trim_value_per_kg', 0), $progress);

        return [
            'fillets' => array_map(
                fn (OnBench $fillet, array $counts): array => ['id' => $fillet->id, 'counts' => $counts],
                $fillets,
                $answer->counts,
            ),
            'made' => $answer->made,
            'short' => $answer->short,
            'surplus' => $answer->surplus,
            'objective' => $answer->objective,
            'bound' => $answer->bound,
            'gap_pct' => $answer->gapPct(),
            'seconds' => (hrtime(true) - $started) / 1e9,
        ];
    }
}
