<?php

declare(strict_types=1);

namespace Tests\Feature\Hold;

use Illuminate\Support\Carbon;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\TestCase;

/** A kitchen with cold places, on a fixed morning. */
abstract class ColdKitchen extends TestCase
{
    /** A Friday, 09:00 on the kitchen's clock. */
    protected const NOW = '2026-03-06T08:00:00Z';

    protected string $blast;

    protected string $coldRoom;

    protected function setUp(): void
    {
        parent::setUp();
        $this->kitchen();
        Carbon::setTestNow(Carbon::parse(self::NOW));
        $this->blast = self::id();
        $this->coldRoom = self::id();
        $this->place($this->blast, ['name' => 'Blast', 'kind' => 'blast', 'air' => 'blast'])->assertOk();
        $this->place($this->coldRoom, ['name' => 'Cold room', 'lowest' => '0', 'highest' => '5'])->assertOk();
    }

    protected function tearDown(): void
    {
        Carbon::setTestNow();
        parent::tearDown();
    }

    /**
     * @param  array<string, mixed>  $what
     * @return TestResponse<Response>
     */
    protected function place(string $id, array $what): TestResponse
    {
        return $this->api('PUT', "/hold/places/{$id}", ['kind' => 'cold-room', 'every_h' => 12, ...$what]);
    }

    /**
     * A record goes in as a logger's file would bring it.
     *
     * @param  list<array{int, float|null, float|null}>  $rows  minutes before now (0 or more), air, core
     * @return TestResponse<Response>
     */
    protected function record(string $place, array $rows, ?string $act = null): TestResponse
    {
        $lines = array_map(
            fn (array $row): string => Carbon::now('UTC')->subMinutes($row[0])->format('Y-m-d\TH:i:s\Z').
                ",{$row[1]},{$row[2]}",
            $rows,
        );

        return $this->api('PUT', "/hold/places/{$place}/file/".($act ?? self::id()), [
            'header' => 'time,air,core',
            'text' => implode("\n", $lines),
            'map' => [
                'separator' => ',',
                'time' => 0,
                'date' => null,
                'air' => 1,
                'core' => 2,
                'dates' => 'ymd',
                'comma' => false,
                'fahrenheit' => false,
                'zone' => 'UTC',
            ],
        ]);
    }

    /**
     * A reading every half hour of a blast that brings the core down in an hour and holds it.
     *
     * @param  int  $hours  ago it began
     * @return list<array{int, float|null, float|null}>
     */
    protected static function frozen(int $hours, float $air = -38.0, float $core = -37.0): array
    {
        $rows = [[60 * $hours, $air, 2.0]];
        for ($minutes = 60 * $hours - 30; $minutes >= 0; $minutes -= 30) {
            $rows[] = [$minutes, $air, $minutes > 60 * $hours - 60 ? -6.0 : $core];
        }

        return $rows;
    }

    /**
     * @param  array<string, mixed>  $other
     * @return TestResponse<Response>
     */
    protected function freeze(string $run, string $piece, int $hoursAgo, array $other = []): TestResponse
    {
        return $this->api('PUT', "/hold/freezing/{$run}", [
            'place' => $this->blast,
            'purpose' => 'raw',
            'rules' => ['eu-20-24h'],
            'core_probe' => true,
            'loaded_at' => Carbon::now('UTC')->subHours($hoursAgo)->format('Y-m-d\TH:i'),
            'items' => [['piece' => $piece]],
            ...$other,
        ]);
    }

    /** Five portions of a hake on a tray. */
    protected function tray(): string
    {
        $fish = $this->routed();
        $tray = self::id();
        $this->api('PUT', "/portion/batches/{$tray}", [
            'dish' => $this->dish(),
            'pieces' => $this->api('GET', "/portion/fish/{$fish}")->json('portions.*.piece'),
        ])->assertOk();

        return $tray;
    }
}
