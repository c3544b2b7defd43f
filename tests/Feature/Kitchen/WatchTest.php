<?php

declare(strict_types=1);

namespace Tests\Feature\Kitchen;

use App\Kitchen\Moment;
use App\Kitchen\Person;
use App\Kitchen\SignIn;
use App\Kitchen\Watch\LogLine;
use DateTimeImmutable;
use Illuminate\Database\QueryException;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Monolog\Level;
use Monolog\LogRecord;
use RuntimeException;
use Tests\AsksAtMost;
use Tests\TestCase;

/** What the house tells of itself: to monitors, in its log, and to the head chef; and whom it forgets. */
final class WatchTest extends TestCase
{
    use AsksAtMost;

    protected function setUp(): void
    {
        parent::setUp();
        $this->kitchen();
    }

    public function test_a_monitor_reads_figures_and_no_names(): void
    {
        $this->received();
        $said = $this->get('/status')->assertOk();
        $text = (string) $said->getContent();
        self::assertStringContainsString('version=0.0.4', (string) $said->headers->get('Content-Type'));
        self::assertStringContainsString("\nsectum_fish{stage=\"breakdown\"} 1\n", $text);
        self::assertStringContainsString("\nsectum_readings 1\n", $text);
        self::assertStringContainsString("\nsectum_people 2\n", $text);
        self::assertDoesNotMatchRegularExpression('/Head|Cutter|Hake|1234/', $text);
        // Every line is a comment or a metric with one number, and each metric is explained once.
        foreach (explode("\n", trim($text)) as $line) {
            self::assertMatchesRegularExpression(
                '/^(# (HELP|TYPE) sectum_\w+ .+|sectum_\w+(\{\w+="\w+"\})? -?[\d.e+]+)$/',
                $line,
            );
        }
        preg_match_all('/^# TYPE (\w+) gauge$/m', $text, $types);
        self::assertSame($types[1], array_values(array_unique($types[1])));
    }

    public function test_the_status_is_for_this_computer_or_for_who_has_the_token(): void
    {
        $this->get('/status', ['REMOTE_ADDR' => '127.0.0.1'])->assertOk();
        $this->call('GET', '/status', server: ['REMOTE_ADDR' => '192.168.1.20'])->assertForbidden();
        config(['sectum.status_token' => 'a long enough token']);
        $this->call('GET', '/status', server: ['REMOTE_ADDR' => '127.0.0.1'])->assertForbidden();
        $ask = fn (string $token) => $this->call('GET', '/status', server: [
            'REMOTE_ADDR' => '192.168.1.20',
            'HTTP_AUTHORIZATION' => "Bearer {$token}",
        ]);
        $ask('a long enough')->assertForbidden();
        $ask('a long enough token')->assertOk();
    }

    public function test_a_line_of_the_log_holds_no_name_and_no_pin(): void
    {
        $line = fn (string $message, array $context): string => (new LogLine())->format(
            new LogRecord(new DateTimeImmutable('2026-11-28T10:00:00Z'), 'kitchen', Level::Error, $message, $context),
        );
        $failure = new QueryException(
            'sqlite',
            'insert into people (name, pin_hash) values (?, ?)',
            ['Tobin Hale', '1180'],
            new RuntimeException('UNIQUE constraint failed: Tobin Hale'),
        );
        $said = $line($failure->getMessage(), ['exception' => $failure, 'userId' => '01HALE']);
        self::assertDoesNotMatchRegularExpression('/Tobin|Hale|1180/', $said);
        $read = json_decode($said, true);
        self::assertIsArray($read);
        self::assertSame('error', $read['level']);
        self::assertSame(QueryException::class, $read['message']);
        self::assertStringStartsWith('tests/Feature/Kitchen/WatchTest.php:', $read['where']);
        self::assertSame(1, substr_count($said, "\n"));
        self::assertSame(
            'The scale is away.',
            json_decode($line('The scale is away.', []), true)['message'] ?? null,
        );
    }

    public function test_the_head_chef_sees_who_did_what_and_finds_it(): void
    {
        Carbon::setTestNow('2026-11-26T22:30:00Z');
        $fish = $this->received();
        $this->actingAs($this->cutter);
        $this->weigh($fish, 'side-a', '1500 g')->assertOk();
        $this->boned($fish);
        $this->api('GET', '/kitchen/audit')->assertForbidden();
        $this->json('GET', '/api/kitchen/audit.csv')->assertForbidden();
        Carbon::setTestNow('2026-11-28T10:00:00Z');
        $this->actingAs($this->chef);
        $name = ['value' => 'The Long Room', 'was' => 'Our kitchen'];
        $this->api('PUT', '/kitchen/settings/kitchen', $name)->assertOk();
        $all = $this->api('GET', '/kitchen/audit')->assertOk();
        self::assertStringContainsString('The Long Room', (string) $all->json('rows.0.what'));
        self::assertSame('Head', $all->json('rows.0.who'));
        $his = $this->api('GET', "/kitchen/audit?person={$this->cutter->id}")->assertOk();
        self::assertSame(['Cutter'], array_values(array_unique((array) $his->json('rows.*.who'))));
        self::assertSame($fish, $his->json('rows.0.fish'));
        $pins = $this->api('GET', '/kitchen/audit?q=pin%20bones&from=2026-11-26&until=2026-11-26')->assertOk();
        self::assertCount(1, (array) $pins->json('rows'));
        $percent = $this->api('GET', '/kitchen/audit?q=%25')->json('rows');
        self::assertSame([], $percent, 'a percent sign is a percent sign');
        $this->api('GET', '/kitchen/audit?from=yesterday')->assertUnprocessable();
        $table = (string) $this->get('/api/kitchen/audit.csv?q=pin%20bones')->assertOk()->getContent();
        self::assertStringStartsWith("at,who,what,about\r\n", $table);
        self::assertSame(2, substr_count($table, "\r\n"));
        $this->assertAsksAtMost(8, fn () => $this->api('GET', '/kitchen/audit')->assertOk());
        Carbon::setTestNow();
    }

