<?php

declare(strict_types=1);

namespace App\BreakDown\Sample;

use App\Contract\Fault;
use App\Contract\Fields;
use App\Fish\Fish;
use App\Fish\Taken;
use App\Fish\Weighing;
use App\Kitchen\Moment;
use App\Kitchen\Once;
use App\Kitchen\Person;
use App\Kitchen\Settings;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;
use Sectum\BreakDown\BatchSample;

/** One fish of a batch is weighed by itself, or such a weighing is taken back. */
final readonly class StoreSample
{
    public function __construct(private ClockInterface $clock)
    {
    }

    public function __invoke(string $id, string $weighing, Fields $fields, Person $person): void
    {
        DB::connection()->transaction(function () use ($id, $weighing, $fields, $person): void {
            $fish = Fish::onTheBench($id);
            if (! Once::isNew($weighing, "sample {$id}", $fields)) {
                return;
            }
            $fish->mustBeOpen();
            $undoes = $fields->maybeString('undoes');
            $each = Samples::of($fish);
            if ($undoes !== null && ! isset($each[$undoes])) {
                throw Fault::inField('/undoes', 'There is no such weighing, or it was taken back before.');
            }
            $mass =
                $undoes === null
                    ? Weighing::read(
                        $fields->fields('weight'),
                        Settings::load(),
                        Taken::by($fields, $person, $this->clock)->units,
                    )->mass
                    : null;
            if ($mass !== null) {
                Fault::within('', fn () => BatchSample::of([...array_values($each), $mass], $fish->count));
                if ($mass->milligrams > $fish->mass()->milligrams) {
                    throw Fault::inField('/weight', 'One fish weighs no more than all of them.');
                }
            }
            SampleWeighing::rows()->insert([
                'id' => $weighing,
                'fish_id' => $fish->id,
                'mass_mg' => $mass?->milligrams,
                'undoes' => $undoes,
                'taken_by' => $person->id,
                'taken_at' => Moment::written($this->clock->now()),
            ]);
        });
    }
}
