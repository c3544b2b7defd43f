<?php

declare(strict_types=1);

namespace Tests\Feature\Kitchen;

use App\Kitchen\Moment;
use App\Kitchen\Settings;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Days and hours are the house's, wherever it stands and whatever its clock is set to that night. */
final class DaysTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->kitchen();
    }

    /** @return iterable<string, array{string, string, string, string}> zone, moment, kitchen day, clock on the wall */
    public static function moments(): iterable
    {
        foreach (['Europe/London', 'America/Los_Angeles', 'Pacific/Auckland', 'Asia/Kolkata'] as $zone) {
            $local = fn (string $wall): string => Carbon::parse($wall, $zone)->utc()->toIso8601ZuluString();
            yield "{$zone}, half past five in the afternoon" => [
                $zone,
                $local('2026-11-26 17:30'),
                '2026-11-26',
                '17:30',
            ];
            yield "{$zone}, an hour past midnight" => [$zone, $local('2026-11-27 01:00'), '2026-11-26', '01:00'];
            yield "{$zone}, four in the morning" => [$zone, $local('2026-11-27 04:00'), '2026-11-27', '04:00'];
            yield "{$zone}, new year's night" => [$zone, $local('2027-01-01 00:30'), '2026-12-31', '00:30'];
            yield "{$zone}, leap day" => [$zone, $local('2028-02-29 22:00'), '2028-02-29', '22:00'];
            yield "{$zone}, the night after leap day" => [$zone, $local('2028-03-01 02:00'), '2028-02-29', '02:00'];
        }
        yield 'London, the night of 23 hours' => ['Europe/London', '2027-03-28T01:30:00Z', '2027-03-27', '02:30'];
        yield 'London, the hour that comes twice' => ['Europe/London', '2027-10-31T00:30:00Z', '2027-10-30', '01:30'];
        yield 'London, the same hour again' => ['Europe/London', '2027-10-31T01:30:00Z', '2027-10-30', '01:30'];
        yield 'Los Angeles, the night of 23 hours' => [
            'America/Los_Angeles',
            '2027-03-14T10:30:00Z',
            '2027-03-13',
            '03:30',
        ];
        yield 'Los Angeles, the hour that comes twice, again' => [
            'America/Los_Angeles',
            '2027-11-07T09:30:00Z',
            '2027-11-06',
            '01:30',
        ];
        yield 'Auckland, the night of 23 hours' => [
            'Pacific/Auckland',
            '2027-09-25T14:30:00Z',
            '2027-09-25',
            '03:30',
        ];
    }

    #[DataProvider('moments')]
    public function test_today_and_the_clock_on_the_wall_are_the_houses(
        string $zone,
        string $at,
        string $day,
        string $wall,
    ): void {
        $this->in($zone, $at);
        self::assertSame($day, $this->api('GET', '/kitchen')->json('today'));
        $fish = $this->received();
        $dish = $this->dish();
        self::assertSame($wall, $this->api('GET', "/breakdown/fish/{$fish}")->json('readings.0.at'));
        self::assertStringEndsWith(
            ", {$wall}",
            strval($this->api('GET', "/breakdown/fish/{$fish}")->json('fish.received')),
        );
        $this->api('PUT', "/portion/tonight/{$dish}", ['need' => 12])->assertOk();
        self::assertSame($day, DB::table('wanted')->value('day'), 'a service past midnight belongs to its evening');
        self::assertMatchesRegularExpression('/Z$/', strval(DB::table('readings')->value('taken_at')));
    }

    /** @return array<string, array{string}> */
    public static function zones(): array
    {
        return [
            'eight behind' => ['America/Los_Angeles'],
            'at it' => ['Europe/London'],
            'ahead by half an hour too' => ['Asia/Kolkata'],
            'thirteen ahead' => ['Pacific/Auckland'],
        ];
    }

    #[DataProvider('zones')]
    public function test_a_tub_that_ends_today_is_good_until_the_kitchens_day_ends(string $zone): void
    {
        $noon = Carbon::parse('2026-11-26 12:00', $zone);
        $this->in($zone, $noon->utc()->toIso8601ZuluString());
        $this->routed();
        $tub = $this->api('GET', '/route/bins/stock')->json('deposits.0');
        $id = strval(data_get($tub, 'id'));
        $until = Carbon::parse(strval(DB::table('bin_deposits')->where('id', $id)->value('until')), $zone);
        $take = fn (): int => $this->api('PUT', '/route/bins/stock/out/'.self::id(), [
            'how' => 'meal',
            'deposit' => $id,
            'weight' => ['typed' => '10 g'],
        ])->getStatusCode();
        foreach (
            [
                $until->copy()->setTime(17, 30),
                $until->copy()->setTime(23, 59),
                $until->copy()->addDay()->setTime(1, 30),
                $until->copy()->addDay()->setTime(3, 59),
            ] as $still
        ) {
            Carbon::setTestNow($still);
            self::assertSame(200, $take(), "{$zone}, {$still}");
        }
        Carbon::setTestNow($until->copy()->addDay()->setTime(4, 0));
        self::assertSame(422, $take(), 'the day after');
    }

    public function test_what_is_cut_past_midnight_counts_from_its_evening(): void
    {
        $this->in('Europe/London', '2026-11-27T01:30:00Z');
        $this->routed();
        $late = DB::table('bin_deposits')->where('bin', 'stock')->value('until');
        Carbon::setTestNow('2026-11-27T11:00:00Z');
        $this->routed2();
        $next = DB::table('bin_deposits')->where('bin', 'stock')->orderByDesc('put_at')->value('until');
        self::assertSame('2026-11-27', $late, 'two days, counting the evening before');
        self::assertSame('2026-11-28', $next);
    }

    public function test_moments_are_kept_in_universal_time_and_read_on_the_houses_clock(): void
    {
        $this->in('America/Los_Angeles', '2026-11-27T01:30:00Z');
        $now = Settings::load()->now();
        self::assertSame('2026-11-26 17:30', $now->format('Y-m-d H:i'));
        self::assertSame('2026-11-27T01:30:00.000Z', Moment::written($now));
        self::assertSame('17:30', Moment::hour('2026-11-27T01:30:00.000Z'));
        self::assertSame('2026-11-26', Moment::date('2026-11-27T01:30:00.000Z'));
        self::assertSame('2026-11-26', Moment::date('2026-11-26'), 'a date stays the date it is');
    }

    public function test_a_day_may_end_at_midnight_where_the_house_says_so(): void
    {
        $this->in('Europe/London', '2026-11-27T00:30:00Z');
        $this->api('PUT', '/kitchen/settings/day_ends', ['value' => '0', 'was' => '4'])->assertOk();
        self::assertSame('2026-11-27', $this->api('GET', '/kitchen')->json('today'));
    }

    private function routed2(): void
    {
        DB::table('dishes')->update(['name' => 'Another dish']);
        $this->routed();
    }

    private function in(string $zone, string $at): void
    {
        Settings::store(['timezone' => $zone], null);
        Carbon::setTestNow(Carbon::parse($at));
    }
}
