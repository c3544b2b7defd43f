<?php

declare(strict_types=1);

namespace App\Receive\Delivery;

use App\Contract\Fault;
use App\Fish\Fish;
use App\Fish\Stage;
use App\Fish\VoidReading;
use App\Kitchen\Person;
use Illuminate\Support\Facades\DB;

/**
 * Takes back the weight of a fish that was just weighed in: the reading stays on record, the fish counts for nothing.
 */
final readonly class SendBack
{
    public function __construct(private VoidReading $takeBack)
    {
    }

    public function __invoke(string $id, string $reason, Person $person): Fish
    {
        return DB::connection()->transaction(function () use ($id, $reason, $person): Fish {
            $fish = Fish::query()
                ->with(['species', 'supplier', 'line.delivery.supplier', 'pieces.readings.void'])
                ->findOrFail($id);
            $line = $fish->line ?? throw Fault::conflict("{$fish->title()} came without a delivery.");
            $line->delivery->mustBeOpen();
            if ($fish->stage === Stage::Withdrawn) {
                return $fish;
            }
            if ($fish->stage === Stage::Refused) {
                $fish->update(['stage' => Stage::Receive, 'refused' => null]);
            }
            $reading = $fish->whole()->reading() ?? throw Fault::notThere('Its weight was undone already.');
            ($this->takeBack)($fish->id, $reading->id, $reason, $person);
            $fish = Fish::query()->with('line.delivery')->findOrFail($id);
            $fish->update(['stage' => Stage::Withdrawn]);
            $line->delivery->changed();

            return $fish;
        });
    }
}
