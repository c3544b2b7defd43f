<?php

declare(strict_types=1);

namespace Tests\Feature\Hold;

use App\Devices\LoggerCommand;
use App\Devices\SimulatedLogger;
use App\Hold\Places\KeepTemperatures;
use App\Hold\Places\Place;
use App\Hold\Places\ProbeFault;
use App\Hold\Places\TemperatureReading;
use Illuminate\Database\QueryException;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Cold places: set up, read by hand and by a logger, out of range and put right. */
final class PlacesTest extends ColdKitchen
{
    /** @return array<string, mixed> */
    private function shown(string $id): array
    {
        return (array) collect((array) $this->api('GET', '/hold/places')->json('places'))->firstWhere('id', $id);
    }

    private function read(string $place, string $typed, ?string $reading = null): void
    {
        $this->api('PUT', "/hold/places/{$place}/readings/".($reading ?? self::id()), [
            'temperature' => ['typed' => $typed],
        ])->assertOk();
    }

    public function test_a_place_is_due_until_it_is_read_and_twelve_hours_later_again(): void
    {
        self::assertTrue($this->shown($this->coldRoom)['overdue']);
        $this->read($this->coldRoom, '3.4');
        $here = $this->shown($this->coldRoom);
        self::assertSame(
            [false, '3.4 °C', 'within', 'typed'],
            [$here['overdue'], $here['shows'], $here['range'], $here['how']],
        );
        Carbon::setTestNow(Carbon::parse(self::NOW)->addHours(12)->addMinute());
        self::assertTrue($this->shown($this->coldRoom)['overdue']);
    }

    public function test_out_of_range_stays_open_until_something_is_done_about_it(): void
    {
        $this->read($this->coldRoom, '8.6');
        $out = (array) $this->shown($this->coldRoom)['out'];
        self::assertSame([1, 'too-warm', '8.6 °C'], [count($out), data_get($out, '0.how'), data_get($out, '0.worst')]);
        self::assertNull(data_get($out, '0.to'));
        self::assertNull(data_get($out, '0.done'));
        $act = self::id();
        for ($twice = 0; $twice < 2; $twice++) {
            $this->api('PUT', "/hold/places/{$this->coldRoom}/acts/{$act}", [
                'what' => 'Door seal wiped, fish moved to the other room',
            ])->assertOk();
        }
        Carbon::setTestNow(Carbon::parse(self::NOW)->addMinutes(40));
        $this->read($this->coldRoom, '3.0');
        $out = (array) $this->shown($this->coldRoom)['out'];
        self::assertNotNull(data_get($out, '0.to'));
        self::assertSame('Head', data_get($out, '0.done.by'));
        $this->expectException(QueryException::class);
        DB::table('place_acts')->delete();
    }

    public function test_a_logger_is_read_once_however_often_and_nothing_broken_counts(): void
    {
        $place = Place::query()->findOrFail($this->coldRoom);
        $said = [[1772780000, 85.0, null], [1772780060, 2.5, NAN], [1772780120, 2.6, null], [1999999999, 2.0, null]];
        $keep = app(KeepTemperatures::class);
        self::assertSame(2, $keep($place, KeepTemperatures::judged($place, $said), 'logger'));
        self::assertSame(0, $keep($place, KeepTemperatures::judged($place, $said), 'logger'));
        self::assertSame(
            ['broken', 'broken', 'future'],
            ProbeFault::query()->orderBy('why')->pluck('why')->map(fn ($why) => $why->value)->all(),
        );
        $this->expectException(QueryException::class);
        TemperatureReading::query()->update(['tenths' => 1]);
    }

