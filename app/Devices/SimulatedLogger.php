<?php

declare(strict_types=1);

namespace App\Devices;

/**
 * A logger as it behaves: a reading a minute of each channel, with the compressor's swing, doors, a few silent minutes
 * a day, now and then a broken reading, and a battery that runs down.
 *
 * What it measured at a minute is a function of that minute, so that it remembers as far back as anybody asks.
 */
final class SimulatedLogger
{
    /** Set point and swing in °C, and minutes of a compressor's turn. */
    private const PLACES = [
        'cold room' => [2.4, 0.6, 22],
        'ice' => [0.3, 0.2, 60],
        'freezer' => [-20.4, 1.3, 36],
        'blast chiller' => [-38.2, 0.7, 14],
    ];

    /** °C of the kitchen, which comes in by an open door. */
    private const ROOM = 19.0;

    /** Minutes in which two thirds of the kitchen's warmth come in, and in which they are gone again. */
    private const WARMS_IN = 18.0;

    private const FADES_IN = 6.0;

    private const MOST_SAMPLES = 120;

    /** Hours in which the middle of what is loaded freezes, in a blast of −38 °C. */
    private const FREEZES_IN = 1.4;

    /** @var array<string, list<array{int, int|null}>> channel, when a probe went into a fish and out again */
    private array $loads = [];

    /** @var array<string, list<array{int, int}>> channel, when a door was opened and for how many minutes */
    private array $doors = [];

    public function __construct(private readonly int $seed)
    {
    }

    /** @return list<string> */
    public static function channels(): array
    {
        return array_keys(self::PLACES);
    }

    public function load(string $channel, ?int $at, int $now): void
    {
        $loads = $this->loads[$channel] ?? [];
        $last = count($loads) - 1;
        if ($last >= 0 && $loads[$last] === [$at, null]) {
            return;
        }
        if ($last >= 0 && $loads[$last][1] === null) {
            $loads[$last][1] = $at ?? $now;
        }
        $this->loads[$channel] = $at === null ? $loads : [...$loads, [$at, null]];
    }

    public function door(string $channel, int $minutes, int $now): void
    {
        $this->doors[$channel][] = [$now, $minutes];
    }

    public function batteryPct(int $now): int
    {
        // It is changed every ninety days.
        return 100 - intdiv($now % 7_776_000, 86_400);
    }

    /** @return list<array{int, float|null, float|null}> a minute each, oldest first */
    public function since(string $channel, int $after, int $now): array
    {
        $samples = [];
        for ($at = (intdiv($after, 60) + 1) * 60; $at <= $now && count($samples) < self::MOST_SAMPLES; $at += 60) {
            if (! $this->isSilent($channel, $at)) {
                $core = $this->core($channel, $at);
                $broken = $this->draw($channel, $at, 3) < 1 / 4_000;
                $samples[] = [
                    $at,
                    $broken ? 85.0 : round($this->air($channel, $at), 1),
                    $core === null ? null : round($core, 1),
                ];
            }
        }

        return $samples;
    }

    public function air(string $channel, int $at): float
    {
        [$set, $swing, $turn] = self::PLACES[$channel] ?? [4.0, 0.5, 30];
        $warmer = 0.0;
        // A door in some minute of some hours of the day, as the work goes.
        for ($hour = intdiv($at, 3600), $back = 0; $back < 2; $back++, $hour--) {
            $often = $set < -30 ? 0.06 : 0.4;
            if ($this->draw($channel, $hour, 1) < $often) {
                $warmer += self::open($set, $at - $hour * 3600 - (int) (3600 * $this->draw($channel, $hour, 2)), 3);
            }
        }
        foreach ($this->doors[$channel] ?? [] as [$opened, $minutes]) {
            $warmer += self::open($set, $at - $opened, $minutes);
        }
        $flicker = ($this->draw($channel, $at, 4) - 0.5) * 0.2;

        return $set + $swing * sin((2 * M_PI * $at) / 60 / $turn) + $warmer + $flicker;
    }

    /** So much warmer, so many seconds after a door was opened for some minutes. */
    private static function open(float $set, int $seconds, int $minutes): float
    {
        $open = min($seconds, 60 * $minutes) / 60;

        return $seconds < 0
            ? 0.0
            : (self::ROOM - $set) * (1 - exp(-$open / self::WARMS_IN)) * exp(-($seconds / 60 - $open) / self::FADES_IN);
    }

    /** Down to where it freezes, a long while there, and then down to the air. */
    private function core(string $channel, int $at): ?float
    {
        foreach ($this->loads[$channel] ?? [] as [$in, $out]) {
            if ($at >= $in && ($out === null || $at < $out)) {
                $set = self::PLACES[$channel][0] ?? 4.0;
                $freezes = $set < -2 ? self::FREEZES_IN * (-1.5 - -38.2) / (-1.5 - $set) : INF;
                $hours = ($at - $in) / 3600;
                $falls = 0.3 * $freezes;

                return match (true) {
                    $freezes === INF => $set + (6.0 - $set) * exp(-$hours / 2),
                    $hours < $falls => 6.0 - 7.5 * ($hours / $falls),
                    $hours < $freezes => -1.5 - 1.0 * (($hours - $falls) / ($freezes - $falls)),
                    default => $set + (-2.5 - $set) * exp(-($hours - $freezes) / (0.45 * $freezes)),
                };
            }
        }

        return null;
    }

    /** Some minutes a day nothing comes through. */
    private function isSilent(string $channel, int $at): bool
    {
        $day = intdiv($at, 86_400);
        $begins = (int) (1_380 * $this->draw($channel, $day, 5));
        $minute = intdiv($at % 86_400, 60);

        return $minute >= $begins && $minute < $begins + 3 + (int) (8 * $this->draw($channel, $day, 6));
    }

    /** A number from 0 to 1 that is the same whenever it is asked for. */
    private function draw(string $channel, int $at, int $what): float
    {
        return hexdec(substr(md5("{$this->seed}|{$channel}|{$at}|{$what}"), 0, 8)) / 0xFFFFFFFF;
    }
}