    public function test_the_audit_goes_on_page_by_page_and_nothing_comes_twice(): void
    {
        for ($i = 1; $i <= 120; $i++) {
            activity('house')->causedBy($this->chef)->log("Thing {$i}.");
        }
        $seen = [];
        $before = '';
        do {
            $page = $this->api('GET', "/kitchen/audit?before={$before}")->assertOk();
            array_push($seen, ...(array) $page->json('rows.*.what'));
            $before = $page->json('more');
        } while (is_string($before));
        self::assertSame(array_map(fn (int $i): string => "Thing {$i}.", range(120, 1)), $seen);
    }

    public function test_somebody_who_left_is_forgotten_by_name_and_the_ledger_stays_whole(): void
    {
        $this->cutter->update(['name' => 'Ambrose Quill']);
        $fish = $this->received();
        $this->actingAs($this->cutter);
        $this->weigh($fish, 'side-a', '1500 g')->assertOk();
        $this->boned($fish);
        $this->actingAs($this->chef);
        $path = "/kitchen/people/{$this->cutter->id}/anonymous";
        $this->api('PUT', $path)->assertConflict();
        $this->api('PUT', "/kitchen/people/{$this->cutter->id}/disabled", [
            'disabled' => true,
            'version' => $this->cutter->refresh()->version,
        ])->assertOk();
        $readings = DB::table('readings')->orderBy('seq')->get()->all();
        $bench = $this->api('GET', "/breakdown/fish/{$fish}")->json('keel');
        $this->actingAs($this->cutter);
        $this->json('PUT', "/api{$path}")->assertForbidden();
        $this->actingAs($this->chef);
        $this->api('PUT', $path)->assertOk();
        $this->api('PUT', $path)->assertOk();
        foreach (Schema::getTableListing(schemaQualified: false) as $table) {
            self::assertStringNotContainsString(
                'Quill',
                serialize(DB::table($table)->get()->all()),
                "{$table} still knows the name",
            );
        }
        self::assertEquals($readings, DB::table('readings')->orderBy('seq')->get()->all());
        self::assertSame($bench, $this->api('GET', "/breakdown/fish/{$fish}")->json('keel'));
        $one = Person::query()->findOrFail($this->cutter->id);
        self::assertSame('Former cook 1', $one->name);
        $audit = (string) $this->api('GET', '/kitchen/audit')->getContent();
        self::assertStringContainsString('Former cook 1', $audit);
        $this->api('PUT', '/kitchen/people/'.self::id().'/anonymous')->assertNotFound();
    }

    public function test_when_somebody_was_signed_in_is_known_for_as_long_as_the_page_says(): void
    {
        $kept = $this->api('GET', '/kitchen/people')->assertOk()->json('kept.sign_ins_days');
        $ended = fn (int $days): string => SignIn::query()->create([
            'person_id' => $this->cutter->id,
            'tablet' => 'a tablet',
            'began_at' => Moment::written(now()->subDays($days)->subHour()),
            'ended_at' => Moment::written(now()->subDays($days)),
        ])->id;
        [$old, $still] = [$ended($kept + 1), $ended($kept - 1)];
        $this->api('POST', '/session', ['person' => $this->chef->id, 'pin' => '1234'])->assertOk();
        self::assertFalse(SignIn::query()->whereKey($old)->exists());
        self::assertTrue(SignIn::query()->whereKey($still)->exists());
    }

    public function test_a_clock_that_is_wrong_by_a_year_is_said_and_nothing_is_forgotten_by_it(): void
    {
        $said = fn (): mixed => $this->api('GET', '/kitchen')->assertOk()->json('clock_doubt');
        self::assertNull($said(), 'nothing was ever weighed');
        $this->travelTo('2026-11-28 12:00:00');
        $this->received();
        self::assertNull($said());
        $this->travelTo('2026-12-27 12:00:00');
        self::assertNull($said(), 'a month of holidays');
        $ended = SignIn::query()->create([
            'person_id' => $this->cutter->id,
            'tablet' => 'a tablet',
            'began_at' => '2026-11-28T08:00:00.000Z',
            'ended_at' => '2026-11-28T09:00:00.000Z',
        ])->id;
        foreach (['2027-11-28 12:00:00' => '28 Nov 2027', '2025-11-28 12:00:00' => '28 Nov 2025'] as $clock => $says) {
            $this->travelTo($clock);
            self::assertStringContainsString($says, strval($said()));
            self::assertStringContainsString('28 Nov 2026', strval($said()));
            $this->api('POST', '/session', ['person' => $this->chef->id, 'pin' => '1234'])->assertOk();
            $kept = SignIn::query()->whereKey($ended)->exists();
            self::assertTrue($kept, 'its days are counted by a clock that is right');
        }
    }
}
