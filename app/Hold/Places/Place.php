<?php

declare(strict_types=1);

namespace App\Hold\Places;

use App\Kitchen\Record;
use Sectum\Hold\Freezing\Surroundings;
use Sectum\Hold\Places\PlaceKind;
use Sectum\Hold\Places\PlaceLimits;

/**
 * A cold place of the house: a cold room, a freezer, a blast chiller, ice.
 *
 * @property string $id
 * @property string $name
 * @property PlaceKind $kind
 * @property int|null $lowest_tenths limits in tenths of a degree; null for none that way
 * @property int|null $highest_tenths
 * @property int $every_minutes it is read by hand at least so often; what a logger reads is never due
 * @property int|null $trays so many it holds
 * @property int|null $litres
 * @property Surroundings|null $surroundings how fish freezes in it; null where it does not
 * @property string $house_factor a decimal: what runs with a core probe took beside what was expected
 * @property string $channel of the logger; empty where it is read by hand
 * @property int|null $battery_pct of its logger
 * @property int|null $heard_s when the logger last answered for it, seconds since 1970
 * @property string $source of its limits
 * @property string|null $retired_at
 * @property int $version
 */
final class Place extends Record
{
    /** A logger that says nothing for so long is silent, seconds. */
    private const SILENT = 900;

    protected $table = 'places';

    protected $attributes = ['channel' => '', 'house_factor' => '1', 'version' => 1];

    public function limits(): PlaceLimits
    {
        return new PlaceLimits(
            $this->lowest_tenths === null ? null : $this->lowest_tenths / 10,
            $this->highest_tenths === null ? null : $this->highest_tenths / 10,
        );
    }

    public function isLogged(): bool
    {
        return $this->channel !== '';
    }

    /** Whether its logger says nothing: it was last read at that moment (seconds since 1970), or never. */
    public function isSilent(?int $lastS, int $nowS): bool
    {
        return $this->isLogged() && ($lastS === null || $nowS - $lastS > self::SILENT);
    }

    /** When it is to be read by hand next, seconds since 1970; null where a logger reads it. */
    public function dueS(?int $lastS, int $nowS): ?int
    {
        return match (true) {
            $this->isLogged() => null,
            $lastS === null => $nowS - 1,
            default => $lastS + 60 * $this->every_minutes,
        };
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => PlaceKind::class, 'surroundings' => Surroundings::class];
    }
}
