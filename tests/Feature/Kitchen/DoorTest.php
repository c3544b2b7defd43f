<?php

declare(strict_types=1);

namespace Tests\Feature\Kitchen;

use App\Kitchen\Person;
use App\Kitchen\ShownToken;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Session\ArraySessionHandler;
use Illuminate\Session\Store;
use Illuminate\Session\TokenMismatchException;
use Tests\TestCase;

final class DoorTest extends TestCase
{
    private const SETUP = [
        'kitchen' => 'The Long Room',
        'name' => 'Ada',
        'pin' => '7391',
        'currency' => 'GBP',
        'units' => 'us',
    ];

    public function test_nothing_works_before_there_is_a_head_chef(): void
    {
        $this->api('GET', '/kitchen')->assertOk()->assertJsonPath('needs_setup', true)->assertJsonPath('me', null);
        $this->api('GET', '/breakdown')->assertForbidden();
        $this->api('POST', '/session', ['person' => self::id(), 'pin' => '1234'])->assertForbidden();
        $this->api('POST', '/kitchen/setup', self::SETUP)
            ->assertCreated()
            ->assertJsonPath('me.role', 'head chef')
            ->assertJsonPath('currency_sign', '£');
        $this->api('GET', '/breakdown')->assertOk();
        $this->api('POST', '/kitchen/setup', [...self::SETUP, 'name' => 'Eve'])->assertConflict();
        self::assertSame(1, Person::query()->count());
    }

    public function test_a_bad_first_run_says_what_is_missing_where_it_was_entered(): void
    {
        $errors = $this->api('POST', '/kitchen/setup', [
            'kitchen' => ' ',
            'name' => 'Ada',
            'pin' => '12',
            'currency' => 'euro',
            'units' => 'stone',
        ])
            ->assertStatus(422)
            ->json('errors');
        self::assertIsArray($errors);
        self::assertEqualsCanonicalizing(
            ['/kitchen', '/pin', '/currency', '/units'],
            array_column($errors, 'pointer'),
        );
    }

    public function test_one_signs_in_with_name_and_pin_and_out_again(): void
    {
        $this->kitchen();
        $this->api('DELETE', '/session')->assertOk()->assertJsonPath('me', null);
        $this->api('GET', '/breakdown')->assertUnauthorized();
        $this->api('POST', '/session', ['person' => $this->cutter->id, 'pin' => '1234'])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/pin');
        $this->api('POST', '/session', ['person' => $this->cutter->id, 'pin' => '4321'])
            ->assertOk()
            ->assertJsonPath('me.name', 'Cutter')
            ->assertJsonPath('me.sees_prices', false);
    }

    public function test_a_pin_is_not_guessed_ten_times(): void
    {
        $this->kitchen();
        $this->api('DELETE', '/session');
        $answers = [];
        for ($guess = 0; $guess < 10; $guess++) {
            $answers[] = $this->api('POST', '/session', [
                'person' => $this->chef->id,
                'pin' => (string) (5000 + $guess),
            ])->getStatusCode();
        }
        self::assertSame([422, 422, 422, 422, 422, 429, 429, 429, 429, 429], $answers);
        $this->api('POST', '/session', ['person' => $this->chef->id, 'pin' => '1234'])->assertStatus(429);
        $this->api('POST', '/session', ['person' => $this->cutter->id, 'pin' => '4321'])->assertOk();
    }

    public function test_pins_are_kept_as_hashes_and_shown_only_in_the_demo(): void
    {
        $this->kitchen();
        self::assertStringStartsWith('$2y$', $this->chef->pin_hash);
        $this->chef->update(['name' => 'Maren Osk']);
        self::assertNull($this->api('GET', '/kitchen')->json('people.0.demo_pin'));
        config(['sectum.demo' => true]);
        self::assertSame('2741', $this->api('GET', '/kitchen')->json('people.0.demo_pin'));
    }

    public function test_units_are_ones_own(): void
    {
        $this->kitchen();
        $fish = $this->received();
        self::assertSame('4210 g', $this->api('GET', "/breakdown/fish/{$fish}")->json('fish.whole.text'));
        $this->api('PUT', '/me/units', ['units' => 'us'])->assertOk();
        self::assertSame('9 lb 4.5 oz', $this->api('GET', "/breakdown/fish/{$fish}")->json('fish.whole.text'));
        $this->actingAs($this->cutter);
        self::assertSame('4210 g', $this->api('GET', "/breakdown/fish/{$fish}")->json('fish.whole.text'));
    }

    public function test_a_giant_body_and_what_is_no_json_are_refused(): void
    {
        $this->kitchen();
        $this->call(
            'POST',
            '/api/scale/pan',
            [],
            [],
            [],
            ['CONTENT_TYPE' => 'application/json'],
            str_repeat('x', 300_000),
        )->assertStatus(413);
        $this->call(
            'PUT',
            '/api/me/units',
            [],
            [],
            [],
            ['CONTENT_TYPE' => 'application/json'],
            '{"units":',
        )->assertStatus(400);
        $this->api('PUT', '/me/units', ['units' => 'us', 'grams' => true])
            ->assertStatus(422)
            ->assertJsonPath('errors.0.pointer', '/grams');
    }

    public function test_the_page_loads_nothing_from_elsewhere(): void
    {
        $page = $this->withoutVite()->get('/breakdown');
        $page->assertOk();
        self::assertStringContainsString(
            "default-src 'self'",
            (string) $page->headers->get('Content-Security-Policy'),
        );
    }

    public function test_a_page_is_sent_its_token_with_what_it_reads_and_when_it_changes(): void
    {
        $kitchen = $this->app ?? self::fail();
        $session = new Store('s', new ArraySessionHandler(10));
        $session->start();
        $ask = function (string $verb, ?string $token, bool $another = false) use ($kitchen, $session): ?string {
            $request = Request::create('/api/anything', $verb);
            $request->setLaravelSession($session);
            $token === null || $request->headers->set('X-CSRF-TOKEN', $token);
            $then = function () use ($another, $session): Response {
                $another && $session->regenerateToken();

                return new Response();
            };
            $answer = $kitchen->make(ShownToken::class)->handle($request, $then);

            return ($answer->headers->getCookies()[0] ?? null)?->getValue();
        };
        // As it is outside a test, where a token is asked for.
        $kitchen['env'] = 'local';
        try {
            self::assertSame($session->token(), $ask('GET', null));
            self::assertNull($ask('PUT', $session->token()));
            $before = $session->token();
            $sent = $ask('POST', $before, true);
            self::assertSame([true, $session->token()], [$before !== $sent, $sent]);
            self::assertNull($ask('PUT', $sent));
            $this->expectException(TokenMismatchException::class);
            $ask('PUT', $before);
        } finally {
            $kitchen['env'] = 'testing';
        }
    }
}
