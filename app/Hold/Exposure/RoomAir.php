<?php

declare(strict_types=1);

namespace App\Hold\Exposure;

use App\Hold\Places\TemperatureReading;
use App\Kitchen\Database\Row;
use Sectum\Hold\Places\PlaceKind;

/** How warm the air of the kitchen was. */
final readonly class RoomAir
{
    /** A reading counts for so long, seconds. */
    private const COUNTS = 43_200;

    /** @param  list<array{int, int}>  $readings  seconds since 1970, tenths of a degree */
    private function __construct(private array $readings)
    {
    }

    /** What was read that counts for anything out since then, seconds since 1970. */
    public static function since(int $since): self
    {
        $rows = TemperatureReading::rows()
            ->join('places', 'places.id', 'temperatures.place_id')
            ->where('places.kind', PlaceKind::Kitchen->value)
            ->where('probe', 'air')
            ->where('at_s', '>=', $since - self::COUNTS)
            ->get(['at_s', 'tenths']);

        return new self(
            array_map(
                fn (Row $row): array => [(int) $row->number('at_s'), (int) $row->number('tenths')],
                Row::all($rows),
            ),
        );
    }

    /** The warmest since then, or shortly before, in tenths; null when nobody read it. */
    public function warmest(int $since): ?int
    {
        $tenths = [];
        foreach ($this->readings as [$at, $one]) {
            if ($at >= $since - self::COUNTS) {
                $tenths[] = $one;
            }
        }

        return $tenths === [] ? null : max($tenths);
    }
}
