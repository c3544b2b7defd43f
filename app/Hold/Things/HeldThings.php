<?php

declare(strict_types=1);

namespace App\Hold\Things;

use App\Fish\Fish;
use App\Kitchen\Moment;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Collection;

/** Things that are held, with the fish they are of, all loaded in one go. */
final readonly class HeldThings
{
    /** @var Collection<string, Fish> by id, in the order of their numbers */
    private Collection $fish;

    /** @param  iterable<HeldThing>  $things */
    public function __construct(iterable $things)
    {
        $ids = [];
        foreach ($things as $thing) {
            array_push($ids, ...$thing->fishIds());
        }
        $this->fish = Fish::query()
            ->with(['species', 'line'])
            ->whereKey(array_unique($ids))
            ->orderBy('number')
            ->get()
            ->keyBy('id');
    }

    /** @return list<Fish> all of them */
    public function all(): array
    {
        return array_values($this->fish->all());
    }

    /** @return list<Fish> those one of the things is of */
    public function fish(HeldThing $thing): array
    {
        return array_values($this->fish->only($thing->fishIds())->all());
    }

    public function name(HeldThing $thing): string
    {
        return $thing->name($this->fish->get($thing->piece->fish_id ?? '')?->title() ?? '');
    }

    /** @return list<string> */
    public function lots(HeldThing $thing): array
    {
        return array_values(array_unique(array_map(fn (Fish $one): string => $one->lotCode(), $this->fish($thing))));
    }

    /** @return list<DateTimeImmutable> the days its fish end, of those that have one */
    public function ends(HeldThing $thing): array
    {
        return array_values(
            array_map(
                Moment::day(...),
                array_filter(
                    array_map(fn (Fish $one): ?string => $one->keeps_until, $this->fish($thing)),
                    is_string(...),
                ),
            ),
        );
    }
}
