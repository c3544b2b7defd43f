<?php

declare(strict_types=1);

namespace App\Hold\Places;

use App\Devices\DeviceAway;
use App\Devices\Logger;
use Illuminate\Support\Facades\DB;
use Psr\Clock\ClockInterface;

/**
 * What the logger wrote down since it was last heard goes into the record. It remembers: what it measured while nobody
 * asked comes later, in as many askings as it takes.
 */
final readonly class ReadLogger
{
    /** A logger that was never asked is asked for so much, seconds. */
    private const FIRST = 86_400;

    /** Askings of one place in one go. */
    private const MOST = 60;

    public function __construct(private Logger $logger, private KeepTemperatures $keep, private ClockInterface $clock)
    {
    }

    /** @return int so many readings are new */
    public function __invoke(): int
    {
        $new = 0;
        foreach (Place::query()->where('channel', '!=', '')->whereNull('retired_at')->get() as $place) {
            try {
                for ($i = 0; $i < self::MOST; $i++) {
                    $some = $this->next($place);
                    if ($some === null) {
                        break;
                    }
                    $new += $some;
                }
            } catch (DeviceAway) {
                // It is asked again in a minute; how long it has been silent is shown where it is looked at.
                break;
            }
        }

        return $new;
    }

    /** @return int|null null when it has nothing more to say */
    private function next(Place $place): ?int
    {
        $last = TemperatureReading::rows()
            ->where('place_id', $place->id)
            ->where('source', 'logger')
            ->where('probe', 'air')
            ->max('at_s');
        $now = $this->clock->now()->getTimestamp();
        $said = $this->logger->since($place->channel, is_numeric($last) ? (int) $last : $now - self::FIRST);
        $place->update(['heard_s' => $now, 'battery_pct' => $said->batteryPct]);
        if ($said->samples === []) {
            return null;
        }

        return DB::connection()->transaction(
            fn (): int => ($this->keep)($place, KeepTemperatures::judged($place, $said->samples), 'logger'),
        );
    }
}
