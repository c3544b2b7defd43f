<?php

declare(strict_types=1);

namespace App\Receive;

use App\Fish\DeliveryLine;
use App\Fish\Fish;
use App\Fish\History;
use App\Fish\Piece;
use App\Fish\RecordReading;
use App\Fish\Taken;
use App\Fish\Weighing;
use App\Kitchen\Moment;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;
use Sectum\Fish\Part;
use Sectum\Receive\Freshness;
use Sectum\Receive\LooksAndFeel;

/**
 * A fish of the house comes into being: its number, its whole piece and its first weight. Inside somebody's
 * transaction.
 */
final readonly class TakeIn
{
    public function __construct(private ClockInterface $clock, private RecordReading $takeReading)
    {
    }

    /**
     * @param  array<string, mixed>  $about  what is known of it besides
     * @param  DeliveryLine|null  $line  the line it came on, whose dates say how old it is
     */
    public function __invoke(
        string $id,
        string $reading,
        array $about,
        Weighing $weighing,
        Taken $taken,
        ?DeliveryLine $line = null,
    ): Fish {
        $person = $taken->person;
        $fish = Fish::query()->create([
            'id' => $id,
            'number' => (Fish::query()->latest('number')->first()->number ?? 0) + 1,
            'received_by' => $person->id,
            'received_at' => Moment::written($this->clock->now()),
            ...$about,
        ]);
        $whole = Piece::query()->create([
            'id' => (string) Str::ulid(),
            'fish_id' => $fish->id,
            'part' => Part::Whole,
            'name' => Part::Whole->spoken(),
            'place' => 0,
        ]);
        $this->takeReading->store($reading, $whole, $weighing, $taken);
        History::that(
            "{$person->name} received it from {$fish->supplier->name}, ".
                $weighing->mass->print().
                ", {$fish->state->value}.",
            $fish,
            $person,
        );

        $now = $this->clock->now();
        $unseen = Freshness::of(
            new LooksAndFeel([], $fish->species->fat, $fish->state, daysSinceLanded: $line?->daysSinceLanded($now)),
        );
        $fish->update(['keeps_until' => Moment::written($unseen->endsAfter($now))]);

        return $fish->refresh();
    }
}
