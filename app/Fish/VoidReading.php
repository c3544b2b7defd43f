<?php

declare(strict_types=1);

namespace App\Fish;

use App\Contract\Fault;
use App\Kitchen\Moment;
use App\Kitchen\Person;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;

/** Takes a reading back: it stays on record with the reason, and counts for nothing. */
final readonly class VoidReading
{
    public function __construct(private ClockInterface $clock)
    {
    }

    public function __invoke(Fish $fish, string $id, string $reason, Person $person): void
    {
        DB::connection()->transaction(function () use ($fish, $id, $reason, $person): void {
            $fish = Fish::onTheBench($fish->id);
            $fish->mustBeOpen();
            $reading = Reading::query()
                ->with(['void', 'piece'])
                ->find($id);
            if ($reading === null || $reading->piece->fish_id !== $fish->id) {
                throw Fault::notThere('There is no such reading on this fish.');
            }
            if ($reading->void !== null) {
                return;
            }
            if ($fish->isCutFurther($reading->piece)) {
                throw Fault::conflict(
                    "{$reading->piece->name} has been cut further. Take back what came off it first, or weigh it again.",
                );
            }
            $reading
                ->void()
                ->create([
                    'reason' => $reason,
                    'voided_by' => $person->id,
                    'voided_at' => Moment::written($this->clock->now()),
                ]);
            $fish->changed();
            event(new WeightsChanged($fish));
        });
    }
}
