<?php

declare(strict_types=1);

namespace App\BreakDown;

use App\Contract\Fault;
use App\Fish\Containers;
use App\Fish\Fish;
use App\Fish\Reading;
use App\Fish\WeightsChanged;
use App\Kitchen\Moment;
use App\Kitchen\Once;
use App\Kitchen\Person;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;
use Sectum\Measure\Mass;

/** "It was on the half tray": the reading is taken back, and stands again less the tray. */
final readonly class MendReading
{
    public function __construct(private ClockInterface $clock)
    {
    }

    /** @param  string  $new  the mended reading's ULID, made by the page */
    public function __invoke(string $fish, string $old, string $new, string $tray, Person $person): void
    {
        DB::connection()->transaction(function () use ($fish, $old, $new, $tray, $person): void {
            if (! Once::isNew($new, "on tray {$old}", $tray)) {
                return;
            }
            $onBoard = Fish::onTheBench($fish);
            $onBoard->mustBeOpen();
            $reading = $onBoard->readingOf($old);
            if ($reading === null || $reading->void !== null) {
                throw Fault::notThere('There is no such reading on this fish.');
            }
            $tare = Containers::mass($tray) ?? throw Fault::inField('/tray', "No tray is called \"{$tray}\" here.");
            $net = $reading->mass()->minus($tare);
            if (! $net->isPositive()) {
                throw Fault::inField('/tray', "The {$tray} weighs more than that reading.");
            }
            $at = $this->clock->now();
            $reading->takeBack("it was on the {$tray}", $person, $at);
            $mended = new Reading([
                'id' => $new,
                'piece_id' => $reading->piece_id,
                'mass_mg' => $net->milligrams,
                'tare_mg' => Mass::ofMilligrams($reading->tare_mg)->plus($tare)->milligrams,
                'resolution_mg' => $reading->resolution_mg,
                'source' => $reading->source,
                'typed' => $reading->typed,
                'taken_by' => $person->id,
                'taken_at' => Moment::written($at),
                'sent_at' => Moment::written($at),
                'units' => $reading->units,
            ]);
            $mended->takenOf($reading->piece, $person);
            $onBoard->changed();
            event(new WeightsChanged($onBoard));
            $onBoard->staysOnTheBench();
        });
    }
}
