<?php

declare(strict_types=1);

namespace App\Fish;

use App\Contract\Fault;
use App\Kitchen\Person;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;

/** Takes a reading back: it stays on record with the reason, and counts for nothing. */
final readonly class VoidReading
{
    public function __construct(private ClockInterface $clock)
    {
    }

    public function __invoke(string $fish, string $id, string $reason, Person $person): void
    {
        DB::connection()->transaction(function () use ($fish, $id, $reason, $person): void {
            $fish = Fish::onTheBench($fish);
            $fish->mustBeOpen();
            $reading = $fish->readingOf($id) ?? throw Fault::notThere('There is no such reading on this fish.');
            if ($reading->void !== null) {
                return;
            }
            if ($fish->isCutFurther($reading->piece)) {
                throw Fault::conflict(
                    "{$reading->piece->name} has been cut further. Take back what came off it first, or weigh it ".
                        'again.',
                );
            }
            $reading->takeBack($reason, $person, $this->clock->now());
            $fish->changed();
            event(new WeightsChanged($fish));
            $fish->staysOnTheBench();
        });
    }
}
