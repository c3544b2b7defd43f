<?php

declare(strict_types=1);

namespace App\Fish;

use App\Kitchen\Person;
use Closure;
use Illuminate\Support\Facades\DB;

/** A stage is done with a fish; it waits at the next one. */
final readonly class MoveOn
{
    /**
     * @param  int  $version  what the screen last saw
     * @param  Closure(Fish): void|null  $before  what the stage writes as it lets go, in the same transaction
     */
    public function __invoke(string $fish, Stage $done, int $version, Person $person, ?Closure $before = null): void
    {
        DB::connection()->transaction(function () use ($fish, $done, $version, $person, $before): void {
            $fish = Fish::onTheBench($fish);
            $fish->mustBeOpen();
            $fish->mustBeAt($version);
            if ($before !== null) {
                $before($fish);
            }
            event(new MovedOn($fish));
            $fish->stage = $done->next();
            $fish->changed();
            event(new WeightsChanged($fish));
            History::that("{$person->name} finished {$done->spoken()}.", $fish, $person);
            $fish->staysOnTheBench();
        });
    }
}
