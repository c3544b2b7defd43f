<?php

declare(strict_types=1);

namespace App\Hold\Places;

use App\Kitchen\Person;
use Psr\Clock\ClockInterface;
use Sectum\Hold\Logger\BadRow;
use Sectum\Hold\Logger\RowFault;
use Sectum\Hold\Logger\Sample;
use Sectum\Measure\Temperature;

/**
 * Temperatures go into the record of a place, each once, in whatever order they come. What no probe in a kitchen reads
 * is kept beside them and counts as silence. Only asked inside the transaction that writes what they came with.
 */
final readonly class KeepTemperatures
{
    /** Clocks of loggers may be ahead so far, seconds. */
    private const AHEAD = 120;

    private const AT_ONCE = 100;

    public function __construct(private ClockInterface $clock)
    {
    }

    /**
     * @param  list<Sample>  $samples
     * @param  'logger'|'file'|'typed'|'probe'  $source
     * @return int so many were not known yet
     */
    public function __invoke(Place $place, array $samples, string $source, ?Person $by = null): int
    {
        $latest = $this->clock->now()->getTimestamp() + self::AHEAD;
        $rows = [];
        foreach ($samples as $sample) {
            foreach (['air' => $sample->air, 'core' => $sample->core] as $probe => $temperature) {
                if ($temperature === null) {
                    continue;
                }
                if ($sample->at > $latest) {
                    self::refuse($place, $probe, $sample->at, $temperature->print(), RowFault::Future);

                    continue;
                }
                $rows[] = [
                    'place_id' => $place->id,
                    'probe' => $probe,
                    'at_s' => $sample->at,
                    'tenths' => $temperature->tenths,
                    'source' => $source,
                    'taken_by' => $by?->id,
                ];
            }
        }
        $new = 0;
        foreach (array_chunk($rows, self::AT_ONCE) as $chunk) {
            $new += TemperatureReading::rows()->insertOrIgnore($chunk);
        }
        if ($new > 0 && $rows !== []) {
            event(new TemperaturesKept($place, min(array_column($rows, 'at_s'))));
        }

        return $new;
    }

    /**
     * What a logger sent, judged: what is no temperature is kept as a fault.
     *
     * @param  list<array{int, float|null, float|null}>  $said
     * @return list<Sample>
     */
    public static function judged(Place $place, array $said): array
    {
        $samples = [];
        foreach ($said as [$at, $air, $core]) {
            $samples[] = new Sample(
                $at,
                self::temperature($place, 'air', $at, $air),
                self::temperature($place, 'core', $at, $core),
            );
        }

        return $samples;
    }

    private static function temperature(Place $place, string $probe, int $at, ?float $celsius): ?Temperature
    {
        if ($celsius === null) {
            return null;
        }
        try {
            return Sample::celsius($celsius, (string) $celsius);
        } catch (BadRow) {
            self::refuse($place, $probe, $at, (string) $celsius, RowFault::Broken);

            return null;
        }
    }

    private static function refuse(Place $place, string $probe, int $at, string $said, RowFault $why): void
    {
        ProbeFault::rows()->insertOrIgnore([
            'place_id' => $place->id,
            'probe' => $probe,
            'at_s' => $at,
            'said' => $said,
            'why' => $why->value,
        ]);
    }
}
