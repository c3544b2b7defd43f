<?php

declare(strict_types=1);

namespace Tests\Feature\Kitchen;

use App\Kitchen\Role;
use App\Kitchen\Tablets\Together;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\AsksAtMost;
use Tests\TestCase;

/** Several tablets: what one writes the others hear, who looks at the same fish is known, each has its board. */
final class TogetherTest extends TestCase
{
    use AsksAtMost;

    private string $here;

    private string $there;

    protected function setUp(): void
    {
        parent::setUp();
        $this->kitchen();
        [$this->here, $this->there] = [(string) Str::ulid(), (string) Str::ulid()];
    }

    private function looks(string $tab, string $at = '/log', ?int $since = null): TestResponse
    {
        return $this->api('PUT', "/here/{$tab}", ['at' => $at, 'since' => $since])->assertOk();
    }

    public function test_a_fish_somebody_else_wrote_about_is_named_and_ones_own_is_not(): void
    {
        $fish = $this->received();
        $since = $this->looks($this->here)->assertJson(['everything' => false, 'fish' => []])->json('n');
        $this->withHeader('X-Sectum-Tab', $this->there);
        $this->weigh($fish, 'head', '650 g')->assertOk();
        $heard = $this->looks($this->here, since: $since)->json();
        self::assertSame([[$fish], false], [$heard['fish'], $heard['everything']]);
        self::assertGreaterThan($since, $heard['n']);
        $this->looks($this->there, since: $since)->assertJson(['fish' => [], 'everything' => false]);
        $this->looks($this->here, since: $heard['n'])->assertJson(['fish' => [], 'everything' => false]);
    }

    public function test_what_is_no_fish_concerns_everything_and_a_look_or_a_refused_write_nothing(): void
    {
        $fish = $this->received();
        $since = $this->looks($this->here)->json('n');
        $this->api('GET', "/breakdown/fish/{$fish}")->assertOk();
        $this->weigh($fish, 'head', 'much')->assertStatus(422);
        self::assertSame($since, $this->looks($this->here, since: $since)->json('n'));
        $this->api('PUT', '/kitchen/settings/tax_pct', ['value' => '11', 'was' => '10']);
        $this->looks($this->here, since: $since)->assertJson(['everything' => true, 'fish' => []]);
    }

    public function test_whoever_was_away_too_long_or_asks_of_another_beginning_looks_at_everything(): void
    {
        $fish = $this->received();
        $since = $this->looks($this->here)->json('n');
        for ($i = 0; $i < 201; $i++) {
            Together::written("/api/breakdown/fish/{$fish}/readings", $this->there);
        }
        $this->looks($this->here, since: $since)->assertJson(['everything' => true]);
        $this->looks($this->here, since: $since + 1)->assertJson(['everything' => false, 'fish' => [$fish]]);
        $this->looks($this->here, since: $since + 5000)->assertJson(['everything' => true]);
    }

    public function test_others_at_the_same_fish_are_named_until_they_leave_or_fall_silent(): void
    {
        $fish = $this->received();
        $this->looks($this->here, "/breakdown/{$fish}")->assertJson(['with' => []]);
        $this->actingAs($this->cutter);
        $this->looks($this->there, "/portion/{$fish}")->assertJson(['with' => ['Head']]);
        $this->looks($this->there, '/portion')->assertJson(['with' => []]);
        $this->looks($this->there, "/portion/{$fish}")->assertJson(['with' => ['Head']]);
        $this->travel(7)->seconds();
        $this->looks($this->there, "/portion/{$fish}")->assertJson(['with' => []]);
        // The same person on two tablets is nobody else.
        $this->looks((string) Str::ulid(), "/breakdown/{$fish}")->assertJson(['with' => []]);
    }

    public function test_a_look_a_second_asks_the_database_as_good_as_nothing(): void
    {
        $this->received();
        $this->assertAsksAtMost(4, fn () => $this->looks($this->here));
    }

    public function test_a_tablet_stands_at_one_of_two_boards_once_there_are_two(): void
    {
        self::assertSame([['board' => 'a', 'here' => true]], $this->api('GET', '/kitchen')->json('boards'));
        $this->api('PUT', '/tablet/board', ['board' => 'b'])->assertJsonPath('errors.0.pointer', '/board');
        $this->api('PUT', '/tablet/board', ['board' => 'c'])->assertStatus(422);
        $this->api('PUT', '/kitchen/settings/scale_b_at', ['value' => 'scale-b.kitchen:8417', 'was' => ''])
            ->assertOk();
        $chosen = $this->api('PUT', '/tablet/board', ['board' => 'b'])->assertOk();
        self::assertSame(
            [['board' => 'a', 'here' => false], ['board' => 'b', 'here' => true]],
            $chosen->json('boards'),
        );
        $chosen->assertCookie('sectum_board', 'b');
    }

    public function test_a_trainee_at_the_bench_hears_what_the_others_write(): void
    {
        $fish = $this->received();
        $this->cutter->update(['role' => Role::Trainee]);
        $this->actingAs($this->cutter->refresh());
        $since = $this->looks($this->here)->json('n');
        $this->actingAs($this->chef);
        $this->withHeader('X-Sectum-Tab', $this->there);
        $this->weigh($fish, 'head', '650 g')->assertOk();
        $this->actingAs($this->cutter);
        $this->looks($this->here, since: $since)->assertJson(['fish' => [$fish]]);
    }
}
