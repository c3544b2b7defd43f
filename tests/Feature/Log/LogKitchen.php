<?php

declare(strict_types=1);

namespace Tests\Feature\Log;

use App\Log\Ledger\CatchUp;
use App\Log\Ledger\LoggedFish;
use App\Log\Ledger\LoggedGroup;
use Illuminate\Support\Carbon;
use Tests\TestCase;

/** A kitchen with a ledger of fish, written as the ledger would have written it. */
abstract class LogKitchen extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->kitchen();
        Carbon::setTestNow('2026-11-26 12:00:00');
    }

    protected function tearDown(): void
    {
        Carbon::setTestNow();
        parent::tearDown();
    }

    /**
     * A fish that was received, with the row the log would have of it.
     *
     * @param  array<string, mixed>  $row  over the usual
     * @param  array<string, mixed>  $received  over the usual
     */
    protected function logged(array $row = [], array $received = []): string
    {
        $fish = $this->received('2000 g', $received);
        $this->app->make(CatchUp::class)();
        LoggedFish::query()->whereKey($fish)->update([
            'step' => 'fillets',
            'cutter_id' => $this->cutter->id,
            'cut_on' => '2026-11-20',
            'yield_pct' => 57.0,
            'edible_pct' => 55.0,
            'cost_minor' => 2780,
            'edible_mg' => 1_000_000,
            ...$row,
        ]);
        // What is expected is worked out with every fish that is entered: here it stays what the test says.
        LoggedGroup::rows()->delete();
        LoggedGroup::rows()->insert([
            'species_id' => $this->species('Hake'),
            'state' => 'gutted',
            'step' => 'fillets',
            'records' => 10,
            'at_kilo' => 55.0,
            'slope' => 2.0,
            'scale' => 2.0,
        ]);

        return $fish;
    }

    /** Two hands and two suppliers, told apart: the cutter's fish gives 2 points more, the second supplier's 1 less. */
    protected function told(int $each = 12): void
    {
        for ($i = 0; $i < 2 * $each; $i++) {
            $mine = $i % 2 === 0;
            $second = intdiv($i, 2) % 2 === 0;
            $this->logged([
                'cutter_id' => $mine ? $this->cutter->id : $this->chef->id,
                'cut_on' => sprintf('2026-%02d-%02d', 10 + intdiv($i, $each), 1 + $i % 20),
                'yield_pct' => 57.0 + ($mine ? 1.0 : -1.0) + ($second ? -0.5 : 0.5) + 0.3 * sin($i * 7.1),
            ], $second ? ['supplier' => 'Second Boats'] : []);
        }
    }
}
