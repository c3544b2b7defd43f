<?php

declare(strict_types=1);

namespace Tests\Feature\Kitchen;

use App\Kitchen\Person;
use App\Kitchen\PinTry;
use App\Kitchen\SignIn;
use Carbon\CarbonImmutable;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** Who works here, and what a PIN opens. */
final class PeopleTest extends TestCase
{
    private const PIN = '739182';

    protected function setUp(): void
    {
        parent::setUp();
        $this->kitchen();
    }

    public function test_somebody_joins_is_renamed_becomes_head_chef_and_is_disabled(): void
    {
        $id = self::id();
        $new = ['name' => 'Ines', 'role' => 'cutter', 'pin' => self::PIN];
        $this->api('PUT', "/kitchen/people/{$id}", $new)
            ->assertOk()
            ->assertJsonPath('people.2.name', 'Ines')
            ->assertJsonPath('people.2.signed_in', null);
        $this->api('PUT', "/kitchen/people/{$id}", ['name' => 'Inés', 'role' => 'head chef', 'version' => 1])
            ->assertOk()
            ->assertJsonPath('people.2.version', 2);
        $this->api('PUT', "/kitchen/people/{$id}", [
            'name' => 'Ina',
            'role' => 'cutter',
            'version' => 1,
        ])->assertConflict();
        $this->api('PUT', "/kitchen/people/{$id}/disabled", ['disabled' => true, 'version' => 2])
            ->assertOk()
            ->assertJsonPath('people.2.disabled', true);
        self::assertNotContains(
            'Inés',
            (array) $this->api('GET', '/kitchen')->json('people.*.name'),
            'not on the sign-in page',
        );
        $this->api('POST', '/session', ['person' => $id, 'pin' => self::PIN])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/person');
        self::assertSame(3, Person::query()->count(), 'nobody is deleted');
    }

    public function test_somebody_added_twice_is_one_person_and_another_under_that_id_is_a_conflict(): void
    {
        $id = self::id();
        $new = ['name' => 'Ines', 'role' => 'cutter', 'pin' => self::PIN];
        $this->api('PUT', "/kitchen/people/{$id}", $new)->assertOk();
        $this->api('PUT', '/kitchen/people/'.strtolower($id), $new)->assertOk();
        $this->api('PUT', "/kitchen/people/{$id}", [...$new, 'name' => 'Ben'])->assertConflict();
        self::assertSame(['Ines'], Person::query()->whereKey($id)->pluck('name')->all());
        self::assertSame(3, Person::query()->count());
    }

    public function test_a_kitchen_keeps_a_head_chef(): void
    {
        $this->api('PUT', "/kitchen/people/{$this->chef->id}", ['name' => 'Head', 'role' => 'cutter', 'version' => 1])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/role');
        $this->api('PUT', "/kitchen/people/{$this->chef->id}/disabled", [
            'disabled' => true,
            'version' => 1,
        ])->assertStatus(422);
        $this->api('PUT', '/kitchen/people/'.self::id(), ['name' => 'hEAD', 'role' => 'cutter', 'pin' => self::PIN])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/name');
        $this->api('PUT', '/kitchen/people/'.self::id(), ['name' => 'Ines', 'role' => 'cutter'])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/pin');
        $this->actingAs($this->cutter);
        $this->api('GET', '/kitchen/people')->assertForbidden();
        $this->api('PUT', "/kitchen/people/{$this->cutter->id}", [
            'name' => 'Cutter',
            'role' => 'head chef',
            'version' => 1,
        ])->assertForbidden();
    }

    /** @return array<string, array{string}> */
    public static function obvious(): array
    {
        return array_combine(
            $pins = ['1111', '1234', '8765', '012345', '1212', '454545', '123123', '1984', '2026', '00000000'],
            array_map(fn (string $pin): array => [$pin], $pins),
        );
    }

    #[DataProvider('obvious')]
    public function test_a_pin_anybody_would_try_first_is_refused(string $pin): void
    {
        $this->api('PUT', '/kitchen/people/'.self::id(), ['name' => 'Ines', 'role' => 'cutter', 'pin' => $pin])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/pin');
        $this->api('PUT', '/me/pin', ['pin' => '1234', 'new_pin' => $pin])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/new_pin');
    }

    public function test_ones_own_pin_changes_and_ends_what_the_old_one_opened(): void
    {
        $here = SignIn::query()->latest('id')->firstOrFail();
        $elsewhere = SignIn::query()->create(['person_id' => $this->chef->id, 'began_at' => '2026-01-01T00:00:00Z']);
        $this->api('PUT', '/me/pin', ['pin' => '9999', 'new_pin' => self::PIN])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/pin');
        $this->api('PUT', '/me/pin', ['pin' => '1234', 'new_pin' => self::PIN])->assertOk();
        self::assertNull($here->refresh()->ended_at);
        self::assertNotNull($elsewhere->refresh()->ended_at);
        $this->withSession([SignIn::KEPT => $elsewhere->id])
            ->api('GET', '/breakdown')
            ->assertUnauthorized();
    }

