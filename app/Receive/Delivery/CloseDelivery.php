<?php

declare(strict_types=1);

namespace App\Receive\Delivery;

use App\Contract\Fault;
use App\Fish\Delivery;
use App\Fish\Stage;
use App\Kitchen\Person;
use Illuminate\Support\Facades\DB;

/** Everything is in: what was not refused or held goes to the cold room, ready to be cut. */
final readonly class CloseDelivery
{
    public function __invoke(string $id, int $version, Person $person): void
    {
        DB::connection()->transaction(function () use ($id, $version, $person): void {
            $delivery = Delivery::atTheDoor($id);
            $delivery->mustBeOpen();
            Fault::unlessLatest($delivery->title(), $version, $delivery->version);
            foreach ($delivery->lines as $line) {
                foreach ($line->fish as $fish) {
                    if ($fish->stage === Stage::Receive && $fish->held === null) {
                        $fish->stage = Stage::BreakDown;
                        $fish->changed();
                    }
                }
            }
            $delivery->open = false;
            $delivery->changed();
            activity('delivery')
                ->performedOn($delivery)
                ->causedBy($person)
                ->log("{$person->name} closed the delivery.");
        });
    }
}