    public function test_the_stand_in_remembers_what_it_measured_and_holds_its_tongue_some_minutes_a_day(): void
    {
        $logger = new SimulatedLogger(5);
        $now = 1772784000;
        $logger->load('blast chiller', $now - 7200, $now);
        $first = $logger->since('blast chiller', $now - 7200, $now);
        self::assertSame($first, $logger->since('blast chiller', $now - 7200, $now));
        self::assertGreaterThan(100, count($first));
        self::assertGreaterThan(-5, $first[0][2]);
        self::assertLessThan(-20, $first[count($first) - 1][2]);
        $day = 0;
        for ($from = $now - 2 * 86_400; ($some = $logger->since('freezer', $from, $now)) !== [];) {
            $from = $some[count($some) - 1][0];
            $day += count($some);
        }
        self::assertGreaterThan(2800, $day);
        self::assertLessThan(2880, $day);
        $before = $logger->air('freezer', $now + 600);
        $logger->door('freezer', 10, $now);
        self::assertGreaterThan($before + 4, $logger->air('freezer', $now + 600));
        $since = ['do' => 'since', 'channel' => 'freezer', 'after' => $now - 300];
        $answer = LoggerCommand::answer($logger, $since, $now);
        self::assertLessThan(65_536, strlen(json_encode($answer, JSON_THROW_ON_ERROR)));
        self::assertContains('freezer', LoggerCommand::answer($logger, [], $now)['channels']);
    }

    public function test_a_file_in_fahrenheit_out_of_order_and_twice_is_one_record_and_its_map_is_kept(): void
    {
        $lines = [
            'Date/Time,Chamber (°F)',
            '03/05/2026 4:10 PM,-10.0',
            '03/05/2026 4:00 PM,-9.4',
            '03/05/2026 4:00 PM,-9.4',
            '03/14/2026 4:00 PM,185',
        ];
        $preview = $this->api('POST', '/hold/logger-file', ['lines' => $lines])->assertOk();
        self::assertSame(['mdy', true, false], [
            $preview->json('map.dates'),
            $preview->json('map.fahrenheit'),
            $preview->json('known'),
        ]);
        self::assertSame('−23.3 °C', $preview->json('rows.0.air'));
        $body = ['header' => $lines[0], 'map' => $preview->json('map'), 'text' => implode("\r\n", $lines)];
        $act = self::id();
        $this->api('PUT', "/hold/places/{$this->blast}/file/{$act}", $body)
            ->assertOk()
            ->assertJson(['rows' => 4, 'new' => 2, 'refused' => 1]);
        $this->api('PUT', "/hold/places/{$this->blast}/file/{$act}", $body)->assertOk()->assertJson(['new' => 0]);
        $this->api('PUT', "/hold/places/{$this->blast}/file/".self::id(), $body)->assertOk()->assertJson(['new' => 0]);
        self::assertSame(
            [-230, -233],
            TemperatureReading::query()->orderBy('at_s')->pluck('tenths')->all(),
        );
        self::assertTrue($this->api('POST', '/hold/logger-file', ['lines' => $lines])->json('known'));
    }

    public function test_what_is_wrong_is_said_where_it_was_typed(): void
    {
        $this->place(self::id(), ['name' => 'Cold room'])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/name');
        $this->place(self::id(), ['name' => 'Warm', 'lowest' => '5', 'highest' => '0'])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/lowest');
        $this->place($this->coldRoom, ['name' => 'Cold room', 'version' => 7])->assertConflict();
        $this->api('PUT', "/hold/places/{$this->coldRoom}/readings/".self::id(), [
            'temperature' => ['typed' => '3'],
            'at' => '2027-01-01T10:00',
        ])->assertJsonPath('errors.0.pointer', '/at');
        $this->api('POST', '/hold/logger-file', ['lines' => ['name,price', 'hake,3']])
            ->assertOk()
            ->assertJsonPath('map', null);
        $this->actingAs($this->cutter);
        $this->place(self::id(), ['name' => 'Mine'])->assertForbidden();
        $this->read($this->coldRoom, '2.0');
    }

    public function test_every_reading_leaves_as_a_table(): void
    {
        $this->read($this->coldRoom, '-0.4');
        $table = $this->get('/api/hold/temperatures.csv')->streamedContent();
        self::assertStringContainsString("\"2026-03-06 08:00:00\",\"Cold room\",air,-0.4,typed,Head\r\n", $table);
    }
}