    public function test_a_session_ends_with_the_sign_out_and_its_cookie_opens_nothing_any_more(): void
    {
        $kept = SignIn::query()->latest('id')->firstOrFail();
        $this->api('GET', '/breakdown')->assertOk();
        $kept->update(['ended_at' => '2026-01-01T00:00:00Z']);
        $this->withSession([SignIn::KEPT => $kept->id])
            ->api('GET', '/cost')
            ->assertUnauthorized();
        $this->withSession([SignIn::KEPT => $kept->id])
            ->api('GET', '/kitchen')
            ->assertOk()
            ->assertJsonPath('me', null);
    }

    public function test_wrong_pins_from_anywhere_never_shut_a_known_tablet_out(): void
    {
        Carbon::setTestNow('2026-11-26T12:00:00Z');
        $tablet = $this->api('POST', '/session', ['person' => $this->chef->id, 'pin' => '1234'])
            ->assertOk()
            ->getCookie('sectum_tablet')
            ?->getValue();
        self::assertIsString($tablet);
        $this->api('DELETE', '/session')->assertOk();
        foreach (['10.0.0.1', '10.0.0.2', '10.0.0.3'] as $address) {
            for ($guess = 0; $guess < 6; $guess++) {
                $this->from4($address, (string) (5000 + $guess));
            }
        }
        self::assertSame(
            429,
            $this->from4('10.0.0.4', '1234'),
            'the right PIN from nowhere waits with the wrong ones',
        );
        $this->withCredentials()
            ->withCookie('sectum_tablet', $tablet)
            ->api('POST', '/session', ['person' => $this->chef->id, 'pin' => '1234'])
            ->assertOk();
    }

    public function test_a_known_tablet_waits_a_minute_at_most_and_others_a_quarter_of_an_hour(): void
    {
        Carbon::setTestNow($now = Carbon::parse('2026-11-26T12:00:00Z'));
        $longest = ['known' => 0, 'unknown' => 0];
        $known = self::id();
        SignIn::query()->create([
            'person_id' => $this->cutter->id,
            'tablet' => $known,
            'began_at' => '2026-11-20T00:00:00Z',
        ]);
        foreach (['known' => $known, 'unknown' => null] as $kind => $tablet) {
            for ($guess = 0; $guess < 14; $guess++) {
                do {
                    $answer = $this->withCredentials()
                        ->withCookies($tablet === null ? [] : ['sectum_tablet' => $tablet])
                        ->api('POST', '/session', ['person' => $this->cutter->id, 'pin' => '5000']);
                    $wait = (int) $answer->headers->get('Retry-After');
                    self::assertSame($answer->json('retry_after_s') ?? 0, $wait);
                    $longest[$kind] = max($longest[$kind], $wait);
                    Carbon::setTestNow($now = $now->addSeconds($wait));
                } while ($answer->getStatusCode() === 429);
            }
            $this->unencryptedCookies = $this->defaultCookies = [];
        }
        self::assertSame(['known' => 60, 'unknown' => 900], $longest);
        $this->actingAs($this->chef);
        $shown = $this->api('GET', '/kitchen/people')->assertOk();
        self::assertSame(28, $shown->json('people.1.wrong'));
        self::assertSame([true, false], [$shown->json('wrong.19.known'), $shown->json('wrong.0.known')]);
    }

    public function test_a_tablet_that_somebody_signs_in_on_is_not_known_to_anybody_else(): void
    {
        $now = CarbonImmutable::parse('2026-11-26T12:00:00Z');
        $looked = 0;
        for ($end = $now->addDay(); $now < $end; $now = $now->addSeconds(5)) {
            Carbon::setTestNow($now);
            // Each time a new tablet: signed in as a cutter without a cookie.
            $this->unencryptedCookies = $this->defaultCookies = [];
            $tablet = self::id();
            SignIn::query()->create([
                'person_id' => $this->cutter->id,
                'tablet' => $tablet,
                'began_at' => '2026-11-26T12:00:00Z',
            ]);
            $answer = $this->withCredentials()
                ->withCookies(['sectum_tablet' => $tablet])
                ->api('POST', '/session', ['person' => $this->chef->id, 'pin' => '5000']);
            $answer->getStatusCode() === 429
                ? ($now = $now->addSeconds((int) $answer->json('retry_after_s')))
                : $looked++;
        }
        self::assertLessThanOrEqual(105, $looked, 'tries a day, whoever tries them and at however many tablets');
        self::assertGreaterThan(90, $looked);
        $this->actingAs($this->chef);
        self::assertSame(
            ['code' => 'wrong-pins', 'values' => ['name' => 'Head', 'count' => $looked]],
            $this->api('GET', '/plan/today')->assertOk()->json('says.0'),
        );
        $this->actingAs($this->cutter);
        $says = (array) $this->api('GET', '/plan/today')->json('says');
        self::assertNotContains('wrong-pins', array_column($says, 'code'));
    }

