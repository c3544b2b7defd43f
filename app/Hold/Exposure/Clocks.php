<?php

declare(strict_types=1);

namespace App\Hold\Exposure;

use App\Fish\ColdClock;
use App\Fish\Fish;
use App\Fish\MovedOn;
use App\Hold\Places\PlacesView;
use App\Kitchen\Format\Words;
use App\Kitchen\Moment;
use App\Kitchen\Settings;
use Closure;
use DateTimeImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\Auth;
use Psr\Clock\ClockInterface;
use Sectum\Fish\Hazard;
use Sectum\Hold\Exposure\BenchClock;
use Sectum\Hold\Exposure\TimeOut;
use Sectum\Hold\Exposure\Verdict;
use Sectum\Receive\Freshness;

/** The clocks of fish out of the cold: they start with the first weight of the work, and stop when it is put back. */
final readonly class Clocks implements ColdClock
{
    /** Fish whose time at the board is looked at, to know how many may be out at once. */
    private const LAST = 30;

    public function __construct(private ClockInterface $clock)
    {
    }

    /** Work that is finished puts it back into the cold. */
    public function putAway(MovedOn $moved): void
    {
        $by = Auth::id();
        $this->back($moved->fish, is_string($by) ? $by : null);
    }

    /** It goes back into the cold: what it was out is kept. Whoever asks saves the fish. */
    public function back(Fish $fish, ?string $by): void
    {
        if ($fish->out_since === null) {
            return;
        }
        $now = $this->clock->now();
        OutTime::query()->create([
            'fish_id' => $fish->id,
            'out_at' => $fish->out_since,
            'out_by' => $fish->out_by,
            'in_at' => Moment::written(max($now, Moment::at($fish->out_since))),
            'in_by' => $by,
            'room_tenths' => self::room([$fish])?->warmest(Moment::at($fish->out_since)->getTimestamp()),
        ]);
        $fish->fill(['out_since' => null, 'out_by' => null]);
    }

    public function forbids(Fish $fish, bool $raw = false): ?string
    {
        [$times, $room] = [self::times([$fish]), self::room([$fish])];
        $clock = $this->clockOf($times, $fish, $room);
        // Served raw, fish of a histamine species is held to the house's own limit too.
        $house = $clock->histamine && $raw && $clock->verdict !== Verdict::Stop
            ? $this->clockOf($times, $fish, $room, byHouse: true)
            : $clock;

        return self::says($fish, $house, FishRelease::query()->where('fish_id', $fish->id)->exists(...));
    }

    public function of(Fish $fish): BenchClock
    {
        return $this->clockOf(self::times([$fish]), $fish, self::room([$fish]));
    }

    /**
     * @param  list<Fish>  $fish
     * @return Collection<int, OutTime> of all of them, in order
     */
    public static function times(array $fish): Collection
    {
        return OutTime::query()->whereIn('fish_id', array_column($fish, 'id'))->orderBy('out_at')->get();
    }

    /** @param  list<Fish>  $fish  the air of the kitchen as far back as counts for those that are out */
    public static function room(array $fish): ?RoomAir
    {
        $since = array_filter(array_map(fn (Fish $one): ?string => $one->out_since, $fish), is_string(...));

        return $since === [] ? null : RoomAir::since(Moment::at(min($since))->getTimestamp());
    }

    /**
     * @param  Collection<int, OutTime>  $times  of this fish and others, in order
     * @param  RoomAir|null  $room  null when it is in the cold
     * @param  bool  $byHouse  by the house's limits, whatever its species
     */
    public function clockOf(
        Collection $times,
        Fish $fish,
        ?RoomAir $room,
        bool $byHouse = false,
    ): BenchClock {
        $out = array_values(
            $times
                ->where('fish_id', $fish->id)
                ->map(
                    fn (OutTime $one): TimeOut => new TimeOut(
                        Moment::at($one->out_at)->getTimestamp() / 60,
                        Moment::at($one->in_at)->getTimestamp() / 60,
                        $one->room_tenths === null ? null : $one->room_tenths / 10,
                    ),
                )
                ->all(),
        );
        if ($fish->out_since !== null) {
            $since = Moment::at($fish->out_since)->getTimestamp();
            $warmest = $room?->warmest($since);
            $out[] = new TimeOut(
                $since / 60,
                max($since, $this->clock->now()->getTimestamp()) / 60,
                $warmest === null ? null : $warmest / 10,
            );
        }

        return BenchClock::of(
            $out,
            $fish->out_since !== null,
            ! $byHouse && $fish->species->has(Hazard::Histamine),
            Settings::load()->hold,
        );
    }

    /**
     * How it stands with each.
     *
     * @param  list<Fish>  $fish
     * @return list<Answer>
     */
    public function views(array $fish): array
    {
        $times = self::times($fish);
        $room = self::room($fish);
        $releases = FishRelease::query()
            ->with('person')
            ->whereIn('fish_id', array_column($fish, 'id'))
            ->orderByDesc('released_at')
            ->get();
        $once = $this->atOnce();

        return array_map(function (Fish $one) use ($times, $room, $releases, $once): array {
            $clock = $this->clockOf($times, $one, $room);
            $release = $releases->firstWhere('fish_id', $one->id);

            return [
                'fish' => $one->id,
                'title' => $one->title(),
                'out' => $one->out_since !== null,
                'since' => $one->out_since === null
                    ? null
                    : PlacesView::when(Moment::at($one->out_since)->getTimestamp(), $this->now()),
                'minutes' => $clock->thisTime,
                'in_all' => Words::span(round($clock->inAll)),
                'limit' => Words::span(round($clock->limit)),
                'left_minutes' => $clock->left,
                'verdict' => $clock->verdict->value,
                'histamine' => $clock->histamine,
                'say' => self::says($one, $clock, fn (): bool => $release !== null),
                'released' => $release === null
                    ? null
                    : ['by' => $release->person->name, 'reason' => $release->reason],
                'at_once' => $once,
            ];
        }, $fish);
    }

    /**
     * Why it may not be used; null when it may.
     *
     * @param  Closure(): bool  $isReleased  by the head chef
     */
    private static function says(Fish $fish, BenchClock $clock, Closure $isReleased): ?string
    {
        $was = "{$fish->title()} was out of the cold for ".Words::span(round($clock->inAll));

        return match (true) {
            $clock->verdict !== Verdict::Stop => null,
            $clock->histamine => "{$was}: past the limit for histamine. Discard it; nobody can release it. ".
                Freshness::CHECK,
            $isReleased() => null,
            default => "{$was}, longer than the house allows. ".
                'The head chef releases it with a reason, or it is discarded.',
        };
    }

    /** So many fish may be out at once, by how long one takes at this board lately. */
    public function atOnce(): int
    {
        $minutes = [];
        foreach (OutTime::query()->orderByDesc('out_at')->limit(self::LAST)->get() as $one) {
            $minutes[] = (Moment::at($one->in_at)->getTimestamp() - Moment::at($one->out_at)->getTimestamp()) / 60;
        }
        sort($minutes);
        $middle = $minutes === [] ? 0.0 : $minutes[intdiv(count($minutes), 2)];
        $once = Settings::load()->hold->outOnceMinutes;

        return BenchClock::atOnce($middle > 0 ? $middle : $once, $once);
    }

    private function now(): DateTimeImmutable
    {
        return $this->clock->now();
    }
}
