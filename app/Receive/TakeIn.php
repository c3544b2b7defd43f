<?php

declare(strict_types=1);

namespace App\Receive;

use App\Kitchen\Person;
use App\Measure\Piece;
use App\Measure\Weighing;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;
use Sectum\Fish\Part;

/** A fish of the house comes into being: its number, its whole piece and its first weight. Inside somebody's transaction. */
final readonly class TakeIn
{
    public function __construct(private ClockInterface $clock, private TakeReading $takeReading)
    {
    }

    /** @param  array<string, mixed>  $about  what is known of it besides */
    public function __invoke(string $id, string $reading, array $about, Weighing $weighing, Person $person): Fish
    {
        $fish = Fish::query()->create([
            'id' => $id,
            'number' => (Fish::query()->latest('number')->first()->number ?? 0) + 1,
            'received_by' => $person->id,
            'received_at' => $this->clock->now()->format(DATE_ATOM),
            ...$about,
        ]);
        $whole = Piece::query()->create(['id' => (string) Str::ulid(), 'fish_id' => $fish->id, 'part' => Part::Whole, 'name' => Part::Whole->spoken(), 'place' => 0]);
        $this->takeReading->store($reading, $whole, $weighing, $person);
        Kept::that("{$person->name} received it from {$fish->supplier->name}, ".$weighing->mass->print().", {$fish->state->value}.", $fish, $person);

        return $fish->refresh();
    }
}