    public function test_also_a_known_tablet_is_kind_only_so_often_a_day(): void
    {
        $now = CarbonImmutable::parse('2026-11-26T12:00:00Z');
        $tablet = self::id();
        SignIn::query()->create([
            'person_id' => $this->chef->id,
            'tablet' => $tablet,
            'began_at' => '2026-11-20T00:00:00Z',
        ]);
        $looked = 0;
        for ($end = $now->addDay(); $now < $end; $now = $now->addSeconds(5)) {
            Carbon::setTestNow($now);
            $answer = $this->withCredentials()
                ->withCookies(['sectum_tablet' => $tablet])
                ->api('POST', '/session', ['person' => $this->chef->id, 'pin' => '5000']);
            $answer->getStatusCode() === 429
                ? ($now = $now->addSeconds((int) $answer->json('retry_after_s')))
                : $looked++;
        }
        self::assertLessThanOrEqual(140, $looked);
        self::assertGreaterThan(90, $looked);
    }

    public function test_a_pin_may_be_longer_or_a_phrase(): void
    {
        foreach (['739182640517', 'two brill and a lemon'] as $pin) {
            $this->api('PUT', '/me/pin', ['pin' => $old ?? '1234', 'new_pin' => $pin])->assertOk();
            $this->api('POST', '/session', ['person' => $this->chef->id, 'pin' => $pin])->assertOk();
            $old = $pin;
        }
        foreach (['phrase', ' two brill and a lemon', 'aaaaaaaaaaaaa', '111111111111'] as $bad) {
            $this->api('PUT', '/me/pin', ['pin' => $old, 'new_pin' => $bad])
                ->assertStatus(422)
                ->assertJsonPath('errors.0.pointer', '/new_pin');
        }
    }

    public function test_a_guess_counts_before_it_is_looked_at(): void
    {
        $seen = null;
        PinTry::created(function () use (&$seen): void {
            $seen = PinTry::query()->where('failed', true)->count();
        });
        $this->api('POST', '/session', ['person' => $this->cutter->id, 'pin' => '4321'])->assertOk();
        self::assertSame(1, $seen);
        self::assertSame(0, PinTry::query()->where('failed', true)->count());
    }

    public function test_single_letters_are_switched_off_for_oneself(): void
    {
        $this->api('PUT', '/me/hands-free', ['on' => true])->assertOk()->assertJsonPath('me.hands_free', true);
        $this->api('PUT', '/me/shortcuts', ['on' => false])
            ->assertOk()
            ->assertJsonPath('me.shortcuts', false);
        $this->actingAs($this->cutter);
        self::assertTrue($this->api('GET', '/kitchen')->json('me.shortcuts'));
    }

    public function test_a_new_pin_on_the_kitchen_computer_itself(): void
    {
        $database = sys_get_temp_dir().'/sectum-pin-'.Str::random(8).'.sqlite';
        touch($database);
        $run = fn (array $words, ?string $input = null): Process => tap(
            new Process(
                ['php', 'artisan', ...$words],
                base_path(),
                ['DB_DATABASE' => $database, 'APP_ENV' => 'production'],
                $input,
            ),
        )->run();
        $run(['migrate', '--force', '--quiet']);
        $add =
            "App\\Kitchen\\Person::query()->create(['name' => 'Ada', 'role' => 'head chef', 'units' => 'metric', ".
                "'pin_hash' => 'x', 'disabled_at' => '2026-01-01T00:00:00Z']);";
        $boot =
            "require 'vendor/autoload.php'; (require ".
                "'bootstrap/app.php')->make(Illuminate\\Contracts\\Console\\Kernel::class)->bootstrap();";
        (new Process(['php', '-r', $boot.$add], base_path(), ['DB_DATABASE' => $database]))->mustRun();
        self::assertSame(2, $run(['sectum:pin', 'Eve'], '739182')->getExitCode());
        self::assertSame(2, $run(['sectum:pin', 'Ada'], '1234')->getExitCode());
        $done = $run(['sectum:pin', 'Ada'], "739182\n");
        self::assertSame(0, $done->getExitCode(), $done->getOutput().$done->getErrorOutput());
        $row = (new \PDO("sqlite:{$database}"))
            ->query('select pin_hash, disabled_at from people')
            ?->fetch(\PDO::FETCH_NUM);
        self::assertIsArray($row);
        self::assertTrue(password_verify('739182', strval($row[0])));
        self::assertNull($row[1]);
        array_map(unlink(...), glob("{$database}*") ?: []);
    }

    private function from4(string $address, string $pin): int
    {
        return $this->withServerVariables(['REMOTE_ADDR' => $address])
            ->api('POST', '/session', ['person' => $this->chef->id, 'pin' => $pin])
            ->getStatusCode();
    }
}
